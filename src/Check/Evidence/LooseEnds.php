<?php

declare(strict_types=1);

namespace Zwindle\Check\Evidence;

/** Ends of cores, and leads, that are neither joined nor capped. */
final class LooseEnds
{
    /** @return list<string> */
    public static function in(Evidence $evidence): array
    {
        $ends = [];
        foreach ($evidence->wiring->points as $point) {
            if (! $point->isFixed() && $evidence->wiring->isLoose($point->id) && ! $evidence->isSparedEarth($point)) {
                $ends[] = $point->id;
            }
        }

        return $ends;
    }
}
