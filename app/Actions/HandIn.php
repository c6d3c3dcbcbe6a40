<?php

declare(strict_types=1);

namespace App\Actions;

use App\Enums\JudgedAt;
use App\Models\Attempt;
use Illuminate\Support\Facades\DB;

/** Closes an attempt, judges it and keeps the judgement. A second hand-in changes nothing. */
final readonly class HandIn
{
    public function __construct(private KeepJudgement $keep)
    {
    }

    public function execute(Attempt $attempt): void
    {
        $isClosed = DB::transaction(function () use ($attempt): bool {
            $attempt->claim();

            return $attempt->handed_in_at === null && ExamLock::begin($attempt) === null && $attempt->update(['handed_in_at' => now(), 'tries' => $attempt->tries + 1]);
        });
        if ($isClosed) {
            $this->keep->execute($attempt, JudgedAt::HandIn);
        }
    }
}
