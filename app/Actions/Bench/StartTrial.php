<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Tasks\PlaceFaults;
use App\Exceptions\WorkRefused;
use App\Models\AsFoundSheet;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\BoardFile;
use App\Models\Marking;
use App\Models\Task;
use App\Models\User;
use App\Queries\Bench\CountProgress;
use App\Queries\Bench\StartWiring;
use App\Queries\Tasks\SeatBoards;
use Illuminate\Support\Facades\DB;
use LogicException;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Exam\Task\TaskMode;
use Zwindle\Format\Read\JsonText;
use Zwindle\Format\Write\BoardArray;
use Zwindle\Plan\Planner;

/**
 * An instructor wires a board as a trainee would, coached or as in an exam, without setting it to anybody. It belongs to no class,
 * and what was tried before is gone: nothing is kept unless it is taken away as a file.
 */
final readonly class StartTrial
{
    /** Seats that are laid out beside the one that is tried: as in a usual row. */
    private const ROW = 6;

    /** Tries of one board without leaving it. */
    private const TRIES = 10;

    public function __construct(
        private EndTrial $end,
        private StartWiring $start,
        private CountProgress $count,
        private PlaceFaults $place,
    ) {
    }

    /**
     * The board itself. Refuses if it cannot be wired.
     *
     * @param  bool  $isWired  whether it stands wired as planned, to be tested
     */
    public function ofBoard(User $instructor, BoardFile $file, TaskMode $mode, bool $isWired = false): Attempt
    {
        $task = [
            'format' => 'zwindle-task', 'version' => 1,
            'title' => $file->title, 'brief' => $file->brief,
            'kind' => TaskKind::Wire->value, 'mode' => $mode->value,
            'help' => $mode === TaskMode::Coached ? ['tester', 'hints'] : [],
            'tries' => self::TRIES,
        ];
        $marking = Marking::query()->whereNull('instructor_id')->orderBy('id')->firstOrFail();
        $json = json_encode($task, JSON_THROW_ON_ERROR);
        [$board] = SeatBoards::of($file->drawing(), Task::read($json, $file->drawing()), 1, self::ROW);

        $plan = $isWired ? (Planner::plan($board)->plans[0] ?? null) : null;
        $start = $plan === null ? null : WiringAsSteps::of($plan->wiring);

        return $this->begin($instructor, $file->id, $json, $marking->json, BoardArray::of($plan->wiring->board ?? $board), $start, 1);
    }

    /** A seat of a task that is kept: the variant that it would have. Refuses where the board gives fewer variants. */
    public function ofTask(User $instructor, Task $task, int $seat, TaskMode $mode): Attempt
    {
        $drawn = $task->boardFile->drawing();
        $json = self::inMode($task->json, $mode);
        $asked = Task::read($json, $drawn);
        $board = SeatBoards::of($drawn, $asked, max($seat, self::ROW), self::ROW)[$seat - 1];
        $start = $this->start->execute($asked, $board, AsFoundSheet::of($task->boardFile, $instructor));

        return $this->begin(
            $instructor,
            $task->board_file_id,
            $json,
            $task->marking->json,
            SeatBoards::file($asked, $board),
            $start,
            $seat,
        );
    }

    /** The board that somebody has at their seat. */
    public function ofSeat(User $instructor, Attempt $attempt, TaskMode $mode): Attempt
    {
        $assignment = $attempt->assignment;
        if ($assignment->task_json === null) {
            return $this->ofBoard($instructor, $assignment->boardFile, $mode);
        }

        return $this->begin(
            $instructor,
            $assignment->board_file_id,
            self::inMode($assignment->task_json, $mode),
            (string) $assignment->marking_json,
            BoardArray::of($attempt->board()),
            $attempt->start_json,
            $attempt->seat ?? 1,
        );
    }

    private static function inMode(string $taskJson, TaskMode $mode): string
    {
        return JsonText::with($taskJson, [
            'help' => $mode === TaskMode::Coached ? ['tester', 'hints'] : [], 'mode' => $mode->value, 'tries' => self::TRIES,
        ]);
    }

    /**
     * @param  array<string, mixed>  $board
     * @param  list<array<string, mixed>>|null  $start
     */
    private function begin(User $instructor, int $file, string $task, string $marking, array $board, ?array $start, int $seat): Attempt
    {
        $asked = json_decode($task, false, 32, JSON_THROW_ON_ERROR);
        if (! is_object($asked)) {
            throw WorkRefused::because(['task' => __('messages.no-plan-to-set')]);
        }

        return DB::transaction(function () use ($instructor, $file, $task, $marking, $board, $start, $seat, $asked): Attempt {
            $this->end->allOf($instructor);
            $assignment = Assignment::query()->create([
                'classroom_id' => null,
                'board_file_id' => $file,
                'minutes' => $asked->minutes ?? null,
                'mode' => $asked->mode,
                'task_json' => $task,
                'marking_json' => $marking,
                // What is tried is told at once.
                'released_at' => now(),
            ]);
            $attempt = $assignment->attempts()->create([
                'trainee_id' => $instructor->id,
                'seat' => $seat,
                'board_json' => json_encode($board, JSON_THROW_ON_ERROR),
                'start_json' => $start,
            ]);
            $this->place->execute($attempt->task() ?? throw new LogicException('A trial has a task.'), [$attempt]);
            $attempt->update($this->count->of($attempt));

            return $attempt;
        });
    }
}
