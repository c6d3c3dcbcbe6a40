<?php

declare(strict_types=1);

namespace App\Actions\Tasks;

use App\Exceptions\InputRefused;
use Zwindle\Board\Board;
use Zwindle\Exam\Grading\TaskDraft;
use Zwindle\Exam\Vary\TooFewVariants;
use Zwindle\Exam\Vary\Variant;
use Zwindle\Exam\Vary\Variants;
use Zwindle\Format\Read\Problem;
use Zwindle\Plan\Planner;

/** A task tried before it is used: what is wrong with it, and how its seats would differ. */
final class TryTask
{
    /**
     * @return array{problems: list<Problem>, dropped: list<string>, variants: Variants|null, seats: list<Variant>,
     *     few: TooFewVariants|null}
     *
     * @throws InputRefused if the board itself has problems
     */
    public function execute(Board $board, string $taskJson, string $markingJson, int $seats, int $rowLength): array
    {
        $draft = TaskDraft::read($board, $taskJson, $markingJson);
        $task = $draft->task;
        $tried = ['problems' => $draft->problems, 'dropped' => $task->dropped ?? [], 'variants' => null, 'seats' => [], 'few' => null];
        if ($task === null || Planner::plan($board)->plans === []) {
            return $tried;
        }
        $variants = new Variants($board, $task->varying, $task->surface);
        if ($task->varying === []) {
            return [...$tried, 'variants' => $variants];
        }
        try {
            return [...$tried, 'variants' => $variants, 'seats' => $variants->forSeats($task->seed, $seats, $rowLength)];
        } catch (TooFewVariants $few) {
            return [...$tried, 'variants' => $variants, 'few' => $few];
        }
    }
}
