<?php

declare(strict_types=1);

namespace App\Actions\Classes;

use App\Models\Assignment;
use App\Models\Marking;
use App\Models\Record;
use App\Models\Task;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** The marking of a task as it is now, for what was set with an earlier one. No mark changes by it: that is decided one by one. */
final class TakeMarking
{
    /** @return bool whether it had changed since it was set */
    public function execute(Assignment $assignment, User $who): bool
    {
        return DB::transaction(function () use ($assignment, $who): bool {
            $assignment->touch();
            $json = Task::query()->with('marking')->find($assignment->task_id)?->marking->json;
            if ($json === null || $json === $assignment->marking_json) {
                return false;
            }
            Record::add('marking', $assignment, $who, ['title' => Marking::read((string) $assignment->marking_json)->title], [
                'title' => Marking::read($json)->title,
            ]);

            return $assignment->update(['marking_json' => $json]);
        });
    }
}
