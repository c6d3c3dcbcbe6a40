<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\Attempt;

/** Counts an answer whatever the clock says; called inside the transaction that has claimed the attempt. */
final readonly class CountAnswer
{
    /** @param  array<string, list<string>>  $chosen  question → options */
    public function execute(Attempt $attempt, array $chosen): void
    {
        $answers = [...($attempt->answers ?? []), ...$chosen];
        $attempt->update(['answers' => $answers, 'placed' => count($answers)]);
    }
}
