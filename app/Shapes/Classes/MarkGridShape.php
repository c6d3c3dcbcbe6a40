<?php

declare(strict_types=1);

namespace App\Shapes\Classes;

use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\Classroom;
use App\Models\User;
use Zwindle\Exam\Grading\KeptGrade;

/** A class × what was set: one cell a person and a task, the newest tasks first. */
final class MarkGridShape
{
    private const MOST_TASKS = 40;

    /** @return array<string, mixed> */
    public static function of(Classroom $classroom): array
    {
        $set = Assignment::query()->with('boardFile')->where('classroom_id', $classroom->id);
        $set->whereNotNull('task_json')->orderByDesc('id')->limit(self::MOST_TASKS);
        $assignments = $set->get();
        $work = Attempt::query()->with('judgement');
        $work->whereIn('assignment_id', $assignments->pluck('id'));
        $attempts = $work->get()->groupBy('trainee_id');

        return [
            'classroom' => $classroom->id,
            'name' => $classroom->name,
            'tasks' => array_values($assignments->map(fn (Assignment $one) => [
                'assignment' => $one->id, 'title' => $one->title(), 'mode' => $one->mode,
            ])->all()),
            'people' => array_values($classroom->trainees->map(fn (User $trainee) => [
                'id' => $trainee->id,
                'name' => $trainee->name,
                'number' => $trainee->student_number,
                'cells' => array_map(
                    self::cell(...),
                    array_values($attempts->get($trainee->id)?->sortByDesc('assignment_id')->all() ?? []),
                ),
            ])->all()),
        ];
    }

    /** @return array<string, mixed> */
    private static function cell(Attempt $attempt): array
    {
        $kept = $attempt->judgement?->mark;
        $mark = $kept === null ? null : KeptGrade::observed($kept, $attempt->observed ?? [], $attempt->overrides ?? []);

        return [
            'assignment' => $attempt->assignment_id,
            'attempt' => $attempt->id,
            'state' => match (true) {
                $attempt->withdrawn_at !== null => 'withdrawn',
                $attempt->handed_in_at !== null => 'handed-in',
                $attempt->started_at !== null => 'running',
                default => 'waiting',
            },
            'got' => $mark['got'] ?? null,
            'total' => $mark['total'] ?? null,
            'passes' => $mark['passes'] ?? null,
            'isOpen' => $mark['isOpen'] ?? false,
        ];
    }
}
