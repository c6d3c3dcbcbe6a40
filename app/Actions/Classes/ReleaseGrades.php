<?php

declare(strict_types=1);

namespace App\Actions\Classes;

use App\Models\Assignment;
use App\Models\Record;
use App\Models\User;
use App\Queries\Sitting\StillInExam;
use Illuminate\Support\Facades\DB;

/** Shows a class its marks; not while anybody is still in the exam. */
final class ReleaseGrades
{
    public function execute(Assignment $assignment, User $who): void
    {
        DB::transaction(function () use ($assignment, $who): void {
            // Writing first waits its turn, so that nobody begins in between.
            $assignment->touch();
            StillInExam::refuse($assignment);
            if ($assignment->released_at === null) {
                Record::add('release', $assignment, $who);
            }
            $assignment->update(['released_at' => $assignment->released_at ?? now()]);
        });
    }
}
