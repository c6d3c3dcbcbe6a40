<?php

declare(strict_types=1);

namespace App\Wording;

use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Exam\Vary\Surface;

/** What a brief says beside its own words: where the work is done, and where the task stands on what practitioners dispute. */
final class BriefLines
{
    /** @return list<string> */
    public static function of(TaskFile $task, Practice $practice): array
    {
        $where = $task->surface === Surface::Wall && $task->kind->isWired() ? [__('task.on-the-wall', [], Region::of($practice))] : [];
        $stands = array_map(
            fn (string $dispute, string $position) => __("task.habit.$dispute.$position", [], Region::of($practice)),
            array_keys($task->positions),
            $task->positions,
        );

        return [...$where, ...$stands];
    }
}
