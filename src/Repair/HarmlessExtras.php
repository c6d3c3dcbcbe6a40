<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use Zwindle\Board\Requirements;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Check\Checker;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;

/**
 * What stands and is right stays, though a plan does not need it: a neutral brought to a switch, a spare joined along.
 *
 * Joint by joint what the plan leaves over is put back where it stands, and kept if the board is as right with it.
 */
final class HarmlessExtras
{
    public static function kept(Plan $plan, Wiring $standing, string $scheme, ?CodeEdition $edition): Plan
    {
        foreach ($standing->joints as $joint) {
            $with = self::with($plan->wiring, $standing, $joint);
            $result = $with === null ? null : Checker::check($with, $edition);
            $isAsked = $result !== null && in_array($scheme, [Requirements::ANY_SCHEME, $result->scheme()?->value], true);
            if (
                $with !== null
                && $isAsked
                && Planner::isAcceptable($result)
                && Planner::isDisputed($result) === Planner::isDisputed($plan->result)
            ) {
                $plan = new Plan($with, $result, $plan->chains, $plan->cost);
            }
        }

        return $plan;
    }

    /** @return Wiring|null null where the plan leaves nothing of the joint over, or tears it apart anyway */
    private static function with(Wiring $plan, Wiring $standing, Joint $joint): ?Wiring
    {
        $over = array_values(array_filter(
            $joint->points,
            fn (string $point) => $plan->jointAt($point) === null && isset($plan->points[$point]),
        ));
        $homes = array_values(array_unique(array_filter(array_map($plan->jointAt(...), array_diff($joint->points, $over))), SORT_REGULAR));
        if ($over === [] || count($homes) > 1 || ($homes === [] && count($over) < 2)) {
            return null;
        }
        $home = $homes[0] ?? null;
        $points = [...($home->points ?? []), ...$over];
        $whole = count($points) === count($joint->points) ? $joint : self::larger($home ?? $joint, $points);
        $joints = [...array_values(array_filter($plan->joints, fn (Joint $one) => $one !== $home)), $whole];
        $cores = array_filter(array_map(fn (string $point) => $plan->points[$point]->core, $over));
        $ends = array_merge(...array_map(fn ($core) => $core->ends(), array_values($cores)), ...[[]]);

        return Wiring::of(
            $plan->board,
            $joints,
            array_values(array_diff($plan->caps, $over)),
            [...$plan->marks, ...array_intersect_key($standing->marks, array_flip($ends))],
            $plan->fitted,
            $plan->labels,
        );
    }

    /** @param  list<string>  $points */
    private static function larger(Joint $joint, array $points): Joint
    {
        return new Joint($joint->enclosure, $points, $joint->by, $joint->ports === null ? null : max($joint->ports, count($points)));
    }
}
