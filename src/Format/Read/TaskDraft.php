<?php

declare(strict_types=1);

namespace Zwindle\Format\Read;

use Zwindle\Board\Board;
use Zwindle\Exam\Grading\GradingScheme;
use Zwindle\Exam\Grading\Suitability;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Problem\Problem;
use Zwindle\Problem\Problems;

/** A task and the marking it is to go with, read together with every problem of both. */
final readonly class TaskDraft
{
    /** @param  list<Problem>  $problems */
    private function __construct(public ?TaskFile $task, public ?GradingScheme $marking, public array $problems)
    {
    }

    public static function read(Board $board, string $taskJson, string $markingJson): self
    {
        $problems = new Problems;
        $task = TaskReader::read($taskJson, $board, $problems);
        $marking = GradingSchemeReader::read($markingJson, $problems);
        Suitability::check($task, $marking, $problems);

        return new self($task, $marking, $problems->all());
    }
}
