<?php

declare(strict_types=1);

namespace Zwindle\Check\Evidence;

use Zwindle\Board\DevicePoint;
use Zwindle\Board\Point;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Circuit\Scheme\Role;
use Zwindle\Circuit\Trace\Hop;
use Zwindle\Circuit\Trace\HopKind;
use Zwindle\Circuit\Trace\PointGraph;

/** Finds the joint where two conductors of the supply were put together that should never meet. */
final class ShortCircuitJoint
{
    /** @return list<string> two points of one joint where the path changes from one to the other as eyes would tell it */
    public static function of(Evidence $evidence, string $from, string $to, int $state): array
    {
        $supply = $evidence->board->supply()->id;
        $path = (new PointGraph($evidence->circuit, $state))
            ->path(DevicePoint::id($supply, $from), DevicePoint::id($supply, $to), [HopKind::Core, HopKind::Joint, HopKind::Contact]) ?? [];
        $joints = array_values(array_filter($path, fn (Hop $hop) => $hop->kind === HopKind::Joint));
        foreach ($joints as $hop) {
            $here = self::lookOf($evidence, $hop->from);
            $there = self::lookOf($evidence, $hop->to);
            if ($there !== null && $here !== null && $there !== $here && self::asRole($to) === $there) {
                return [$hop->from, $hop->to];
            }
        }

        return $joints === [] ? [] : [$joints[count($joints) - 1]->from, $joints[count($joints) - 1]->to];
    }

    private static function asRole(string $terminal): Role
    {
        return Role::from($terminal);
    }

    /** What a point says that it is: by its mark, its colour or the terminal's name. */
    private static function lookOf(Evidence $evidence, string $id): ?Role
    {
        $point = $evidence->point($id);
        $mark = $evidence->wiring->markOn($id);

        return match (true) {
            $mark !== null => match ($mark) {
                MarkedAs::Line => Role::Line,
                MarkedAs::Neutral => Role::Neutral,
                MarkedAs::Earth => Role::Earth,
            },
            $point->core !== null => self::lookOfCore($evidence, $point),
            $point->isEarthing() => Role::Earth,
            default => match ($point->terminal?->duty) {
                TerminalDuty::SupplyNeutral, TerminalDuty::Neutral, TerminalDuty::LampShell => Role::Neutral,
                TerminalDuty::LampSide => null,
                default => Role::Line,
            },
        };
    }

    private static function lookOfCore(Evidence $evidence, Point $point): ?Role
    {
        if ($point->core === null) {
            return null;
        }
        $colours = $evidence->board->cables[$point->core->cable]->type->colours ?? $evidence->board->practice->newColours();

        return match (true) {
            $point->core->colour->isEarths() => Role::Earth,
            $colours->isNeutrals($point->core->colour) => Role::Neutral,
            default => Role::Line,
        };
    }
}
