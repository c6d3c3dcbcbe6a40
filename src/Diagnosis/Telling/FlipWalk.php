<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis\Telling;

/**
 * The shortest walk of single flips that visits every combination once: 2ⁿ − 1 flips.
 *
 * Source: the reflected binary code (F. Gray, US patent 2 632 058, 1953).
 */
final class FlipWalk
{
    /**
     * @param  list<string>  $switches
     * @return list<string> the switch to flip at each step, from any combination
     */
    public static function of(array $switches): array
    {
        $walk = [];
        foreach (array_reverse($switches) as $switch) {
            $walk = [...$walk, $switch, ...$walk];
        }

        return $switches === [] ? [] : $walk;
    }
}
