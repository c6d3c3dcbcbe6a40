<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use Zwindle\Board\DevicePoint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Check\Evidence\ExchangedBlocks;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Scheme\Role;
use Zwindle\Circuit\Scheme\Roles;
use Zwindle\Circuit\Solve\Survey;

/**
 * Parts that work and are the wrong way round: a lamp with a lead or a flex conductor on the other side, the one for the neutral
 * on the line side or its fellow on the neutral; a rose with permanent and switched line in each other's blocks.
 */
final class WrongWayRound
{
    /** @return list<string> ids of lamps and roses */
    public static function in(Wiring $wiring): array
    {
        $marked = array_filter(
            $wiring->board->devicesOf(DeviceKind::Lamp),
            fn ($lamp) => array_filter($wiring->modelOf($lamp)->lampSides(), fn ($side) => $side->isForNeutral) !== [],
        );
        if ($marked === [] && $wiring->board->devicesOf(DeviceKind::Rose) === []) {
            return [];
        }
        $roles = Roles::of(new Survey(Circuit::of($wiring)));
        $reversed = [];
        foreach ($marked as $lamp) {
            foreach ($wiring->modelOf($lamp)->lampSides() as $side) {
                $point = DevicePoint::id($lamp->id, $side->name);
                $isNeutral = $roles->has($point, Role::Neutral);
                if ($side->isForNeutral ? ! $isNeutral && $roles->isOnLineSide($point) : $roles->at($point) === [Role::Neutral]) {
                    $reversed[$lamp->id] = true;
                }
            }
        }

        return array_map(strval(...), array_keys([...$reversed, ...ExchangedBlocks::in($wiring->board, $roles)]));
    }
}
