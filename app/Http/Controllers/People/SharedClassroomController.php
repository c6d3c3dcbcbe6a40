<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Controllers\Controller;
use App\Models\Classroom;
use App\Models\User;
use Illuminate\Http\Response;

/** A class that another instructor teaches too. */
final class SharedClassroomController extends Controller
{
    public function update(Classroom $classroom, User $instructor): Response
    {
        $this->authorize('share', $classroom);
        abort_unless($instructor->isInstructor() && $instructor->id !== $classroom->instructor_id, 404);
        $classroom->sharedWith()->syncWithoutDetaching([$instructor->id]);

        return response()->noContent();
    }

    public function destroy(Classroom $classroom, User $instructor): Response
    {
        $this->authorize('share', $classroom);
        $classroom->sharedWith()->detach($instructor->id);

        return response()->noContent();
    }
}
