<?php

declare(strict_types=1);

namespace App\Actions\Classes;

use App\Exceptions\WorkRefused;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\Evening;
use App\Models\Record;
use App\Models\StepDecision;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Takes back what was set, until somebody has begun; who did it stays on record. An evening it was set from can be set again. */
final class TakeBackSetting
{
    /** Refuses if somebody has begun. */
    public function execute(Assignment $assignment, User $who): void
    {
        DB::transaction(function () use ($assignment, $who): void {
            // Writing first waits its turn, so that nobody begins in between.
            $assignment->touch();
            $begun = $assignment->attempts()->with('trainee')->where(
                fn ($work) => $work->whereNotNull('started_at')->orWhereNotNull('handed_in_at')->orWhere('tries', '>', 0),
            )->get();
            if ($begun->isNotEmpty()) {
                throw WorkRefused::because(['assignment' => trans_choice('messages.begun-already', $begun->count(), [
                    'names' => $begun->map(fn (Attempt $attempt) => $attempt->trainee->name)->implode(', '),
                ])]);
            }
            Record::add('take-back-setting', $assignment, $who, [
                'title' => $assignment->title(), 'seats' => $assignment->attempts()->count(),
            ]);
            foreach (['assignment_id', 'retest_assignment_id'] as $field) {
                Evening::query()->where($field, $assignment->id)->update([$field => null]);
            }
            foreach ($assignment->attempts()->get() as $attempt) {
                // What was refused before the clock ran is all that there can be.
                StepDecision::query()->whereIn('step_id', $attempt->steps()->select('id'))->delete();
                $attempt->steps()->delete();
                $attempt->delete();
            }
            $assignment->delete();
        });
    }
}
