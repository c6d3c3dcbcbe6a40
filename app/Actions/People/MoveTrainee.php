<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\Classroom;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Moves a trainee from one class to another; their work stays where it was set. */
final class MoveTrainee
{
    public function execute(User $trainee, Classroom $from, Classroom $to): void
    {
        DB::transaction(function () use ($trainee, $from, $to): void {
            $from->letGo($trainee);
            $to->takeIn($trainee);
        });
    }
}
