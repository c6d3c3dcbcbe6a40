<?php

declare(strict_types=1);

namespace App\Services;

use App\Exceptions\WorkRefused;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\Classroom;
use App\Models\Record;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Zwindle\Exam\Sitting\SittingState;

/**
 * Whether somebody may work on an attempt now, and what an exam that is open closes to them. This is the one place that says so: every
 * way to change anything asks `refusal`, and every address is closed in an exam unless `OPEN` lists it.
 *
 * An exam is open from its beginning until the time is up, the last try is handed in, the trainee says that no further try is
 * wanted, or the marks are out. Of two that were begun at the same moment the first one holds.
 */
final class ExamGate
{
    /** What stays open to somebody in an exam; where an attempt is named, only the exam itself. */
    public const OPEN = [
        'DELETE session',
        'GET attempts',
        'GET attempts/{attempt}',
        'POST attempts/{attempt}/begin',
        'POST attempts/{attempt}/steps',
        'POST attempts/{attempt}/refused',
        'POST attempts/{attempt}/hand-in',
        'POST attempts/{attempt}/time-up',
        'POST attempts/{attempt}/retry',
        'POST attempts/{attempt}/finish',
        'GET attempts/{attempt}/clock',
        'PUT attempts/{attempt}/clock',
        'GET attempts/{attempt}/questions',
        'PUT attempts/{attempt}/answers',
        'GET attempts/{attempt}/test',
        'GET attempts/{attempt}/photographs',
        'POST attempts/{attempt}/photographs',
        'GET attempts/{attempt}/photographs/{photograph}',
        'DELETE attempts/{attempt}/photographs/{photograph}',
        'GET attempts/{attempt}/diagnosis',
        'POST attempts/{attempt}/diagnosis',
        'GET attempts/{attempt}/proof',
        'POST attempts/{attempt}/proof',
        'POST attempts/{attempt}/proof/acts',
        'GET attempts/{attempt}/proof/sheet',
        'GET attempts/{attempt}/proof/walk',
    ];

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
     * Why nothing of it can be changed now; called inside the transaction that has claimed the attempt. Work that may be begun is begun
     * by it.
     *
     * @return string|null key of a message: `withdrawn`, `paused`, `after-hand-in`, `late` or why it may not begin
     */
    public static function refusal(Attempt $attempt): ?string
    {
        return self::begin($attempt) ?? match (true) {
            $attempt->sittingState() === SittingState::Withdrawn => 'withdrawn',
            $attempt->sittingState() === SittingState::HandedIn => 'after-hand-in',
            $attempt->sittingState() === SittingState::Paused => 'paused',
            $attempt->dueAt()?->isPast() ?? false => 'late',
            default => null,
        };
    }

    /**
     * The same for work that goes on after the hand-in where nothing is graded: a board that is practised on is tested and tried at will.
     */
    public static function refusalOfTesting(Attempt $attempt): ?string
    {
        $refusal = self::refusal($attempt);

        return in_array($refusal, ['after-hand-in', 'late'], true) && ! $attempt->assignment->isGraded() ? null : $refusal;
    }

    /** @throws WorkRefused that says so at a field of the request */
    public static function refuse(?string $refusal, string $field): void
    {
        $refusal === null || throw WorkRefused::because([$field => __("messages.$refusal")]);
    }

    /**
     * Starts the clock of work that was not begun yet; called inside the transaction that has claimed the attempt.
     *
     * @param  User|null  $by  who starts it for them; null: they begin themselves
     * @return string|null why it may not begin: key of a message
     */
    public static function begin(Attempt $attempt, ?User $by = null): ?string
    {
        if ($attempt->started_at !== null) {
            return null;
        }
        $isExam = $attempt->assignment->isExam();
        $refusal = self::goneFrom($attempt) ?? ($isExam ? self::shutTo($attempt) : null);
        if ($refusal === null) {
            if ($isExam && $by === null) {
                Record::add('begin', $attempt, $attempt->trainee);
            }
            $attempt->update(['started_at' => now()]);
        }

        return $refusal;
    }

    /** Whether another exam closes an attempt to its trainee. */
    public static function isHeld(Attempt $attempt): bool
    {
        $holding = self::holding($attempt->trainee);

        return $holding !== null && $holding->id !== $attempt->id;
    }

    /** Whether an exam closes an address to somebody: `GET drills`, and the attempt that it names. */
    public static function closes(User $person, string $address, ?int $attempt): bool
    {
        $holding = $person->isInstructor() ? null : self::holding($person);

        return $holding !== null && (! in_array($address, self::OPEN, true) || ($attempt !== null && $attempt !== $holding->id));
    }

    /** The exam that somebody is in. */
    public static function holding(User $person): ?Attempt
    {
        /** @var Collection<int, Attempt> $begun */
        $begun = Attempt::query()->with('assignment.boardFile')
            ->where('trainee_id', $person->id)
            ->whereNotNull('started_at')
            ->whereNull('finished_at')
            ->whereIn('assignment_id', Assignment::query()->where('mode', 'exam')->whereNull('released_at')->select('id'))
            ->orderBy('started_at')->orderBy('id')->get();

        return $begun->first(self::isOpen(...));
    }

    /** Who has left the class, or whose class is over, begins nothing. */
    private static function goneFrom(Attempt $attempt): ?string
    {
        $classroom = $attempt->assignment->classroom_id === null
            ? null
            : Classroom::query()->whereKey($attempt->assignment->classroom_id)->first();

        return match (true) {
            $classroom === null => null,
            $classroom->archived_at !== null => 'class-over',
            ! $classroom->trainees()->whereKey($attempt->trainee_id)->exists() => 'left-class',
            default => null,
        };
    }

    private static function shutTo(Attempt $attempt): ?string
    {
        return match (true) {
            $attempt->withdrawn_at !== null => 'withdrawn',
            $attempt->assignment->held_at !== null => 'not-open-yet',
            $attempt->assignment->closed_at !== null => 'sitting-closed',
            self::isHeld($attempt) => 'exam-open',
            $attempt->isReleased() && ! $attempt->assignment->isTrial() => 'marks-are-out',
            default => null,
        };
    }

    /** Why nothing can be added to the photographs of a board or taken from them; null where it can. */
    public static function refusalOfPhotographs(Attempt $attempt, User $who): ?string
    {
        return match (true) {
            ! $attempt->assignment->isGraded() => null,
            $attempt->handed_in_at !== null => 'after-hand-in',
            $attempt->dueAt()?->isPast() ?? false => 'late',
            $attempt->trainee_id === $who->id => self::refusal($attempt),
            default => null,
        };
    }
}
