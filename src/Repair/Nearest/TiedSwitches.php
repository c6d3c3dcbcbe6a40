<?php

declare(strict_types=1);

namespace Zwindle\Repair\Nearest;

use Zwindle\Board\DevicePoint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Circuit\Net\Circuit;

/** Which switches a wiring ties to each other, so that chains in the order that stands are looked at first. */
final class TiedSwitches
{
    /** @return array<string, array<string, int>> switch → switch → nets that both have contacts on, the supply's not counted */
    public static function between(Wiring $wiring): array
    {
        $circuit = Circuit::of($wiring);
        $nets = [];
        foreach ($wiring->board->devicesOf(DeviceKind::Switch) as $switch) {
            $own = array_map(
                fn ($terminal) => $circuit->nets->at(DevicePoint::id($switch->id, $terminal->name)),
                $wiring->modelOf($switch)->contacts(),
            );
            $nets[$switch->id] = array_diff(array_unique($own), [$circuit->lineNet, $circuit->neutralNet, $circuit->earthNet]);
        }
        $ties = [];
        foreach ($nets as $one => $own) {
            foreach ($nets as $other => $others) {
                $ties[$one][$other] = $one === $other ? 0 : count(array_intersect($own, $others));
            }
        }

        return $ties;
    }
}
