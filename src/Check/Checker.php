<?php

declare(strict_types=1);

namespace Zwindle\Check;

use Zwindle\Wiring\Wiring;

/** Judges a wiring: behaviour in every state and the rules, never sameness with a key. */
final class Checker
{
    public static function check(Wiring $wiring): Result
    {
        $evidence = new Evidence($wiring);
        $findings = [];
        foreach (Rulebook::rules() as $rule) {
            foreach ($rule->findingsIn($evidence) as $finding) {
                $findings[] = $finding->restingOn($rule->reference($wiring->board->practice));
            }
        }
        $findings = Folding::fold($findings);

        return new Result(Verdict::on($findings), $findings, $evidence);
    }
}
