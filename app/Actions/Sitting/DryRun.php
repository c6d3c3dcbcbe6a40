<?php

declare(strict_types=1);

namespace App\Actions\Sitting;

use App\Actions\Classes\JudgeHandedIn;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Queries\Bench\CountProgress;
use App\Queries\Classes\MarkingInForce;
use App\Shapes\Bench\BoardVisibility;
use Illuminate\Support\Facades\Log;
use Throwable;
use Zwindle\Exam\Grading\KeptGrade;

/**
 * Every seat of an exam tried before it is opened: its task, variant and marking read, its board opened, handed in and judged, its
 * inspection counted, all in memory. No attempt, clock or record is written.
 */
final readonly class DryRun
{
    public function __construct(private JudgeHandedIn $judge, private CountProgress $count)
    {
    }

    /**
     * @return list<array{attempt: int, seat: int|null, name: string, why: string}> the seats that would fail
     */
    public function execute(Assignment $assignment): array
    {
        $failing = [];
        $attempts = $assignment->attempts()->with(['trainee', 'assignment.boardFile', 'assignment.classroom']);
        $attempts->with(['placedFaults', 'appliedSteps']);
        $attempts->whereNull('started_at')->orderBy('seat');
        foreach ($attempts->get() as $attempt) {
            $why = $this->whyNot($attempt);
            if ($why !== null) {
                $failing[] = ['attempt' => $attempt->id, 'seat' => $attempt->seat, 'name' => $attempt->trainee->name, 'why' => $why];
            }
        }

        return $failing;
    }

    private function whyNot(Attempt $attempt): ?string
    {
        try {
            return $this->tried($attempt);
        } catch (Throwable $fault) {
            Log::warning('A seat failed its dry run.', ['attempt' => $attempt->id, 'exception' => $fault]);

            return __('sitting.dry.cannot-be-read');
        }
    }

    private function tried(Attempt $attempt): ?string
    {
        $begun = clone $attempt;
        $begun->forceFill(['started_at' => now()->subMinute()]);
        $attempt->task();
        (new BoardVisibility($begun, $attempt->trainee))->bench($attempt->board());
        if ($this->count->of($begun)['ends'] === 0) {
            return __('sitting.dry.nothing-to-do');
        }
        $handedIn = clone $begun;
        $handedIn->forceFill(['handed_in_at' => now(), 'tries' => 1]);
        $mark = $this->judge->execute($handedIn)['mark'];
        if ($mark === null) {
            return $attempt->assignment->marking_json === null ? null : __('sitting.dry.no-mark');
        }
        $asked = array_fill_keys(MarkingInForce::observationsOf($attempt), true);
        $seen = KeptGrade::observed($mark, $asked);

        return $seen['isOpen'] || $seen['got'] > $mark['total'] ? __('sitting.dry.inspection') : null;
    }
}
