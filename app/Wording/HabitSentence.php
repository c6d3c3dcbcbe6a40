<?php

declare(strict_types=1);

namespace App\Wording;

use Zwindle\Catalogue\Practice;
use Zwindle\Task\Task;

/** Where a task stands on the habits that practitioners disagree about, as it is printed on the brief. */
final class HabitSentence
{
    /** @return list<string> */
    public static function all(Task $task, Practice $practice): array
    {
        return array_map(fn (string $habit, string $position) => __("task.habit.$habit.$position", [], $practice->value), array_keys($task->positions), $task->positions);
    }
}
