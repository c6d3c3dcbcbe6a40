<?php

declare(strict_types=1);

namespace App\Shapes\Evenings;

use App\Wording\EveningSentence;
use Zwindle\Evening\Conflict;
use Zwindle\Evening\EveningDraft;
use Zwindle\Evening\EveningPlan;
use Zwindle\Evening\NoEvening;
use Zwindle\Evening\Sitting;

/** An evening's plan as JSON: the shape that others read. */
final class EveningShape
{
    /** @return array<string, mixed> */
    public static function of(EveningPlan $plan, EveningDraft $evening): array
    {
        $sentence = new EveningSentence($evening);

        return [
            'sittings' => array_map(self::sitting(...), $plan->sittings),
            'minutes' => $plan->minutes,
            'atLeast' => $plan->atLeast,
            'conflicts' => array_map(fn (Conflict $conflict) => [
                'rule' => $conflict->rule->value,
                'message' => $sentence->conflict($conflict),
                'sittings' => array_map(self::sitting(...), $conflict->sittings),
            ], $plan->conflicts),
        ];
    }

    /** @return array<string, mixed> */
    public static function impossible(NoEvening $reason): array
    {
        return ['sittings' => [], 'minutes' => null, 'atLeast' => null, 'conflicts' => [], 'impossible' => [
            'message' => EveningSentence::impossible($reason),
        ]];
    }

    /** @return array{person: string, station: string, from: int, to: int, variant: int, retest: bool} */
    public static function sitting(Sitting $sitting): array
    {
        return [
            'person' => $sitting->person,
            'station' => $sitting->station,
            'from' => $sitting->from,
            'to' => $sitting->to,
            'variant' => $sitting->variant,
            'retest' => $sitting->isRetest,
        ];
    }
}
