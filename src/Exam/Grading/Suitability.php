<?php

declare(strict_types=1);

namespace Zwindle\Exam\Grading;

use Zwindle\Exam\Task\TaskFile;
use Zwindle\Problem\ProblemCode;
use Zwindle\Problem\Problems;

/** Whether a marking suits a task: work at the bench earns no points for answers, and answers none for work. */
final class Suitability
{
    public static function check(?TaskFile $task, ?GradingScheme $marking, Problems $problems): void
    {
        if ($task === null || $marking === null) {
            return;
        }
        $isWired = $task->kind->isWired();
        if ($isWired ? $marking->answers > 0 : $marking->behaviour + $marking->safety + $marking->order + array_sum($marking->rules) > 0) {
            $problems->add('/points', ProblemCode::MarkingDoesNotSuit, ['what' => $isWired ? 'answers' : 'work at the bench']);
        }
    }
}
