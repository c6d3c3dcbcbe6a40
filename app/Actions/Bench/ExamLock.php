<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\Record;
use App\Models\User;

/**
 * Which exam holds a trainee: while it does, the trainee's other work stays closed, other exams among it.
 *
 * An exam is held from its beginning until the time is up, the last try is handed in, the trainee says that no further try is
 * wanted, or the marks are out. Of two that were begun at the same moment the first one holds. This is the one place that says so.
 */
final class ExamLock
{
    public static function isOpen(Attempt $attempt): bool
    {
        if (
            ! $attempt->assignment->isExam()
            || $attempt->started_at === null
            || $attempt->finished_at !== null
            || $attempt->withdrawn_at !== null
            || $attempt->isReleased()
        ) {
            return false;
        }

        return ! ($attempt->dueAt()?->isPast() ?? false) && ($attempt->handed_in_at === null || $attempt->triesLeft() > 0);
    }

    /**
     * Starts the clock of work that was not begun yet; called inside the transaction that has claimed the attempt.
     *
     * @return string|null why it may not begin: key of a message
     */
    public static function begin(Attempt $attempt): ?string
    {
        $isExam = $attempt->assignment->isExam();

        $refusal = match (true) {
            $attempt->started_at !== null || ! $isExam => null,
            $attempt->withdrawn_at !== null => 'withdrawn',
            $attempt->assignment->held_at !== null => 'not-open-yet',
            $attempt->assignment->closed_at !== null => 'sitting-closed',
            self::isHeld($attempt) => 'exam-open',
            $attempt->isReleased() && ! $attempt->assignment->isTrial() => 'marks-are-out',
            default => null,
        };
        if ($refusal === null) {
            if ($isExam && $attempt->started_at === null) {
                Record::add('begin', $attempt, $attempt->trainee);
            }
            $attempt->update(['started_at' => $attempt->started_at ?? now()]);
        }

        return $refusal;
    }

    /** Whether another exam closes an attempt to its trainee. */
    public static function isHeld(Attempt $attempt): bool
    {
        $holding = self::holding($attempt->trainee_id);

        return $holding !== null && $holding->id !== $attempt->id;
    }

    /** Whether somebody is in an exam. */
    public static function holds(User $person): bool
    {
        return self::holding($person->id) !== null;
    }

    private static function holding(int $person): ?Attempt
    {
        /** @var \Illuminate\Database\Eloquent\Collection<int, Attempt> $begun */
        $begun = Attempt::query()->with('assignment.boardFile')
            ->where('trainee_id', $person)
            ->whereNotNull('started_at')
            ->whereNull('finished_at')
            ->whereIn('assignment_id', Assignment::query()->where('mode', 'exam')->whereNull('released_at')->select('id'))
            ->orderBy('started_at')->orderBy('id')->get();

        return $begun->first(self::isOpen(...));
    }
}
