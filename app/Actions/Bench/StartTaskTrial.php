<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Files\ReadTask;
use App\Models\AsFoundSheet;
use App\Models\Attempt;
use App\Models\Task;
use App\Models\User;
use App\Queries\Bench\StartWiring;
use App\Queries\Bench\TrialTask;
use App\Queries\Tasks\SeatBoards;
use Zwindle\Exam\Task\TaskMode;

/** Lets an instructor sit one seat of a task that is kept. */
final readonly class StartTaskTrial
{
    /** Seats that are laid out beside the one that is tried: as in a usual row. */
    private const ROW = 6;

    public function __construct(private BeginTrial $begin, private StartWiring $start)
    {
    }

    /** A seat of a task that is kept: the variant that it would have. Refuses where the board gives fewer variants. */
    public function execute(User $instructor, Task $task, int $seat, TaskMode $mode): Attempt
    {
        $drawn = $task->boardFile->drawing();
        $json = TrialTask::inMode($task->json, $mode);
        $asked = (new ReadTask)->execute($json, $drawn);
        $board = SeatBoards::of($drawn, $asked, max($seat, self::ROW), self::ROW)[$seat - 1];
        $start = $this->start->execute($asked, $board, AsFoundSheet::of($task->boardFile, $instructor));

        return $this->begin->execute(
            $instructor,
            $task->board_file_id,
            $json,
            $task->marking->json,
            SeatBoards::file($asked, $board),
            $start,
            $seat,
        );
    }
}
