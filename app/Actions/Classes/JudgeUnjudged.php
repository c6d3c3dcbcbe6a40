<?php

declare(strict_types=1);

namespace App\Actions\Classes;

use App\Enums\JudgedAt;
use App\Models\Attempt;

/** Judges an attempt that was handed in and not judged: the server was stopped, or upgraded. Does nothing for any other. */
final readonly class JudgeUnjudged
{
    public function __construct(private KeepJudgement $keep)
    {
    }

    public function execute(Attempt $attempt): void
    {
        if ($attempt->isUnjudged()) {
            $isFromBefore = $attempt->judgement_id === null && $attempt->verdict !== null;
            $this->keep->execute($attempt, $isFromBefore ? JudgedAt::Upgrade : JudgedAt::HandIn);
        }
    }
}
