<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Actions\People\MoveTrainee;
use App\Http\Controllers\Controller;
use App\Models\Classroom;
use App\Models\User;
use Illuminate\Http\Response;

final class MoveTraineeController extends Controller
{
    /** From one class to another, both of which the asker teaches. */
    public function update(Classroom $classroom, User $trainee, Classroom $other, MoveTrainee $change): Response
    {
        $this->authorize('update', $classroom);
        $this->authorize('update', $other);
        // Back into the class that they left; anywhere else only from one that they are in.
        $this->authorize($other->is($classroom) ? 'takeBack' : 'update', $trainee);
        $change->execute($trainee, $classroom, $other);

        return response()->noContent();
    }
}
