<?php

declare(strict_types=1);

namespace App\Models;

use App\Files\ReadBoard;
use App\Files\ReadTask;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zwindle\Bench\Bench;
use Zwindle\Bench\Step as BenchStep;
use Zwindle\Bench\StepLog;
use Zwindle\Board\Board;
use Zwindle\Exam\Sitting\SittingState;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Exam\Vary\Surface;

/**
 * One trainee's work on one assignment.
 *
 * @property int $id
 * @property int $assignment_id
 * @property int $trainee_id
 * @property int $head sequence number of the newest step
 * @property Carbon|null $started_at
 * @property Carbon|null $handed_in_at
 * @property int $bare_from step after which the board is wired again from bare
 * @property bool $is_time_up handed in as it stood when the time was up
 * @property Carbon|null $refused_at when five landings in a row were refused
 * @property Carbon $updated_at
 * @property Carbon|null $finished_at since when no further try at an exam is taken
 * @property string|null $verdict
 * @property string|null $headline
 * @property int|null $seat
 * @property string|null $board_json the variant of the seat
 * @property list<array<string, mixed>>|null $start_json steps that stood already when it was set
 * @property array<string, list<string>>|null $answers
 * @property array<string, bool>|null $observed
 * @property int $extra_percent extra time, as it was when the work was set or the allowance was changed before it was begun
 * @property int $tries hand-ins so far
 * @property int|null $judgement_id of the judgement that counts
 * @property int $judged_try the newest try that is judged
 * @property Carbon|null $present_at when an instructor marked its trainee present at the station
 * @property int $version counts the changes
 * @property bool $is_on_board wired on a real board: the eye is asked, and nobody makes steps
 * @property Carbon|null $paused_at since when its clock stands
 * @property int $paused_seconds for how long its clock has stood before that
 * @property int $added_seconds what an instructor added
 * @property Carbon|null $withdrawn_at
 * @property Carbon|null $released_at
 * @property array<string, array{points: float|int, why: string}>|null $overrides line of the mark, or `total` → points given by hand
 * @property array<string, bool>|null $second what the second marker saw
 * @property string|null $note
 * @property int|null $placed ends placed, or questions answered
 * @property int|null $ends ends to place, or questions asked
 * @property-read Assignment $assignment
 * @property-read User $trainee
 * @property-read Collection<int, PlacedFault> $placedFaults
 * @property-read Judgement|null $judgement
 * @property-read Collection<int, Judgement> $judgements
 * @property-read Collection<int, KeptStep> $appliedSteps
 */
final class Attempt extends Model
{
    /** Proof of the try that is looked back at; null: the one that is under way. */
    public ?int $proofOfTry = null;

    protected $fillable = [
        'assignment_id',
        'trainee_id',
        'started_at',
        'handed_in_at',
        'verdict',
        'headline',
        'head',
        'seat',
        'board_json',
        'start_json',
        'answers',
        'observed',
        'tries',
        'judgement_id',
        'judged_try',
        'present_at',
        'placed',
        'ends',
        'finished_at',
        'extra_percent',
        'refused_at',
        'bare_from',
        'is_time_up',
        'is_on_board',
        'paused_at',
        'paused_seconds',
        'added_seconds',
        'withdrawn_at',
        'released_at',
        'overrides',
        'second',
        'note',
    ];

    protected $casts = [
        'started_at' => 'datetime',
        'handed_in_at' => 'datetime',
        'finished_at' => 'datetime',
        'refused_at' => 'datetime',
        'is_time_up' => 'boolean',
        'is_on_board' => 'boolean',
        'paused_at' => 'datetime:Y-m-d H:i:s.v',
        'present_at' => 'datetime',
        'withdrawn_at' => 'datetime',
        'released_at' => 'datetime',
        'overrides' => 'array',
        'second' => 'array',
        'head' => 'integer',
        'start_json' => 'array',
        'answers' => 'array',
        'observed' => 'array',
    ];

    protected $attributes = [
        'head' => 0,
        'tries' => 0,
        'judged_try' => 0,
        'version' => 0,
        'extra_percent' => 0,
        'bare_from' => 0,
        'is_time_up' => false,
        'is_on_board' => false,
        'paused_seconds' => 0,
        'added_seconds' => 0,
    ];

    /** Every change counts: by the sum of a class a poll learns whether there is anything new. */
    protected static function booted(): void
    {
        self::saving(function (self $attempt): void {
            $attempt->version++;
        });
    }

    /** @return BelongsTo<Assignment, $this> */
    public function assignment(): BelongsTo
    {
        return $this->belongsTo(Assignment::class);
    }

