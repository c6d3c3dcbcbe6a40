<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Files\ReadTask;
use App\Models\Attempt;
use App\Models\BoardFile;
use App\Models\Marking;
use App\Models\User;
use App\Queries\Bench\TrialTask;
use App\Queries\Tasks\SeatBoards;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Exam\Task\TaskMode;
use Zwindle\Format\Write\BoardArray;
use Zwindle\Plan\Planner;

/** Lets an instructor wire a board of the library, with no task but the board itself. */
final readonly class StartBoardTrial
{
    /** Seats that are laid out beside the one that is tried: as in a usual row. */
    private const ROW = 6;

    public function __construct(private BeginTrial $begin)
    {
    }

    /**
     * The board itself. Refuses if it cannot be wired.
     *
     * @param  bool  $isWired  whether it stands wired as planned, to be tested
     */
    public function execute(User $instructor, BoardFile $file, TaskMode $mode, bool $isWired = false): Attempt
    {
        $task = [
            'format' => 'zwindle-task', 'version' => 1,
            'title' => $file->title, 'brief' => $file->brief,
            'kind' => TaskKind::Wire->value, 'mode' => $mode->value,
            'help' => $mode === TaskMode::Coached ? ['tester', 'hints'] : [],
            'tries' => TrialTask::TRIES,
        ];
        $marking = Marking::query()->whereNull('instructor_id')->orderBy('id')->firstOrFail();
        $json = json_encode($task, JSON_THROW_ON_ERROR);
        [$board] = SeatBoards::of($file->drawing(), (new ReadTask)->execute($json, $file->drawing()), 1, self::ROW);

        $plan = $isWired ? (Planner::plan($board)->plans[0] ?? null) : null;
        $start = $plan === null ? null : WiringAsSteps::of($plan->wiring);

        $wired = BoardArray::of($plan->wiring->board ?? $board);

        return $this->begin->execute($instructor, $file->id, $json, $marking->json, $wired, $start, 1);
    }
}
