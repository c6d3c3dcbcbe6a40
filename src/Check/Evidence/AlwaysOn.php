<?php

declare(strict_types=1);

namespace Zwindle\Check\Evidence;

use Zwindle\Board\Device;
use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\TerminalDuty;

/** Devices and onward cables that should stay live whatever the switches do, and where they do not. */
final class AlwaysOn
{
    /** @return array<string, non-empty-list<string>> place beyond the board → near ends of its cable that lack line or neutral */
    public static function lackingBeyond(Evidence $evidence): array
    {
        $lacking = [];
        foreach ($evidence->board->onwardCables() as $cable) {
            $wanted = [[$cable->lineCore(), $evidence->circuit->lineNet], [$cable->neutralCore(), $evidence->circuit->neutralNet]];
            foreach ($wanted as [$core, $net]) {
                if ($core !== null && ! $evidence->survey->areAlwaysOne($evidence->netOfCore($core), $net)) {
                    $lacking[(string) $cable->beyond][] = $core->ends()[0];
                }
            }
        }

        return $lacking;
    }

    /** @return array<string, non-empty-list<string>> device → its points without line or neutral in some state */
    public static function lacking(Evidence $evidence): array
    {
        $lacking = [];
        foreach ($evidence->board->alwaysOn as $id) {
            $device = $evidence->board->devices[$id];
            $points = $device->is(DeviceKind::Lamp) ? self::darkSides($evidence, $device) : self::deadTerminals($evidence, $device);
            if ($points !== []) {
                $lacking[$id] = $points;
            }
        }

        return $lacking;
    }

    /** @return list<string> */
    private static function darkSides(Evidence $evidence, Device $device): array
    {
        $sides = $evidence->wiring->modelOf($device)->lampSides();

        return $evidence->table->isOnThroughout($device->id)
            ? []
            : array_map(fn ($side) => DevicePoint::id($device->id, $side->name), $sides);
    }

    /** @return list<string> of a receptacle with hot and neutral exchanged, as if they were not: that has a rule of its own */
    private static function deadTerminals(Evidence $evidence, Device $device): array
    {
        [$line, $neutral] = [$evidence->circuit->lineNet, $evidence->circuit->neutralNet];
        if ($device->is(DeviceKind::Receptacle) && ReversedOutlet::at($evidence, $device) !== []) {
            [$line, $neutral] = [$neutral, $line];
        }
        $dead = [];
        foreach ($evidence->wiring->modelOf($device)->terminals as $terminal) {
            $wanted = match ($terminal->duty) {
                TerminalDuty::Hot => $line,
                TerminalDuty::Neutral => $neutral,
                default => null,
            };
            $point = DevicePoint::id($device->id, $terminal->name);
            if ($wanted !== null && ! $evidence->survey->areAlwaysOne($evidence->nets->at($point), $wanted)) {
                $dead[] = $point;
            }
        }

        return $dead;
    }
}
