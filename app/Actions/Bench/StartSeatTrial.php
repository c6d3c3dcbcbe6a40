<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\Attempt;
use App\Models\User;
use App\Queries\Bench\TrialTask;
use Zwindle\Exam\Task\TaskMode;
use Zwindle\Format\Write\BoardArray;

/** Lets an instructor wire the board that somebody has at their seat. */
final readonly class StartSeatTrial
{
    public function __construct(private BeginTrial $begin, private StartBoardTrial $board)
    {
    }

    /** The board that somebody has at their seat. */
    public function execute(User $instructor, Attempt $attempt, TaskMode $mode): Attempt
    {
        $assignment = $attempt->assignment;
        if ($assignment->task_json === null) {
            return $this->board->execute($instructor, $assignment->boardFile, $mode);
        }

        return $this->begin->execute(
            $instructor,
            $assignment->board_file_id,
            TrialTask::inMode($assignment->task_json, $mode),
            (string) $assignment->marking_json,
            BoardArray::of($attempt->board()),
            $attempt->start_json,
            $attempt->seat ?? 1,
        );
    }
}
