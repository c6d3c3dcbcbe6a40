<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use Zwindle\Board\Wiring\Wiring;

/** How a tradesperson would do it, of what is right either way: colour with colour (common practice). */
final class Naturalness
{
    /** How many more colours than one meet in the joints of a wiring; a marked end counts as what it is marked. */
    public static function mixedColours(Wiring $wiring): int
    {
        $mixed = 0;
        foreach ($wiring->joints as $joint) {
            $colours = [];
            foreach ($joint->points as $point) {
                $core = $wiring->points[$point]->core;
                if ($core !== null) {
                    $colours[$wiring->markOn($point)->value ?? $core->colour->value] = true;
                }
            }
            $mixed += max(0, count($colours) - 1);
        }

        return $mixed;
    }
}
