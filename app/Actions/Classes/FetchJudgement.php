<?php

declare(strict_types=1);

namespace App\Actions\Classes;

use App\Enums\JudgedAt;
use App\Models\Attempt;
use App\Models\Judgement;

/** Fetches the judgement of an attempt that counts; where none is kept yet, it is judged now. */
final readonly class FetchJudgement
{
    public function __construct(private KeepJudgement $keep)
    {
    }

    /** The judgement that counts, worked out now where none is kept yet; null for an attempt that is not handed in. */
    public function execute(Attempt $attempt): ?Judgement
    {
        if ($attempt->handed_in_at !== null && ($attempt->judgement_id === null || $attempt->judged_try < $attempt->tries)) {
            $isFromBefore = $attempt->judgement_id === null && $attempt->verdict !== null;
            $this->keep->execute($attempt, $isFromBefore ? JudgedAt::Upgrade : JudgedAt::HandIn);
        }

        return $attempt->judgement;
    }
}
