<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\Attempt;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Opens an attempt again, as it stands, while the task has tries left; only the last hand-in counts. */
final class TryAgain
{
    /** Refuses if there is no try left, or the marks are out. */
    public function execute(Attempt $attempt): void
    {
        DB::transaction(function () use ($attempt): void {
            $attempt->claim();
            if ($attempt->handed_in_at === null) {
                return;
            }
            $task = $attempt->task();
            match (true) {
                $task === null,
                $attempt->tries >= $task->tries,
                $attempt->finished_at !== null => throw ValidationException::withMessages(['attempt' => __('messages.no-more-tries')]),
                $attempt->assignment->released_at !== null => throw ValidationException::withMessages([
                    'attempt' => __('messages.marks-are-out'),
                ]),
                default => $attempt->update(['handed_in_at' => null, 'verdict' => null, 'headline' => null, 'judgement_id' => null]),
            };
        });
    }
}
