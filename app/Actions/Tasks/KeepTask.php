<?php

declare(strict_types=1);

namespace App\Actions\Tasks;

use App\Exceptions\InputRefused;
use App\Exceptions\WorkRefused;
use App\Models\BoardFile;
use App\Models\Marking;
use App\Models\Task;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Zwindle\Exam\Grading\Suitability;
use Zwindle\Problem\Problems;

/** Saves a task; what was set with the version before has a copy of its own. */
final class KeepTask
{
    /** @throws InputRefused with every problem of the task */
    public function create(User $instructor, BoardFile $file, Marking $marking, string $json): Task
    {
        return Task::query()->create([
            'instructor_id' => $instructor->id,
            'board_file_id' => $file->id,
            'marking_id' => $marking->id,
            'title' => self::titleOf($file, $marking, $json),
            'json' => $json,
        ]);
    }

    /**
     * @throws InputRefused with every problem of the task
     * @throws WorkRefused if another version was saved since
     */
    public function update(Task $task, int $base, BoardFile $file, Marking $marking, string $json): Task
    {
        $title = self::titleOf($file, $marking, $json);

        return DB::transaction(function () use ($task, $base, $file, $marking, $json, $title): Task {
            $changes = [
                'version' => $base + 1,
                'board_file_id' => $file->id,
                'marking_id' => $marking->id,
                'title' => $title,
                'json' => $json,
            ];
            $taken = Task::query()->where('id', $task->id)->where('version', $base)->update($changes);
            $task->refresh();

            return $taken === 1
                ? $task
                : throw WorkRefused::because(['base' => __('messages.task-moved-on', ['version' => $task->version])]);
        });
    }

    private static function titleOf(BoardFile $file, Marking $marking, string $json): string
    {
        $task = Task::read($json, $file->drawing());
        $problems = new Problems;
        Suitability::check($task, Marking::read($marking->json), $problems);

        return $problems->any() ? throw InputRefused::file('task', $problems->all()) : $task->title;
    }
}
