<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

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
        foreach ($evidence->board->requirements->earths ? $evidence->board->onwardCables() : [] as $cable) {
            foreach ($cable->cores as $core) {
                if ($core->colour->isEarths() && $evidence->netOfCore($core) !== $evidence->circuit->earthNet) {
                    $byNet[$evidence->netOfCore($core)][] = $core->ends()[0];
                }
            }
        }
        foreach ($byNet as $net => $points) {
            yield new Finding(FindingCode::EarthMissing, $points, [
                'shape' => $evidence->hasCurrentTerminal($net) ? 'on-current' : 'open',
                'enclosures' => implode(' ', array_unique(array_map(fn (string $id) => $evidence->point($id)->enclosure, $points))),
            ]);
        }
    }
}
