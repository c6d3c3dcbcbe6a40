<?php

declare(strict_types=1);

namespace Zwindle\Check;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Whereabouts;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Circuit\Net\Circuit;

/** Judges a wiring: behaviour in every state and the rules, never sameness with a key. */
final class Checker
{
    /** @param  CodeEdition|null  $edition  to judge by; the board's own if null */
    public static function check(Wiring $wiring, ?CodeEdition $edition = null): Result
    {
        $evidence = new Evidence($wiring, $edition);
        $findings = [];
        foreach (Rulebook::rules($wiring->board->practice) as $rule) {
            foreach ($rule->findingsIn($evidence) as $finding) {
                $section = $evidence->edition->cite($finding->code->value, Whereabouts::of($evidence, $finding));
                $findings[] = $finding->restingOn($section ?? $finding->code->basis());
            }
        }
        $findings = Folding::fold($findings, $evidence->nets);

        return new Result(Verdict::on($findings), $findings, $evidence);
    }

    /**
     * Whether a wiring fails, without saying why: for searches that ask it of thousands.
     *
     * The same answer as the verdict of `check`, by the board's own edition.
     */
    public static function fails(Wiring $wiring): bool
    {
        $circuit = Circuit::of($wiring);
        if (QuickCheck::seesWrong($circuit)) {
            return true;
        }
        $evidence = new Evidence($wiring, circuit: $circuit);
        foreach (Rulebook::failing($wiring->board->practice) as $rule) {
            foreach ($rule->findingsIn($evidence) as $finding) {
                return true;
            }
        }

        return false;
    }
}
