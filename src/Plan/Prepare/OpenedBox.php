<?php

declare(strict_types=1);

namespace Zwindle\Plan\Prepare;

use Zwindle\Board\Cable;
use Zwindle\Board\Device;
use Zwindle\Board\DevicePoint;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Survey;
use Zwindle\Plan\Plan;

/** What still works with every joint of one box taken apart. */
final class OpenedBox
{
    /**
     * @return list<string> lamps that never light then, and receptacles, roses and places beyond the board that never have line and
     *     neutral, outside that box
     */
    public static function darkWithout(Plan $plan, string $enclosure): array
    {
        $whole = $plan->wiring;
        $survey = new Survey(Circuit::of(Wiring::of(
            $whole->board,
            array_values(array_filter($whole->joints, fn (Joint $joint) => $joint->enclosure !== $enclosure)),
            [], [], $whole->fitted,
        )));
        $before = $plan->result->evidence->survey;
        $dark = array_filter(
            $whole->board->devices,
            fn (Device $device) => $device->enclosure !== $enclosure && self::works($before, $device) && ! self::works($survey, $device),
        );

        $beyond = array_filter($whole->board->onwardCables(), fn (Cable $cable) => ! self::isBeyondFed($survey, $cable));

        return [...array_keys($dark), ...array_map(fn (Cable $cable) => (string) $cable->beyond, array_values($beyond))];
    }

    private static function isBeyondFed(Survey $survey, Cable $cable): bool
    {
        $circuit = $survey->circuit;
        foreach ([[$cable->lineCore(), $circuit->lineNet], [$cable->neutralCore(), $circuit->neutralNet]] as [$core, $net]) {
            if ($core === null || ! $survey->areAlwaysOne($circuit->nets->at($core->ends()[0]), $net)) {
                return false;
            }
        }

        return true;
    }

    private static function works(Survey $survey, Device $device): bool
    {
        return match ($device->model->kind) {
            DeviceKind::Lamp => $survey->truthTable->isEverLit($device->id),
            DeviceKind::Receptacle, DeviceKind::Rose => self::isFed($survey, $device->id, $device->model),
            default => false,
        };
    }

    private static function isFed(Survey $survey, string $device, DeviceModel $model): bool
    {
        $circuit = $survey->circuit;
        foreach ([[TerminalDuty::Hot, $circuit->lineNet], [TerminalDuty::Neutral, $circuit->neutralNet]] as [$duty, $net]) {
            foreach ($model->withDuty($duty) as $terminal) {
                if (! $survey->areAlwaysOne($circuit->nets->at(DevicePoint::id($device, $terminal->name)), $net)) {
                    return false;
                }
            }
        }

        return true;
    }
}
