<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * An exam evening of a class: who sits where and when, and the exam that it was set as.
 *
 * @phpstan-type StationDraft array{id: string, label: string, x: int, y: int, surface: string, nextTo: list<string>}
 * @phpstan-type SittingArray array{person: string, station: string, from: int, to: int, variant: int, retest: bool}
 * @phpstan-type Draft array{minutes: int, changeover: int, variants: int, stations: list<StationDraft>,
 *     people: list<array{trainee: int, extraPercent: int, notBefore: int}>, retests: list<int>,
 *     breaks: list<array{from: int, to: int}>, fixed: list<SittingArray>}
 *
 * @property int $id
 * @property int $classroom_id
 * @property int $task_id
 * @property int|null $assignment_id
 * @property int|null $retest_assignment_id
 * @property string $title
 * @property Carbon|null $starts_at
 * @property Draft $draft
 * @property list<SittingArray> $plan
 * @property array<string, array<string, array{ok: bool, note: string, at: string, who: int}>>|null $parts
 * @property int $version
 * @property-read Classroom $classroom
 * @property-read Task $task
 * @property-read Assignment|null $assignment
 * @property-read Assignment|null $retestAssignment
 */
final class Evening extends Model
{
    /** How long after its planned end an evening is still tonight's. */
    private const HOURS_AFTER = 6;

    protected $fillable = [
        'classroom_id', 'task_id', 'assignment_id', 'retest_assignment_id', 'title', 'starts_at', 'draft', 'plan', 'parts', 'version',
    ];

    protected $casts = ['starts_at' => 'datetime', 'draft' => 'array', 'plan' => 'array', 'parts' => 'array'];

    protected $attributes = ['version' => 1];

    /** @return BelongsTo<Classroom, $this> */
    public function classroom(): BelongsTo
    {
        return $this->belongsTo(Classroom::class);
    }

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<Assignment, $this> */
    public function assignment(): BelongsTo
    {
        return $this->belongsTo(Assignment::class);
    }

    /** @return BelongsTo<Assignment, $this> */
    public function retestAssignment(): BelongsTo
    {
        return $this->belongsTo(Assignment::class, 'retest_assignment_id');
    }

    /** Whether nobody sits any more: it was closed, everybody is done, or it was planned for a day that is past. */
    public function isOver(): bool
    {
        $exam = $this->assignment;
        [$all, $done] = $exam === null ? [0, 0] : $exam->countDone();
        $isDone = $exam?->closed_at !== null || ($all > 0 && $all === $done);
        $end = $this->starts_at?->copy()->addMinutes(max([0, ...array_column($this->plan, 'to')]))->addHours(self::HOURS_AFTER);

        return $isDone || ($end?->isPast() ?? false);
    }

    /** The evening that an exam was set from. */
    public static function of(Assignment $assignment): ?self
    {
        return self::query()->where('assignment_id', $assignment->id)->orWhere('retest_assignment_id', $assignment->id)->first();
    }

    /**
     * When its minutes are counted from: the start that was planned, or where none was, when the first one began.
     *
     * @param  array<string, Attempt>  $work
     */
    public function start(array $work): ?Carbon
    {
        return $this->starts_at ?? collect($work)->map(fn (Attempt $attempt) => $attempt->started_at)->filter()->min();
    }

    /** @return array<string, Attempt> `person` or `person retest` → the work of that sitting */
    public function attempts(): array
    {
        $work = [];
        foreach ([[$this->assignment_id, ''], [$this->retest_assignment_id, ' retest']] as [$assignment, $suffix]) {
            if ($assignment !== null) {
                $attempts = Attempt::query()->with(['trainee', 'assignment.boardFile'])->where('assignment_id', $assignment);
                foreach ($attempts->get() as $attempt) {
                    $work[$attempt->trainee_id.$suffix] = $attempt;
                }
            }
        }

        return $work;
    }

    /** @param  SittingArray  $sitting */
    public static function workKey(array $sitting): string
    {
        return $sitting['person'].($sitting['retest'] ? ' retest' : '');
    }
}
