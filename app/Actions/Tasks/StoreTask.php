<?php

declare(strict_types=1);

namespace App\Actions\Tasks;

use App\Exceptions\InputRefused;
use App\Models\BoardFile;
use App\Models\Marking;
use App\Models\Task;
use App\Models\User;
use App\Queries\Tasks\TitleOfTask;

/** Keeps a new task. */
final class StoreTask
{
    /** @throws InputRefused with every problem of the task */
    public function execute(User $instructor, BoardFile $file, Marking $marking, string $json): Task
    {
        return Task::query()->create([
            'instructor_id' => $instructor->id,
            'board_file_id' => $file->id,
            'marking_id' => $marking->id,
            'title' => TitleOfTask::of($file, $marking, $json),
            'json' => $json,
        ]);
    }
}
