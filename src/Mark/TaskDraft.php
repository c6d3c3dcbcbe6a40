<?php

declare(strict_types=1);

namespace Zwindle\Mark;

use Zwindle\Board\Board;
use Zwindle\Read\Problem;
use Zwindle\Read\Problems;
use Zwindle\Task\Task;
use Zwindle\Task\TaskReader;

/** A task and the marking it is to go with, read together with every problem of both. */
final readonly class TaskDraft
{
    /** @param  list<Problem>  $problems */
    private function __construct(public ?Task $task, public ?MarkingScheme $marking, public array $problems)
    {
    }

    public static function read(Board $board, string $taskJson, string $markingJson): self
    {
        $problems = new Problems;
        $task = TaskReader::read($taskJson, $board, $problems);
        $marking = MarkingReader::read($markingJson, $problems);
        Suitability::check($task, $marking, $problems);

        return new self($task, $marking, $problems->all());
    }
}
