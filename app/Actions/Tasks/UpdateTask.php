<?php

declare(strict_types=1);

namespace App\Actions\Tasks;

use App\Exceptions\InputRefused;
use App\Exceptions\WorkRefused;
use App\Models\BoardFile;
use App\Models\Marking;
use App\Models\Task;
use App\Queries\Tasks\TitleOfTask;
use Illuminate\Support\Facades\DB;

/** Saves a changed task; what was set with the version before has a copy of its own. */
final class UpdateTask
{
    /**
     * @throws InputRefused with every problem of the task
     * @throws WorkRefused if another version was saved since
     */
    public function execute(Task $task, int $base, BoardFile $file, Marking $marking, string $json): Task
    {
        $title = TitleOfTask::of($file, $marking, $json);

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
}
