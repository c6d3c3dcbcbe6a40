<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\AsFoundSheet;
use App\Models\Attempt;
use App\Models\User;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Plan\Planner;
use Zwindle\Read\EarlierWiring;
use Zwindle\Read\Problems;
use Zwindle\Task\Task;
use Zwindle\Wiring\Joint;
use Zwindle\Wiring\Wiring;

/** What stands already on a board to finish: the boxes that the task names, or what the instructor took down as found. */
final class StartWiring
{
    /** @return list<array<string, mixed>> steps of the bench */
    public function execute(Attempt $attempt, Task $task): array
    {
        $wiring = $task->isFromAsFound ? $this->asFound($attempt) : $this->boxes($attempt, $task);

        return $wiring === null ? [] : WiringAsSteps::of($wiring);
    }

    private function boxes(Attempt $attempt, Task $task): ?Wiring
    {
        $plan = Planner::plan($attempt->board())->plans[0] ?? null;
        if ($plan === null) {
            return null;
        }
        $isDone = fn (string $point) => in_array($plan->wiring->points[$point]->enclosure, $task->done, true);

        return new Wiring(
            $plan->wiring->board,
            array_values(array_filter($plan->wiring->joints, fn (Joint $joint) => in_array($joint->enclosure, $task->done, true))),
            array_values(array_filter($plan->wiring->caps, $isDone)),
            array_filter($plan->wiring->marks, $isDone, ARRAY_FILTER_USE_KEY),
        );
    }

    private function asFound(Attempt $attempt): ?Wiring
    {
        $instructor = User::query()->find($attempt->assignment->classroom->instructor_id);
        $file = $attempt->assignment->boardFile;
        if ($instructor === null) {
            return null;
        }
        $board = $attempt->board();
        $original = $file->frozen_of === null ? $file : $file->newQuery()->find($file->frozen_of) ?? $file;
        $text = json_encode(AsFoundSheet::of($original, $instructor)->file($board), JSON_THROW_ON_ERROR);

        return EarlierWiring::read($text, $board, new Problems)?->wiring;
    }
}
