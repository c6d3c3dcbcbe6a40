<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\Rule;

/** An earthing terminal or a metal enclosure does not reach the earth of the supply; one finding for each group that hangs together. */
final readonly class EarthMissing implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        $byNet = [];
        foreach ($evidence->wiring->points as $point) {
            $net = $evidence->nets->at($point->id);
            if ($point->isEarthing() && $net !== $evidence->circuit->earthNet && ! $evidence->isSparedEarth($point)) {
                $byNet[$net][] = $point->id;
            }
        }
        foreach ($byNet as $net => $points) {
            yield new Finding(FindingCode::EarthMissing, $points, ['shape' => $evidence->hasCurrentTerminal($net) ? 'on-current' : 'open']);
        }
    }
}
