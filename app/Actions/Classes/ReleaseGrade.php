<?php

declare(strict_types=1);

namespace App\Actions\Classes;

use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use App\Models\Record;
use App\Models\User;
use App\Queries\Sitting\StillInExam;
use Illuminate\Support\Facades\DB;

/** Shows one person their mark; not while anybody is still in the exam. */
final class ReleaseGrade
{
    public function execute(Attempt $attempt, User $who): void
    {
        DB::transaction(function () use ($attempt, $who): void {
            $attempt->claim();
            if ($attempt->handed_in_at === null) {
                throw WorkRefused::because(['attempt' => __('messages.not-handed-in')]);
            }
            StillInExam::refuse($attempt->assignment);
            if ($attempt->released_at === null) {
                Record::add('release', $attempt, $who);
            }
            $attempt->update(['released_at' => $attempt->released_at ?? now()]);
        });
    }
}
