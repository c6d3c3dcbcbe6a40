<?php

declare(strict_types=1);

namespace App\Queries\Tasks;

use App\Exceptions\WorkRefused;
use App\Models\Assignment;
use App\Models\Classroom;
use App\Models\Task;
use Illuminate\Database\Eloquent\Builder;

/** A task is set to a class once, or twice because somebody says so. */
final class SetTwice
{
    /**
     * Refuses, at the field `twice`, where the task waits to be begun in this class already.
     *
     * @param  list<int|null>  $own  assignments that are being set anew
     *
     * @throws WorkRefused
     */
    public static function refuse(Task $task, Classroom $classroom, array $own = []): void
    {
        $open = Assignment::query()->withCount('attempts');
        $open->whereKeyNot(array_values(array_filter($own)));
        $open->where('task_id', $task->id)->where('classroom_id', $classroom->id);
        $open->whereNull('closed_at')->whereNull('released_at');
        $open->whereHas('attempts', fn (Builder $waiting) => $waiting->whereNull('started_at')->whereNull('handed_in_at'));
        $open->orderByDesc('id');
        $there = $open->first();
        $there === null || throw WorkRefused::because(['twice' => __('messages.set-already', [
            'title' => $there->title(),
            'class' => $classroom->name,
            'seats' => $there->getAttribute('attempts_count'),
        ])]);
    }
}
