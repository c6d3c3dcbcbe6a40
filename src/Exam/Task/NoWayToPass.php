<?php

declare(strict_types=1);

namespace Zwindle\Exam\Task;

use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Plan\Planning;

/**
 * Whether the rules of a task fail whatever is wired on a board: a box that is too small for every plan of it stays too small for the
 * trainee too. Common practice: nobody is examined on what cannot be done.
 *
 * A list of plans that was cut short proves it for nothing but the boxes, which are as full whatever the conductors carry.
 */
final class NoWayToPass
{
    private const WHATEVER_IS_WIRED = [FindingCode::BoxOverfilled];

    /**
     * @param  Planning  $all  every plan of the board, the best first
     * @return list<Finding> of the best one: what fails it and all the others; empty where somebody may pass
     */
    public static function on(RulesInForce $rules, Planning $all): array
    {
        $isEvery = $all->isFinished() && ! $all->isTruncated;
        $common = null;
        foreach ($all->plans as $plan) {
            $failing = array_filter(
                $rules->judge($plan->result)->findings,
                fn (Finding $one) => $one->severity()->fails() && ($isEvery || in_array($one->code, self::WHATEVER_IS_WIRED, true)),
            );
            $codes = array_map(fn (Finding $one) => $one->code, $failing);
            $common = array_filter($common ?? $failing, fn (Finding $one) => in_array($one->code, $codes, true));
            if ($common === []) {
                break;
            }
        }

        return array_values($common ?? []);
    }
}
