<?php

declare(strict_types=1);

namespace App\Shapes\Classes;

use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\BoardFile;
use App\Models\Classroom;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Zwindle\Exam\Task\TaskMode;

/** What an instructor's evening asks for now: who works, who is stuck, what waits for its marks, what is set next. */
final readonly class TonightShape
{
    private const HOURS = 12;

    private const MOST = 60;

    private const STUCK_AFTER_MINUTES = 3;

    /** Who practises and has done nothing for longer has gone: nobody is needed there. */
    private const GONE_AFTER_MINUTES = 30;

    /** What is set and not begun belongs to the past after so many days. */
    private const OVER_AFTER_DAYS = 21;

    /** @param  list<int>  $classrooms  ids of the classes that are not archived */
    private function __construct(private User $instructor, private array $classrooms)
    {
    }

    /** @return array<string, mixed> */
    public static function of(User $instructor): array
    {
        $classrooms = Classroom::taughtBy($instructor)->whereNull('archived_at')->pluck('id')->all();
        $tonight = new self($instructor, array_values(array_map(intval(...), $classrooms)));

        return [
            'running' => $tonight->running(),
            'waiting' => $tonight->waiting(),
            'next' => $tonight->next(),
            'firstRun' => $tonight->firstRun(),
        ];
    }

    /** @return list<array<string, mixed>> those who are stuck first */
    private function running(): array
    {
        $attempts = Attempt::query()->with(['trainee', 'assignment.boardFile', 'assignment.classroom']);
        $attempts->withMax('steps', 'received_at');
        $attempts->whereIn('assignment_id', $this->assignments()->select('id'));
        $attempts->whereNotNull('started_at')->whereNull('handed_in_at')->whereNull('withdrawn_at');
        $attempts->where('updated_at', '>', now()->subHours(self::HOURS));
        $attempts->orderByDesc('updated_at')->limit(self::MOST);
        $lines = array_map(self::line(...), array_values($attempts->get()->all()));
        $rank = fn (array $line) => [$line['stuck'] === null, $line['since']];
        usort($lines, fn (array $one, array $other) => $rank($one) <=> $rank($other));

        return $lines;
    }

    /** @return array<string, mixed> */
    private static function line(Attempt $attempt): array
    {
        $assignment = $attempt->assignment;
        $stepped = $attempt->getAttribute('steps_max_received_at');
        $since = $assignment->kind()->isWired() && is_string($stepped) ? Carbon::parse($stepped) : $attempt->updated_at;
        $isOver = $attempt->dueAt()?->isPast() ?? false;
        $minutes = (int) $since->diffInMinutes(now());
        $isNeeded = $assignment->isExam() || $minutes < self::GONE_AFTER_MINUTES;
        $isRefused = $attempt->refused_at !== null && $attempt->refused_at->gte($since);

        return [
            'attempt' => $attempt->id,
            'assignment' => $assignment->id,
            'trainee' => $attempt->trainee->name,
            'classroom' => $assignment->classroom->name ?? '',
            'title' => $assignment->title(),
            'kind' => $assignment->kind()->value,
            'seat' => $attempt->seat,
            'placed' => $attempt->placed ?? 0,
            'ends' => $attempt->ends ?? 0,
            'dueAt' => $attempt->dueAt()?->toIso8601ZuluString('millisecond'),
            'since' => $since->toIso8601ZuluString(),
            'stuck' => match (true) {
                $attempt->paused_at !== null => null,
                $isOver => __('tonight.time-up'),
                ! $isNeeded => null,
                $isRefused => __('tonight.refused'),
                $minutes >= self::STUCK_AFTER_MINUTES => trans_choice('tonight.idle', $minutes, ['minutes' => $minutes]),
                default => null,
            },
        ];
    }

    /** @return list<array<string, mixed>> exams with work handed in whose marks are not out */
    private function waiting(): array
    {
        $exams = $this->assignments();
        $exams->where('mode', TaskMode::Exam->value);
        $exams->whereNull('released_at');
        $exams->whereHas('attempts', fn (Builder $attempts) => $attempts->whereNotNull('handed_in_at'));

        return $this->lines($exams);
    }

    /** @return list<array<string, mixed>> what is set and nobody has begun */
    private function next(): array
    {
        $recent = $this->assignments();
        $recent->whereNull('closed_at')->whereNull('released_at')->where('created_at', '>', now()->subDays(self::OVER_AFTER_DAYS));

        return $this->lines($recent->whereHas('attempts', fn (Builder $attempts) => $attempts->whereNull('withdrawn_at'))
            ->whereDoesntHave('attempts', fn (Builder $attempts) => $attempts->whereNotNull('started_at')));
    }

    /**
     * @param  Builder<Assignment>  $assignments
     * @return list<array<string, mixed>>
     */
    private function lines(Builder $assignments): array
    {
        $assignments->with(['classroom', 'boardFile']);
        $assignments->withCount(['attempts', 'attempts as handed_in_count' => fn ($attempts) => $attempts->whereNotNull('handed_in_at')]);

        $assignments->orderByDesc('id')->limit(self::MOST);

        return array_map(fn (Assignment $assignment) => [
            'assignment' => $assignment->id,
            'title' => $assignment->title(),
            'classroom' => $assignment->classroom->name ?? '',
            'mode' => $assignment->mode,
            'seats' => (int) $assignment->getAttribute('attempts_count'),
            'handedIn' => (int) $assignment->getAttribute('handed_in_count'),
            'setAt' => $assignment->created_at->toIso8601ZuluString(),
        ], array_values($assignments->get()->all()));
    }

    /** @return array{class: bool, people: bool, board: bool, set: bool, slips: bool, checked: bool} how far a new installation has come */
    private function firstRun(): array
    {
        $attempts = fn () => Attempt::query()->whereIn('assignment_id', $this->assignments()->select('id'));
        $peopled = Classroom::query()->whereHas('trainees');
        $peopled->whereIn('id', $this->classrooms);

        return [
            'class' => $this->classrooms !== [],
            'people' => $peopled->exists(),
            'board' => BoardFile::libraryOf($this->instructor)->exists(),
            'set' => $this->assignments()->exists(),
            'slips' => $attempts()->whereNotNull('started_at')->exists(),
            'checked' => $attempts()->whereNotNull('handed_in_at')->exists(),
        ];
    }

    /** @return Builder<Assignment> */
    private function assignments(): Builder
    {
        $assignments = Assignment::query();
        $assignments->whereIn('classroom_id', $this->classrooms);

        return $assignments;
    }
}
