<?php

declare(strict_types=1);

namespace Tests\Support;

use Zwindle\Board\Device;
use Zwindle\Board\Wiring\JoinedBy;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\SwitchFunction;
use Zwindle\Circuit\Net\Nets;

/** The usual mistakes (common practice: the catalogue of symptoms of the trade), made one at a time on a right wiring. */
final class UsualMistakes
{
    /** @return array<string, Wiring> what was done → the wiring with it */
    public static function on(Wiring $right): array
    {
        $made = [];
        foreach ($right->board->devicesOf(DeviceKind::Switch) as $switch) {
            $model = $right->modelOf($switch);
            if ($model->function === SwitchFunction::ThreeWay && self::isFullyUsed($right, $switch)) {
                [$common, $one, $other] = array_map(fn ($terminal) => "$switch->id.$terminal->name", $model->contacts());
                $made["common and $one exchanged"] = Build::exchange($right, $common, $one);
                $made["common and $other exchanged"] = Build::exchange($right, $common, $other);
            }
            if ($model->function === SwitchFunction::FourWay) {
                $made["pair split at $switch->id"] = Build::exchange($right, "$switch->id.a2", "$switch->id.b1");
                $twoPole = DeviceCatalogue::all()[str_starts_with($model->id, 'na') ? 'na-switch-2p' : 'gb-switch-2p'];
                $made["two-pole at $switch->id"] = Wiring::of($right->board, $right->joints, $right->caps, $right->marks, [
                    ...$right->fitted,
                    $switch->id => $twoPole,
                ]);
            }
        }
        foreach ($right->board->devicesOf(DeviceKind::Lamp) as $lamp) {
            [$one, $other] = array_map(fn ($side) => "$lamp->id.$side->name", $right->modelOf($lamp)->lampSides());
            if (
                $right->modelOf($lamp)->lampSides()[1]->duty->value === 'lamp-shell'
                || $right->modelOf($lamp)->lampSides()[0]->duty->value === 'lamp-shell'
            ) {
                $made["line and neutral reversed at $lamp->id"] = Build::exchange($right, $one, $other);
            }
        }
        foreach ($right->board->cables as $cable) {
            foreach ($cable->cores as $core) {
                $end = $core->ends()[1] ?? $core->ends()[0];
                if ($right->jointAt($end) !== null) {
                    $made["$end off and capped"] = Build::without($right, $end);
                }
            }
        }

        foreach ($right->board->cables as $cable) {
            $cores = $cable->beyond === null ? array_values($cable->cores) : [];
            foreach ([[0, 1], [1, 2]] as [$i, $j]) {
                if (
                    isset($cores[$i], $cores[$j])
                    && $right->jointAt($cores[$i]->ends()[1]) !== null
                    && $right->jointAt($cores[$j]->ends()[1]) !== null
                ) {
                    $made["{$cores[$i]->ends()[1]} and {$cores[$j]->name} exchanged"] = Build::exchange(
                        $right,
                        $cores[$i]->ends()[1],
                        $cores[$j]->ends()[1],
                    );
                }
            }
        }

        return $made + self::swapsInBox($right);
    }

    /** @return array<string, Wiring> neighbours in one box exchanged: a white with a bare, a switched line with a line */
    private static function swapsInBox(Wiring $right): array
    {
        $nets = Nets::of($right);
        $made = [];
        foreach ($right->joints as $i => $joint) {
            foreach (array_slice($right->joints, $i + 1) as $other) {
                if ($joint->enclosure !== $other->enclosure || $nets->at($joint->points[0]) === $nets->at($other->points[0])) {
                    continue;
                }
                $made["all of {$joint->points[0]} and {$other->points[0]} in one"] = self::merged($right, $joint, $other);
            }
        }

        return $made;
    }

    private static function merged(Wiring $right, Joint $one, Joint $other): Wiring
    {
        $rest = array_values(array_filter($right->joints, fn (Joint $joint) => $joint !== $one && $joint !== $other));

        return Wiring::of(
            $right->board,
            [...$rest, new Joint($one->enclosure, [...$one->points, ...$other->points], JoinedBy::Lever)],
            $right->caps,
            $right->marks,
            $right->fitted,
        );
    }

    private static function isFullyUsed(Wiring $right, Device $switch): bool
    {
        foreach ($right->modelOf($switch)->contacts() as $terminal) {
            if ($right->jointAt("$switch->id.$terminal->name") === null) {
                return false;
            }
        }

        return true;
    }
}
