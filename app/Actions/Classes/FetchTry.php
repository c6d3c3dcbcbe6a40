<?php

declare(strict_types=1);

namespace App\Actions\Classes;

use App\Models\Attempt;
use App\Models\Judgement;
use App\Queries\Classes\CountingJudgement;

/** Fetches what one try of an attempt was judged to be. */
final readonly class FetchTry
{
    public function __construct(private FetchJudgement $fetch)
    {
    }

    /** What one try was judged to be, or the newest where none is named; null if there is no such try. */
    public function execute(Attempt $attempt, ?int $try): ?Judgement
    {
        $this->fetch->execute($attempt);

        return CountingJudgement::tries($attempt)->firstWhere('try', $try ?? $attempt->judged_try);
    }
}
