<?php

declare(strict_types=1);

namespace Tests\Support;

use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Repair\Mistake\OddButRight as Changes;

/** Changes to a right wiring that a careful instructor would still call right (common practice), one at a time. */
final class OddButRight
{
    /** @return array<string, Wiring> what was done → the wiring with it */
    public static function variantsOf(Wiring $right): array
    {
        $made = [];
        foreach (Changes::on($right) as $odd) {
            $made["{$odd->change->value} ".implode(' ', $odd->at)] = $odd->wiring;
        }
        foreach ($right->joints as $i => $joint) {
            $made["joint $i, points in another order"] = self::reordered($right, $i, $joint);
        }
        $made['joints in another order'] = Wiring::of(
            $right->board,
            array_reverse($right->joints),
            $right->caps,
            $right->marks,
            $right->fitted,
        );
        $made['labels on every end'] = Wiring::of(
            $right->board,
            $right->joints,
            $right->caps,
            $right->marks,
            $right->fitted,
            array_map(fn () => 'not what it is', $right->points),
        );

        return $made;
    }

    private static function reordered(Wiring $right, int $i, Joint $joint): Wiring
    {
        $joints = $right->joints;
        $joints[$i] = new Joint($joint->enclosure, array_reverse($joint->points), $joint->by, $joint->ports);

        return Wiring::of($right->board, $joints, $right->caps, $right->marks, $right->fitted);
    }
}
