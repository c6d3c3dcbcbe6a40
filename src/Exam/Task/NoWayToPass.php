<?php

declare(strict_types=1);

namespace Zwindle\Exam\Task;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Result;

/**
 * Whether the rules of a task fail whatever is wired on a board: a box that is too small for every plan of it stays too small for the
 * trainee too. Common practice: nobody is examined on what cannot be done.
 */
final class NoWayToPass
{
    /**
     * @param  list<Wiring>  $plans  every right wiring that is known, the best one first
     * @return Result|null what the rules say of the best one, where the same fault is found in all; null where one may pass
     */
    public static function among(RulesInForce $rules, array $plans): ?Result
    {
        $first = null;
        $inAll = null;
        foreach ($plans as $plan) {
            $judged = $rules->judge(Checker::check($plan));
            $faults = self::faults($judged);
            $first ??= $judged;
            $inAll = $inAll === null ? $faults : array_intersect($inAll, $faults);
            if ($inAll === []) {
                return null;
            }
        }

        return $first;
    }

    /** @return list<string> codes of what fails it */
    private static function faults(Result $judged): array
    {
        $failing = array_filter($judged->findings, fn (Finding $finding) => $finding->severity()->fails());

        return array_values(array_unique(array_map(fn (Finding $finding) => $finding->code->value, $failing)));
    }
}