    /** @return BelongsTo<User, $this> */
    public function trainee(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Judgement, $this> */
    public function judgement(): BelongsTo
    {
        return $this->belongsTo(Judgement::class);
    }

    /** @return HasMany<PlacedFault, $this> what was put wrong on its board, to be found, in each try */
    public function placedFaults(): HasMany
    {
        return $this->hasMany(PlacedFault::class);
    }

    /** What is to be found in the try that is under way, or was the last. */
    public function placedFault(): ?PlacedFault
    {
        return $this->placedFaults->sortBy('try')->last(fn (PlacedFault $placed) => $placed->try <= $this->currentTry());
    }

    /** The number of the try that is under way, or was the last. */
    public function currentTry(): int
    {
        return max(1, $this->handed_in_at === null ? $this->tries + 1 : $this->tries);
    }

    /** The attempt as it was when a try of it was handed in: to be looked at and judged again, never to be saved. */
    public function asOf(Judgement $judgement): self
    {
        if ($judgement->head === null || $judgement->try === $this->judged_try) {
            return $this;
        }
        $then = clone $this;
        $then->forceFill([
            'tries' => $judgement->try,
            'bare_from' => $judgement->bare_from,
            'head' => $judgement->head,
            'answers' => $judgement->answers,
            'handed_in_at' => $judgement->handed_in_at,
        ]);
        $then->proofOfTry = $judgement->proof_id;

        return $then;
    }

    /** @return HasMany<Judgement, $this> of every try */
    public function judgements(): HasMany
    {
        return $this->hasMany(Judgement::class);
    }

    /** @return HasMany<KeptStep, $this> */
    public function steps(): HasMany
    {
        return $this->hasMany(KeptStep::class);
    }

    /** @return HasMany<KeptStep, $this> */
    public function appliedSteps(): HasMany
    {
        $steps = $this->steps();
        $steps->whereNotNull('sequence')->orderBy('sequence');

        return $steps;
    }

    /** @return Collection<int, KeptStep> those of the try that is under way, or was the last */
    public function countedSteps(): Collection
    {
        return $this->appliedSteps->where('sequence', '>', $this->bare_from)->where('sequence', '<=', $this->head)->values();
    }

    /**
     * Takes the write lock and then reads the attempt afresh: call it first in a transaction.
     *
     * PDO before PHP 8.4 begins every SQLite transaction deferred, whatever `transaction_mode` says. Reading first and
     * writing later then fails at once where another worker has written in between; writing first waits its turn.
     */
    public function claim(): void
    {
        self::query()->toBase()->where('id', $this->id)->update(['head' => DB::raw('head')]);
        $this->refresh();
    }

    /** The time that there is, with what is allowed in addition, rounded up; null where there is no end. */
    public function minutes(): ?int
    {
        $minutes = $this->assignment->minutes;

        return $minutes === null ? null : (int) ceil($minutes * (100 + $this->extra_percent) / 100);
    }

    /** The end of the time, by the server's clock; null where there is none. */
    public function dueAt(): ?Carbon
    {
        $minutes = $this->minutes();

        return $minutes === null
            ? null
            : $this->started_at?->copy()->addSeconds($minutes * 60 + $this->added_seconds + $this->pausedSeconds());
    }

    /** For how long its clock has stood, up to now. */
    public function pausedSeconds(): int
    {
        return $this->paused_seconds + (int) ceil($this->paused_at?->diffInSeconds(now(), true) ?? 0);
    }

    /** How its sitting stands; `Exam\Sitting\SittingMoves` says what can be done with it. */
    public function sittingState(): SittingState
    {
        return match (true) {
            $this->withdrawn_at !== null => SittingState::Withdrawn,
            $this->handed_in_at !== null => SittingState::HandedIn,
            $this->started_at !== null && $this->paused_at !== null => SittingState::Paused,
            $this->started_at !== null => SittingState::Running,
            $this->assignment->held_at !== null => SittingState::Held,
            default => SittingState::Waiting,
        };
    }

    /** Whether it was handed in and nobody has judged it yet. */
    public function isUnjudged(): bool
    {
        return $this->handed_in_at !== null && ($this->judgement_id === null || $this->judged_try < $this->tries);
    }

    /** @return Builder<Attempt> what was handed in and nobody has judged yet */
    public static function unjudged(): Builder
    {
        $left = self::query();
        $left->whereNotNull('handed_in_at');
        $left->where(fn (Builder $open) => $open->whereNull('judgement_id')->orWhereColumn('judged_try', '<', 'tries'));

        return $left;
    }

    /** Whether its trainee sees the mark: practice at once, an exam when it is released to all or to this person. */
    public function isReleased(): bool
    {
        return ! $this->assignment->isExam() || $this->assignment->released_at !== null || $this->released_at !== null;
    }

    /** The board of its seat. */
    public function board(): Board
    {
        return $this->board_json === null ? $this->assignment->boardFile->board() : (new ReadBoard)->execute($this->board_json);
    }

    /** Whether it is wired in wood and copper, and not on a screen. */
    public function isOnWall(): bool
    {
        return $this->is_on_board || $this->task()?->surface === Surface::Wall;
    }

    /** What is asked; null for a board that was set without a task. */
    public function task(): ?TaskFile
    {
        return $this->assignment->task_json === null ? null : (new ReadTask)->execute($this->assignment->task_json, $this->board());
    }

    /** Whether it is an exam that its trainee has still to begin: nothing of the board is shown while other boards are open. */
    public function isToBegin(?User $viewer): bool
    {
        return $this->assignment->isExam()
            && $this->started_at === null
            && $this->handed_in_at === null
            && $this->trainee_id === $viewer?->id;
    }

    /** Hand-ins that the task still allows. */
    public function triesLeft(): int
    {
        return max(0, ($this->task()->tries ?? 1) - $this->tries);
    }

    /** Whether it may be wired once more: practice always, a task while it has tries left. */
    public function mayBeWiredAgain(): bool
    {
        $isOver = $this->handed_in_at === null || $this->finished_at !== null || $this->withdrawn_at !== null
            || $this->assignment->closed_at !== null;
        $isOut = $this->assignment->isExam() && $this->isReleased() && ! $this->assignment->isTrial();

        return ! $isOver && ! $isOut && ($this->assignment->task_json === null || $this->triesLeft() > 0);
    }

    public function stepLog(): StepLog
    {
        return StepLog::replay($this->board(), $this->countedSteps()->map(fn (KeptStep $step) => $step->parsed()), $this->start());
    }

    /** The bench as it stood before the first step. */
    public function startingBench(): Bench
    {
        return StepLog::replay($this->board(), [], $this->start())->bench();
    }

    /** @return list<BenchStep> */
    private function start(): array
    {
        return array_map(BenchStep::of(...), $this->start_json ?? []);
    }
}
