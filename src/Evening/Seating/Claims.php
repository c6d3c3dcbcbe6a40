<?php

declare(strict_types=1);

namespace Zwindle\Evening\Seating;

use Zwindle\Evening\EveningDraft;
use Zwindle\Evening\Sitting;

/** An evening → what each person still has to sit beside what is fixed. */
final class Claims
{
    /** @return list<Claim> in the order of the people */
    public static function of(EveningDraft $evening): array
    {
        $claims = [];
        foreach ($evening->people as $person) {
            $id = $person->id;
            $fixed = array_values(array_filter($evening->fixed, fn (Sitting $sitting) => $sitting->person === $id));
            $times = $evening->timesOf($id) - count($fixed);
            if ($times <= 0) {
                continue;
            }
            $minutes = $person->minutes($evening->minutes);
            $earliest = max($person->notBefore, $evening->now);
            $claims[] = $fixed === []
                ? new Claim($id, $minutes, $times, $earliest)
                : self::besides($fixed[0], $minutes, $earliest, $evening->changeover);
        }

        return $claims;
    }

    private static function besides(Sitting $fixed, int $minutes, int $earliest, int $changeover): Claim
    {
        return $fixed->isRetest
            ? new Claim($fixed->person, $minutes, 1, $earliest, $fixed->from - $changeover, $fixed->variant, $fixed->to + $changeover)
            : new Claim($fixed->person, $minutes, 1, max($earliest, $fixed->to + $changeover), avoid: $fixed->variant);
    }
}
