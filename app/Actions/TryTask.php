<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\InputRefused;
use Zwindle\Board\Board;
use Zwindle\Mark\Attack;
use Zwindle\Mark\MarkingReader;
use Zwindle\Mark\MarkingScheme;
use Zwindle\Mark\Suitability;
use Zwindle\Plan\Planner;
use Zwindle\Read\Problem;
use Zwindle\Read\Problems;
use Zwindle\Task\Task as CoreTask;
use Zwindle\Task\TaskReader;
use Zwindle\Vary\TooFewVariants;
use Zwindle\Vary\Variant;
use Zwindle\Vary\Variants;

/** A task tried before it is used: what is wrong with it, how its seats would differ, which mistakes would pass. */
final class TryTask
{
    /**
     * @return array{problems: list<Problem>, task: CoreTask|null, marking: MarkingScheme|null, variants: Variants|null, seats: list<Variant>, few: TooFewVariants|null, attack: Attack|null}
     *
     * @throws InputRefused if the board itself has problems
     */
    public function execute(Board $board, string $taskJson, string $markingJson, int $seats, int $rowLength): array
    {
        $problems = new Problems;
        $task = TaskReader::read($taskJson, $board, $problems);
        $marking = MarkingReader::read($markingJson, $problems);
        Suitability::check($task, $marking, $problems);
        $tried = ['problems' => $problems->all(), 'task' => $task, 'marking' => $marking, 'variants' => null, 'seats' => [], 'few' => null, 'attack' => null];
        $plan = Planner::plan($board)->plans[0] ?? null;
        if ($task === null || $plan === null) {
            return $tried;
        }
        $variants = new Variants($board, $task->varying);
        try {
            $tried = [...$tried, 'variants' => $variants, 'seats' => $variants->forSeats($task->seed, $seats, $rowLength)];
        } catch (TooFewVariants $few) {
            $tried = [...$tried, 'variants' => $variants, 'few' => $few];
        }

        return [...$tried, 'attack' => $marking !== null && $task->kind->isWired() ? Attack::on($task, $marking, $plan) : null];
    }
}
