<?php

declare(strict_types=1);

namespace App\Queries\Tasks;

use App\Exceptions\InputRefused;
use App\Exceptions\WorkRefused;
use Zwindle\Board\Board;
use Zwindle\Board\Wiring\AsFound;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Exam\Vary\TooFewVariants;
use Zwindle\Exam\Vary\Variant;
use Zwindle\Exam\Vary\Variants;
use Zwindle\Format\Read\TaskDraft;
use Zwindle\Plan\Planner;
use Zwindle\Problem\Problem;

/** A task tried before it is used: what is wrong with it, how its seats would differ, and whatever setting it would refuse. */
final readonly class TryTask
{
    public function __construct(private MustBeSettable $settable)
    {
    }

    /**
     * @param  AsFound  $sheet  of the board
     * @return array{problems: list<Problem>, dropped: list<string>, variants: Variants|null, seats: list<Variant>,
     *     few: TooFewVariants|null, refusals: list<string>}
     *
     * @throws InputRefused if the board itself has problems
     */
    public function execute(Board $board, string $taskJson, string $markingJson, int $seats, int $rowLength, AsFound $sheet): array
    {
        $draft = TaskDraft::read($board, $taskJson, $markingJson);
        $task = $draft->task;
        $tried = [
            'problems' => $draft->problems, 'dropped' => $task->dropped ?? [], 'variants' => null, 'seats' => [], 'few' => null,
            'refusals' => [],
        ];
        if ($task === null || Planner::plan($board)->plans === []) {
            return $tried;
        }
        $variants = new Variants($board, $task->varying, $task->surface);
        if ($task->varying === []) {
            $boards = array_fill(0, $seats, SeatBoards::asDrawn($board));

            return [...$tried, 'variants' => $variants, 'refusals' => $this->refusals($task, $boards, $sheet)];
        }
        try {
            $dealt = $variants->forSeats($task->seed, $seats, $rowLength);
        } catch (TooFewVariants $few) {
            return [...$tried, 'variants' => $variants, 'few' => $few];
        }
        $boards = array_map(fn (Variant $variant) => $variant->board, $dealt);

        return [...$tried, 'variants' => $variants, 'seats' => $dealt, 'refusals' => $this->refusals($task, $boards, $sheet)];
    }

    /**
     * @param  list<Board>  $boards
     * @return list<string>
     */
    private function refusals(TaskFile $task, array $boards, AsFound $sheet): array
    {
        try {
            $this->settable->check($task, $boards, $sheet);
        } catch (WorkRefused $refused) {
            return [$refused->getMessage()];
        }

        return [];
    }
}
