<?php

declare(strict_types=1);

namespace Database\Seeders;

use Zwindle\Bench\PlaceMap;
use Zwindle\Wiring\Wiring;

/** A wiring file as the steps that a trainee would have made, joint by joint. */
final class WiringAsSteps
{
    /** @return list<array<string, mixed>> */
    public static function of(Wiring $wiring): array
    {
        $places = new PlaceMap($wiring->board);
        $steps = [];
        foreach ($wiring->joints as $joint) {
            $points = array_map($places->placeOf(...), $joint->points);
            if ($joint->by->isConnector()) {
                $steps[] = ['do' => 'gather', 'points' => $points, 'by' => $joint->by->value, 'ports' => $joint->ports];

                continue;
            }
            $isFixed = fn (string $place) => $places->find($place)?->isFixed() ?? false;
            $on = array_values(array_filter($points, $isFixed))[0];
            foreach (array_diff($points, [$on]) as $point) {
                $steps[] = ['do' => 'land', 'points' => [$point], 'on' => $on];
            }
        }
        foreach ($wiring->caps as $point) {
            $steps[] = ['do' => 'cap', 'points' => [$places->placeOf($point)]];
        }
        foreach ($wiring->marks as $point => $as) {
            $steps[] = ['do' => 'mark', 'points' => [$point], 'as' => $as->value];
        }

        return $steps;
    }
}
