<?php

declare(strict_types=1);

namespace Tests\Support;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;

/**
 * A wiring as a netlist with every core a resistor of its own, so that the simulator tells the current in each.
 *
 * It is written from the wiring's points and shares nothing with the core but the files' own words.
 */
final class SpiceCores
{
    private const OHM_PER_M = 0.008;

    /** @return array{string, list<string>, list<string>} deck, prints, and for each print the cable whose insulated cores it sums */
    public static function job(Wiring $wiring, array $positions): array
    {
        $node = self::nodes($wiring);
        $supply = $wiring->board->supply()->id;
        $volts = $wiring->board->practice->nominalV;
        $lines = [
            '* cores',
            "VS src 0 DC $volts",
            "RL src {$node["$supply.line"]} 1u",
            "RN {$node["$supply.neutral"]} 0 1u",
            "RE {$node["$supply.earth"]} 0 1u",
        ];
        $prints = $cables = [];
        foreach ($wiring->board->cables as $cable) {
            $sum = [];
            foreach ($cable->cores as $core) {
                if ($core->beyond !== null) {
                    continue;
                }
                [$from, $to] = array_map(fn (string $end) => $node[$end], $core->ends());
                $ohm = self::OHM_PER_M * ($cable->lengthM ?? 1.0);
                $lines[] = "R{$cable->id}_$core->name $from $to $ohm";
                if (! in_array($core->colour->value, ['bare', 'green', 'green-yellow'], true)) {
                    $sum[] = "(v($from)-v($to))/$ohm";
                }
            }
            if (! $cable->type->isSingle) {
                $prints[] = implode('+', $sum);
                $cables[] = $cable->id;
            }
        }
        foreach ($wiring->board->devicesOf(DeviceKind::Lamp) as $lamp) {
            [$one, $other] = $wiring->modelOf($lamp)->lampSides();
            $lines[] = "RLAMP_$lamp->id {$node["$lamp->id.$one->name"]} {$node["$lamp->id.$other->name"]} ".($volts * $volts / 60);
        }
        foreach ($positions as $switch => $position) {
            $model = $wiring->modelOf($wiring->board->devices[$switch]);
            foreach ($position === 'down' ? $model->closedDown : $model->closedUp as $i => [$one, $other]) {
                $lines[] = "RC_{$switch}_$i {$node["$switch.$one"]} {$node["$switch.$other"]} 1u";
            }
        }
        foreach (array_unique($node) as $i => $name) {
            $lines[] = "RSHUNT_$name $name 0 1G";
        }

        return [implode("\n", [...$lines, '.op', '.end', '']), array_map(fn (string $sum) => "v(src)*0+$sum", $prints), $cables];
    }

    /** @return array<string, string> point → node of its joint */
    private static function nodes(Wiring $wiring): array
    {
        $nodes = [];
        foreach (array_keys($wiring->points) as $i => $point) {
            $nodes[$point] = "p$i";
        }
        foreach ($wiring->joints as $i => $joint) {
            foreach ($joint->points as $point) {
                $nodes[$point] = "j$i";
            }
        }

        return $nodes;
    }
}
