<?php

declare(strict_types=1);

namespace Tests\Support;

use Zwindle\Catalogue\DeviceKind;
use Zwindle\Catalogue\SwitchFunction;
use Zwindle\Catalogue\TerminalDuty;
use Zwindle\Wiring\JoinedBy;
use Zwindle\Wiring\Joint;
use Zwindle\Wiring\Wiring;

/** Changes to a right wiring that a careful instructor would still call right (common practice), one at a time. */
final class OddButRight
{
    /** @return array<string, Wiring> what was done → the wiring with it */
    public static function variantsOf(Wiring $right): array
    {
        $made = [];
        foreach ($right->board->devicesOf(DeviceKind::Switch) as $switch) {
            $id = $switch->id;
            $model = $right->modelOf($switch);
            if ($model->function === SwitchFunction::OnePole) {
                [$one, $other] = array_map(fn ($terminal) => "$id.$terminal->name", $model->contacts());
                $made["terminals of $id exchanged"] = Build::exchange($right, $one, $other);
            }
            if ($model->function === SwitchFunction::ThreeWay) {
                [$one, $other] = array_map(fn ($terminal) => "$id.$terminal->name", $model->withDuty(TerminalDuty::Throw));
                $linked = array_filter($right->board->controls, fn ($control) => in_array($id, $control->switches, true) && count($control->switches) === 1);
                if ($linked === []) {
                    $made["travellers exchanged at $id"] = Build::exchange($right, $one, $other);
                }
            }
            if ($model->function === SwitchFunction::FourWay) {
                $made["one pair of $id turned"] = Build::exchange($right, "$id.a1", "$id.a2");
                $made["pairs of $id exchanged"] = Build::renamed($right, ["$id.a1" => "$id.b1", "$id.a2" => "$id.b2", "$id.b1" => "$id.a1", "$id.b2" => "$id.a2"]);
                $made["pairs of $id exchanged and turned"] = Build::renamed($right, ["$id.a1" => "$id.b2", "$id.a2" => "$id.b1", "$id.b1" => "$id.a1", "$id.b2" => "$id.a2"]);
            }
        }
        foreach ($right->board->devicesOf(DeviceKind::Lamp) as $lamp) {
            [$one, $other] = $right->modelOf($lamp)->lampSides();
            if ($one->duty === TerminalDuty::LampSide && $other->duty === TerminalDuty::LampSide) {
                $made["$lamp->id the other way round"] = Build::exchange($right, "$lamp->id.$one->name", "$lamp->id.$other->name");
            }
        }
        foreach ($right->joints as $i => $joint) {
            $made["joint $i in a connector"] = self::inConnector($right, $i);
            $made["joint $i, points in another order"] = self::reordered($right, $i, $joint);
        }
        $made['joints in another order'] = new Wiring($right->board, array_reverse($right->joints), $right->caps, $right->marks, $right->fitted);
        $made['labels on every end'] = new Wiring($right->board, $right->joints, $right->caps, $right->marks, $right->fitted, array_map(fn () => 'not what it is', $right->points));

        return $made;
    }

    /** The conductors of a terminal spliced, with a pigtail to it. */
    private static function inConnector(Wiring $right, int $i): Wiring
    {
        $joints = $right->joints;
        $joints[$i] = new Joint($joints[$i]->enclosure, $joints[$i]->points, JoinedBy::Lever);

        return new Wiring($right->board, $joints, $right->caps, $right->marks, $right->fitted);
    }

    private static function reordered(Wiring $right, int $i, Joint $joint): Wiring
    {
        $joints = $right->joints;
        $joints[$i] = new Joint($joint->enclosure, array_reverse($joint->points), $joint->by, $joint->ports);

        return new Wiring($right->board, $joints, $right->caps, $right->marks, $right->fitted);
    }
}
