<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Zwindle\Exam\Task\CountedTry;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Exam\Task\TaskMode;

/**
 * A board set to trainees of a class.
 *
 * @property int $id
 * @property int|null $classroom_id null where an instructor tries a board
 * @property int $board_file_id
 * @property int|null $minutes
 * @property int|null $task_id
 * @property string $mode `coached` or `exam`
 * @property string|null $task_json the task as it was when it was set
 * @property string|null $marking_json
 * @property \Illuminate\Support\Carbon|null $released_at
 * @property \Illuminate\Support\Carbon|null $held_at set, and nobody may begin until it is opened
 * @property \Illuminate\Support\Carbon|null $closed_at since when nobody begins any more
 * @property \Illuminate\Support\Carbon $created_at
 * @property \Illuminate\Support\Carbon $updated_at
 * @property-read Classroom|null $classroom
 * @property-read BoardFile $boardFile
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Attempt> $attempts
 */
final class Assignment extends Model
{
    use SoftDeletes;

    /** Its setting was taken back before anybody had begun. */
    public const DELETED_AT = 'taken_back_at';

    protected $fillable = [
        'classroom_id', 'board_file_id', 'minutes', 'task_id', 'mode', 'task_json', 'marking_json', 'released_at', 'held_at', 'closed_at',
    ];

    protected $casts = ['released_at' => 'datetime', 'held_at' => 'datetime', 'closed_at' => 'datetime'];

    protected $attributes = ['mode' => 'coached'];

    /** @return BelongsTo<Classroom, $this> */
    public function classroom(): BelongsTo
    {
        return $this->belongsTo(Classroom::class);
    }

    /** @return BelongsTo<BoardFile, $this> */
    public function boardFile(): BelongsTo
    {
        return $this->belongsTo(BoardFile::class);
    }

    /** @return HasMany<Attempt, $this> */
    public function attempts(): HasMany
    {
        return $this->hasMany(Attempt::class);
    }

    /** @return array{int, int} who sits, and who of them is done: handed in, or withdrawn */
    public function countDone(): array
    {
        $counted = $this->getAttributes();
        if (! isset($counted['done_count'])) {
            $counted = $this->loadCount(self::doneCounts())->getAttributes();
        }

        return [(int) $counted['attempts_count'], (int) $counted['done_count']];
    }

    /** @return array<int|string, mixed> what `withCount` takes */
    public static function doneCounts(): array
    {
        return ['attempts', 'attempts as done_count' => fn ($work) => $work->where(
            fn ($done) => $done->whereNotNull('handed_in_at')->orWhereNotNull('withdrawn_at'),
        )];
    }

    /** Changes whenever anything of it or of its attempts does, as the instructor sees them; one small query. */
    public function versionTag(): string
    {
        $of = $this->attempts()->toBase()->join('users', 'users.id', '=', 'attempts.trainee_id')
            ->selectRaw('count(*) as count, coalesce(sum(attempts.version), 0) as changes, max(users.updated_at) as people')->first();

        return substr(hash('sha256', json_encode([$this->id, $this->updated_at, $this->board_file_id, $of], JSON_THROW_ON_ERROR)), 0, 16);
    }

    /** Whether an instructor tries a board: no class, no marks, and nothing of it is kept. */
    public function isTrial(): bool
    {
        return $this->classroom_id === null;
    }

    public function isExam(): bool
    {
        return $this->mode === TaskMode::Exam->value;
    }

    /** Whether what is done counts for a mark: each reading is asked for singly then, and what was done stands. */
    public function isGraded(): bool
    {
        return $this->isExam() && ! $this->isTrial();
    }

    /** What trainees call it: the task's title, which gives nothing away about the board. */
    public function title(): string
    {
        return $this->set()->title ?? $this->boardFile->title;
    }

    /** What trainees read about it: the task's own words, or the board's where it was set without a task. */
    public function brief(): string
    {
        $task = $this->set();

        return $task === null ? $this->boardFile->brief : $task->brief ?? '';
    }

    public function kind(): TaskKind
    {
        return TaskKind::from($this->set()->kind ?? TaskKind::Wire->value);
    }

    /** Which of several tries counts. */
    public function counts(): CountedTry
    {
        return CountedTry::tryFrom($this->set()->counts ?? '') ?? CountedTry::Best;
    }

    /** @return object{title: string, kind: string, brief?: string, counts?: string}|null the task as it was set */
    private function set(): ?object
    {
        /** @var object{title: string, kind: string, brief?: string, counts?: string}|null $task */
        $task = $this->task_json === null ? null : json_decode($this->task_json, flags: JSON_THROW_ON_ERROR);

        return $task;
    }
}
