<?php

declare(strict_types=1);

namespace App\Actions\Tasks;

use App\Actions\Classes\SetAssignment;
use App\Files\ReadTask;
use App\Models\AsFoundSheet;
use App\Models\Assignment;
use App\Models\Classroom;
use App\Models\Marking;
use App\Models\Task;
use App\Queries\Tasks\MustBeSettable;
use App\Queries\Tasks\SeatBoards;
use App\Queries\Tasks\SetTwice;
use Illuminate\Support\Facades\DB;
use Zwindle\Board\Board;
use Zwindle\Exam\Vary\Variant;
use Zwindle\Exam\Vary\Variants;

/** Sets a task to trainees: a seat and a variant for each, with the task and the marking as they are now. */
final readonly class SetTask
{
    public function __construct(
        private SetAssignment $set,
        private SeatAttempt $seat,
        private PlaceFaults $place,
        private MustBeSettable $settable,
    ) {
    }

    /**
     * @param  list<int>  $trainees  ids; all of the class, in the order of their seats
     * @param  bool  $isTwice  whether it may be set where it waits to be begun in this class already
     *
     * Refuses if the board gives fewer variants than there are seats, cannot be wired, or nothing of it was found to begin with.
     */
    public function execute(Task $task, Classroom $classroom, array $trainees, int $rowLength, bool $isTwice = true): Assignment
    {
        $isTwice || SetTwice::refuse($task, $classroom);

        return DB::transaction(function () use ($task, $classroom, $trainees, $rowLength): Assignment {
            $drawn = $task->boardFile->drawing();
            $asked = (new ReadTask)->execute($task->json, $drawn);
            Marking::read($task->marking->json);
            $boards = SeatBoards::of($drawn, $asked, count($trainees), $rowLength);
            $sheet = AsFoundSheet::of($task->boardFile, $task->instructor);
            $this->settable->check($asked, $boards, $sheet);
            $assignment = $this->set->execute($classroom, $task->boardFile, $trainees, $asked->minutes);
            $assignment->update([
                'task_id' => $task->id,
                'mode' => $asked->mode->value,
                'task_json' => $task->json,
                'marking_json' => $task->marking->json,
            ]);
            $seated = [];
            foreach ($trainees as $i => $trainee) {
                $attempt = $assignment->attempts()->where('trainee_id', $trainee)->firstOrFail();
                $this->seat->execute($attempt, $i + 1, $asked, $boards[$i], $sheet);
                $seated[] = $attempt;
            }
            $this->place->execute($asked, $seated);

            return $assignment->refresh();
        });
    }
}
