<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Classes\KeepJudgement;
use App\Enums\JudgedAt;
use App\Models\Attempt;
use App\Models\Record;
use App\Services\ExamGate;
use Illuminate\Support\Facades\DB;

/** Closes an attempt, judges it and keeps the judgement. A second hand-in changes nothing; an exam that may not begin is not handed in. */
final readonly class HandIn
{
    /** Whose clock stands may hand in what there is, and practice has no end. */
    private const NO_MATTER = ['paused', 'late'];

    public function __construct(private KeepJudgement $keep, private HandInOverdue $overdue)
    {
    }

    public function execute(Attempt $attempt): void
    {
        // What comes after the end was handed in at the end, whoever looks first.
        $this->overdue->execute($attempt);
        $isClosed = DB::transaction(function () use ($attempt): bool {
            $attempt->claim();

            if ($attempt->handed_in_at !== null) {
                return false;
            }
            $refusal = ExamGate::refusal($attempt);
            ExamGate::refuse(in_array($refusal, self::NO_MATTER, true) ? null : $refusal, 'attempt');

            $attempt->assignment->isExam() && Record::add('hand-in', $attempt, $attempt->trainee, to: ['steps' => $attempt->head]);

            return $attempt->update([
                'paused_seconds' => $attempt->pausedSeconds(),
                'paused_at' => null,
                'handed_in_at' => now(),
                'tries' => $attempt->tries + 1,
            ]);
        });
        if ($isClosed) {
            $this->keep->execute($attempt, JudgedAt::HandIn);
        }
    }
}
