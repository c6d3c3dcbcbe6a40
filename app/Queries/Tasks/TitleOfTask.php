<?php

declare(strict_types=1);

namespace App\Queries\Tasks;

use App\Exceptions\InputRefused;
use App\Files\ReadTask;
use App\Models\BoardFile;
use App\Models\Marking;
use Zwindle\Exam\Grading\Suitability;
use Zwindle\Problem\Problems;

/** The title of a task that suits its board and its marking; whatever does not is refused. */
final class TitleOfTask
{
    /** @throws InputRefused with every problem of the task */
    public static function of(BoardFile $file, Marking $marking, string $json): string
    {
        $task = (new ReadTask)->execute($json, $file->drawing());
        $problems = new Problems;
        Suitability::check($task, Marking::read($marking->json), $problems);

        return $problems->any() ? throw InputRefused::file('task', $problems->all()) : $task->title;
    }
}
