<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Tasks\PlaceFaults;
use App\Exceptions\WorkRefused;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\User;
use App\Queries\Bench\CountProgress;
use Illuminate\Support\Facades\DB;
use LogicException;

/**
 * Lets an instructor wire a board as a trainee would, coached or as in an exam, without setting it to anybody. It belongs to no class,
 * and what was tried before is gone: nothing is kept unless it is taken away as a file.
 */
final readonly class BeginTrial
{
    public function __construct(private EndTrials $end, private CountProgress $count, private PlaceFaults $place)
    {
    }

    /**
     * @param  array<string, mixed>  $board
     * @param  list<array<string, mixed>>|null  $start
     */
    public function execute(User $instructor, int $file, string $task, string $marking, array $board, ?array $start, int $seat): Attempt
    {
        $asked = json_decode($task, false, 32, JSON_THROW_ON_ERROR);
        if (! is_object($asked)) {
            throw WorkRefused::because(['task' => __('messages.no-plan-to-set')]);
        }

        return DB::transaction(function () use ($instructor, $file, $task, $marking, $board, $start, $seat, $asked): Attempt {
            $this->end->execute($instructor);
            $assignment = Assignment::query()->create([
                'classroom_id' => null,
                'board_file_id' => $file,
                'minutes' => $asked->minutes ?? null,
                'mode' => $asked->mode,
                'task_json' => $task,
                'marking_json' => $marking,
                // The result of a try is shown at once.
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
