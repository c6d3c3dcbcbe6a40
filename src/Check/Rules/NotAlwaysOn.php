<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\Device;
use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** A device that should stay live whatever the switches do lacks line or neutral in some state. */
final readonly class NotAlwaysOn implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->board->alwaysOn as $id) {
            $device = $evidence->board->devices[$id];
            $lacking = $device->is(DeviceKind::Lamp) ? self::darkSides($evidence, $device) : self::deadTerminals($evidence, $device);
            if ($lacking !== []) {
                yield new Finding(FindingCode::NotAlwaysOn, $lacking, ['device' => $id]);
            }
        }
    }

    /** @return list<string> */
    private static function darkSides(Evidence $evidence, Device $device): array
    {
        $sides = $evidence->wiring->modelOf($device)->lampSides();

        return $evidence->table->isOnThroughout($device->id)
            ? []
            : array_map(fn ($side) => DevicePoint::id($device->id, $side->name), $sides);
    }

    /** @return list<string> */
    private static function deadTerminals(Evidence $evidence, Device $device): array
    {
        $dead = [];
        foreach ($evidence->wiring->modelOf($device)->terminals as $terminal) {
            $wanted = match ($terminal->duty) {
                TerminalDuty::Hot => $evidence->circuit->lineNet,
                TerminalDuty::Neutral => $evidence->circuit->neutralNet,
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
