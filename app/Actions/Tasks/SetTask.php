<?php

declare(strict_types=1);

namespace App\Actions\Tasks;

use App\Actions\Classes\SetAssignment;
use App\Models\AsFoundSheet;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\Classroom;
use App\Models\Marking;
use App\Models\Task;
use App\Queries\Bench\CountProgress;
use App\Queries\Bench\StartWiring;
use App\Queries\Tasks\MustBeSettable;
use App\Queries\Tasks\SetTwice;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Zwindle\Board\Board;
use Zwindle\Board\Wiring\AsFound;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Exam\Task\TaskMode;
use Zwindle\Exam\Vary\Dice;
use Zwindle\Exam\Vary\ShuffledIds;
use Zwindle\Exam\Vary\TooFewVariants;
use Zwindle\Exam\Vary\Variant;
use Zwindle\Exam\Vary\Variants;
use Zwindle\Format\Write\BoardArray;
use Zwindle\Plan\Planner;

/** Sets a task to trainees: a seat and a variant for each, with the task and the marking as they are now. */
final readonly class SetTask
{
    public function __construct(
        private SetAssignment $set,
        private StartWiring $start,
        private CountProgress $count,
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
            $asked = Task::read($task->json, $drawn);
            Marking::read($task->marking->json);
            $boards = self::boards($drawn, $asked, count($trainees), $rowLength);
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
                $this->seat($attempt, $i + 1, $asked, $boards[$i], $sheet);
                $seated[] = $attempt;
            }
            $this->place($asked, $seated);

            return $assignment->refresh();
        });
    }

    /**
     * Gives an attempt that was not begun its seat, its variant and what stands there already. A real board hangs as it is drawn,
     * with the names that its labels say.
     */
    public function seat(Attempt $attempt, int $seat, TaskFile $asked, Board $board, AsFound $sheet, bool $isOnBoard = false): void
    {
        $attempt->update([
            'seat' => $seat,
            'board_json' => json_encode($isOnBoard ? BoardArray::of($board) : self::file($asked, $board), JSON_THROW_ON_ERROR),
            'is_on_board' => $isOnBoard,
            'start_json' => $this->start->execute($asked, $board, $sheet),
        ]);
        $attempt->update($this->count->of($attempt));
    }

    /** @param  list<Attempt>  $seated  in the order of their seats */
    public function place(TaskFile $asked, array $seated): void
    {
        $this->place->execute($asked, $seated);
        foreach ($asked->kind === TaskKind::Fault ? $seated : [] as $attempt) {
            $attempt->unsetRelation('placedFaults')->update($this->count->of($attempt));
        }
    }

    /**
     * In an exam with ids of its own, so that nothing but what eyes see tells it from a board practised before; what a board to
     * finish begins with is named by the ids of the drawing, and keeps them.
     *
     * @return array<string, mixed>
     */
    public static function file(TaskFile $asked, Board $board): array
    {
        $file = BoardArray::of($board);

        return $asked->mode === TaskMode::Exam && $asked->kind !== TaskKind::Finish
            ? ShuffledIds::file($file, new Dice("$asked->seed/ids"))
            : $file;
    }

    /** The board as it is drawn, its runs chosen. */
    public static function asDrawn(Board $drawn): Board
    {
        return (Planner::plan($drawn)->plans[0] ?? null)->wiring->board
            ?? throw ValidationException::withMessages(['task' => __('messages.no-plan-to-set')]);
    }

    /** @return list<Board> one a seat; all the same where nothing varies */
    public static function boards(Board $drawn, TaskFile $asked, int $seats, int $rowLength): array
    {
        if ($asked->varying === []) {
            return array_fill(0, $seats, self::asDrawn($drawn));
        }
        try {
            return array_map(
                fn (Variant $variant) => $variant->board,
                (new Variants($drawn, $asked->varying, $asked->surface))->forSeats($asked->seed, $seats, $rowLength),
            );
        } catch (TooFewVariants $few) {
            throw ValidationException::withMessages(['task' => __('messages.too-few-variants', [
                'there' => $few->there,
                'wanted' => $few->wanted,
            ])]);
        }
    }
}
