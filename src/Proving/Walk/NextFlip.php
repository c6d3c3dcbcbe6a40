<?php

declare(strict_types=1);

namespace Zwindle\Proving\Walk;

use Zwindle\Circuit\Net\Circuit;

/**
 * The flip to make next, so that single flips see every combination: 2ⁿ − 1 of them from a standing start.
 *
 * The reflected code leads from any combination; whoever has left it is led to the nearest combination that is not seen yet.
 */
final class NextFlip
{
    /**
     * @param  int  $state  where the switches stand
     * @param  array<int, mixed>  $seen  by state
     * @return string|null null where all are seen
     */
    public static function from(Circuit $circuit, int $state, array $seen): ?string
    {
        $best = null;
        $count = $circuit->stateCount();
        for ($rank = 0; $rank < $count; $rank++) {
            // The last switch flips first.
            $wanted = self::start($state, $seen) ^ $rank ^ ($rank >> 1);
            $flips = substr_count(decbin($wanted ^ $state), '1');
            if (! isset($seen[$wanted]) && ($best === null || $flips < $best[0])) {
                $best = [$flips, $wanted];
            }
        }
        if ($best === null) {
            return null;
        }
        $places = array_reverse(array_keys($circuit->switches));
        foreach ($places as $place) {
            if ((($best[1] ^ $state) & $circuit->bitOf($place)) !== 0) {
                return $circuit->switches[$place];
            }
        }

        return null;
    }

    /**
     * The state that was seen first: the code is counted from there.
     *
     * @param  array<int, mixed>  $seen
     */
    private static function start(int $state, array $seen): int
    {
        return array_key_last($seen) ?? $state;
    }
}
