<?php

declare(strict_types=1);

namespace App\Queries\Bench;

use App\Exceptions\WorkRefused;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Board\Board;
use Zwindle\Board\Wiring\AsFound;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Format\Read\EarlierWiring;
use Zwindle\Plan\Planner;
use Zwindle\Problem\Problems;

/** What stands already on a seat's board to finish: the boxes that the task names, or what was taken down as found. */
final readonly class StartWiring
{
    /**
     * @param  AsFound  $sheet  of the board that the task is on
     * @return list<array<string, mixed>>|null steps of the bench; null for a task that begins from bare
     *
     * @throws WorkRefused if it is to begin with what was found, and nothing was written down
     */
    public function execute(TaskFile $task, Board $board, AsFound $sheet): ?array
    {
        if ($task->kind !== TaskKind::Finish) {
            return null;
        }
        $wiring = $task->isFromAsFound ? self::asFound($board, $sheet) : self::boxes($board, $task->done);

        return $wiring === null ? [] : WiringAsSteps::of($wiring);
    }

    /** @param  list<string>  $done */
    private static function boxes(Board $board, array $done): ?Wiring
    {
        $plan = Planner::plan($board)->plans[0] ?? null;
        if ($plan === null) {
            return null;
        }
        $isDone = fn (string $point) => in_array($plan->wiring->points[$point]->enclosure, $done, true);

        return Wiring::of(
            $plan->wiring->board,
            array_values(array_filter($plan->wiring->joints, fn (Joint $joint) => in_array($joint->enclosure, $done, true))),
            array_values(array_filter($plan->wiring->caps, $isDone)),
            array_filter($plan->wiring->marks, $isDone, ARRAY_FILTER_USE_KEY),
        );
    }

    private static function asFound(Board $board, AsFound $sheet): Wiring
    {
        $found = EarlierWiring::read($sheet->file($board), $board, new Problems)?->wiring;
        if ($found === null || [...$found->joints, ...$found->caps] === []) {
            throw WorkRefused::because(['task' => __('messages.nothing-as-found')]);
        }

        return $found;
    }
}
