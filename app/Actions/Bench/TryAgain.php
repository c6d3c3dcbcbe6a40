<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Tasks\PlaceOtherFaults;
use App\Exceptions\WorkRefused;
use App\Models\Attempt;
use App\Models\Proof;
use App\Queries\Bench\CountProgress;
use Illuminate\Support\Facades\DB;
use Zwindle\Exam\Task\TaskKind;

/**
 * Opens an attempt again, as it was handed in or from bare, while it may be wired again. What it was judged to be goes on counting
 * until another try is judged, and after that too where the task says so.
 */
final readonly class TryAgain
{
    public function __construct(private CountProgress $count, private PlaceOtherFaults $place)
    {
    }

    /** Refuses if there is no try left, or the marks are out. */
    public function execute(Attempt $attempt, bool $isFromBare = false): void
    {
        DB::transaction(function () use ($attempt, $isFromBare): void {
            $attempt->claim();
            if ($attempt->handed_in_at === null) {
                return;
            }
            if (! $attempt->mayBeWiredAgain()) {
                $isOut = $attempt->isReleased() && $attempt->finished_at === null && $attempt->triesLeft() > 0;
                throw WorkRefused::because(['attempt' => __($isOut ? 'messages.marks-are-out' : 'messages.no-more-tries')]);
            }
            $attempt->update([
                'handed_in_at' => null,
                ...$attempt->assignment->isExam() ? [] : ['started_at' => null],
                ...$isFromBare ? ['bare_from' => $attempt->head, 'answers' => null] : [],
            ]);
            if ($attempt->assignment->kind() === TaskKind::Fault) {
                // Other faults are in it, and nothing is known of them.
                $proofs = Proof::query();
                $proofs->where('attempt_id', $attempt->id)->whereNull('ended_at')->update(['ended_at' => now()]);
            }
            $attempt->unsetRelations();
            $task = $attempt->task();
            $task === null || $this->place->execute($task, $attempt);
            $attempt->update($this->count->of($attempt));
        });
    }
}
