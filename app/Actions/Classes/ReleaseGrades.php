<?php

declare(strict_types=1);

namespace App\Actions\Classes;

use App\Exceptions\WorkRefused;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\Record;
use App\Models\User;
use App\Services\ExamGate;
use Illuminate\Support\Facades\DB;

/**
 * Shows a class its marks, or one person theirs, and takes them back; not while anybody is still in the exam, who would see a
 * neighbour's plan.
 */
final class ReleaseGrades
{
    public function execute(Assignment $assignment, User $who): void
    {
        DB::transaction(function () use ($assignment, $who): void {
            // Writing first waits its turn, so that nobody begins in between.
            $assignment->touch();
            self::refuseWhileOpen($assignment);
            if ($assignment->released_at === null) {
                Record::add('release', $assignment, $who);
            }
            $assignment->update(['released_at' => $assignment->released_at ?? now()]);
        });
    }

    public function toOne(Attempt $attempt, User $who): void
    {
        DB::transaction(function () use ($attempt, $who): void {
            $attempt->claim();
            if ($attempt->handed_in_at === null) {
                throw WorkRefused::because(['attempt' => __('messages.not-handed-in')]);
            }
            self::refuseWhileOpen($attempt->assignment);
            if ($attempt->released_at === null) {
                Record::add('release', $attempt, $who);
            }
            $attempt->update(['released_at' => $attempt->released_at ?? now()]);
        });
    }

    public function takeBack(Assignment|Attempt $released, User $who): void
    {
        DB::transaction(function () use ($released, $who): void {
            $released->touch();
            if ($released->refresh()->released_at !== null) {
                Record::add('take-back', $released, $who);
                $released->update(['released_at' => null]);
            }
        });
    }

    private static function refuseWhileOpen(Assignment $assignment): void
    {
        $attempts = $assignment->attempts()->with(['assignment.boardFile', 'trainee'])->get();
        $inIt = $attempts->filter(ExamGate::isOpen(...));
        if ($inIt->isNotEmpty()) {
            $names = $inIt->map(fn ($attempt) => $attempt->trainee->name)->implode(', ');
            throw WorkRefused::because(['assignment' => trans_choice(
                'messages.still-in-exam',
                $inIt->count(),
                ['names' => $names],
            )]);
        }
    }
}
