<?php

declare(strict_types=1);

namespace Zwindle\Plan\Prepare;

use Zwindle\Board\Board;
use Zwindle\Board\Device;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\SwitchFunction;

/**
 * The part on the shelf that looks like the one needed and will not do.
 *
 * Source: common practice; the two-pole on/off is the classic wrong part for a four-way.
 */
final class LookAlike
{
    /** @return array<string, SwitchFunction> function that the board needs → the one not to buy for it */
    public static function of(Board $board): array
    {
        $needed = array_map(fn (Device $device) => $device->model->function, $board->devicesOf(DeviceKind::Switch));
        $pairs = [];
        foreach (SwitchFunction::cases() as $function) {
            $other = match ($function) {
                SwitchFunction::FourWay => SwitchFunction::TwoPole,
                SwitchFunction::ThreeWay => SwitchFunction::OnePole,
                default => null,
            };
            if ($other !== null && in_array($function, $needed, true)) {
                $pairs[$function->value] = $other;
            }
        }

        return $pairs;
    }
}
