<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Classes\KeepJudgement;
use App\Enums\JudgedAt;
use App\Models\Attempt;
use App\Models\Record;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Closes an attempt, judges it and keeps the judgement. A second hand-in changes nothing; an exam that may not begin is not handed in. */
final readonly class HandIn
{
    public function __construct(private KeepJudgement $keep)
    {
    }

    public function execute(Attempt $attempt): void
    {
        $isClosed = DB::transaction(function () use ($attempt): bool {
            $attempt->claim();

            if ($attempt->handed_in_at !== null) {
                return false;
            }
            $attempt->withdrawn_at === null || throw ValidationException::withMessages(['attempt' => __('messages.withdrawn')]);
            $refusal = ExamLock::begin($attempt);
            $refusal === null || throw ValidationException::withMessages(['attempt' => __("messages.$refusal")]);

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
