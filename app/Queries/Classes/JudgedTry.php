<?php

declare(strict_types=1);

namespace App\Queries\Classes;

use App\Exceptions\MovedOn;
use App\Exceptions\NotThere;
use App\Models\Attempt;
use App\Models\Judgement;

/** What one try of an attempt was judged to be. */
final class JudgedTry
{
    /**
     * @param  int|null  $try  null: the newest
     *
     * @throws MovedOn for a try that was handed in and is still being judged
     * @throws NotThere if there is no such try
     */
    public static function of(Attempt $attempt, ?int $try): Judgement
    {
        $number = $try ?? ($attempt->isUnjudged() ? $attempt->tries : $attempt->judged_try);
        $judged = CountingJudgement::tries($attempt)->firstWhere('try', $number);

        return $judged ?? throw ($attempt->isUnjudged() && $number === $attempt->tries
            ? new MovedOn(__('messages.being-judged'))
            : new NotThere);
    }
}
