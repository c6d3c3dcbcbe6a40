<?php

declare(strict_types=1);

namespace Zwindle\Check\Evidence;

use Zwindle\Board\DevicePoint;
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
            $here = LooksLike::at($evidence, $hop->from);
            $there = LooksLike::at($evidence, $hop->to);
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
}
