<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Attempt;
use App\Wording\Headline;
use Illuminate\Support\Facades\DB;

/** Closes an attempt and keeps its verdict. A second hand-in changes nothing. */
final readonly class HandIn
{
    public function __construct(private JudgeAttempt $judge)
    {
    }

    public function execute(Attempt $attempt): void
    {
        DB::transaction(function () use ($attempt): void {
            $attempt->claim();
            if ($attempt->handed_in_at !== null) {
                return;
            }
            $result = $this->judge->execute($attempt);
            $attempt->update([
                'started_at' => $attempt->started_at ?? now(),
                'handed_in_at' => now(),
                'verdict' => $result->verdict->value,
                'headline' => (new Headline($result))->sentence(),
            ]);
        });
    }
}
