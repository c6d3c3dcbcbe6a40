<?php

declare(strict_types=1);

namespace Zwindle\Check;

use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\LampState;
use Zwindle\Circuit\Solve\Solver;
use Zwindle\Circuit\Solve\StateResult;

/**
 * A look at a few states, which is enough to see most of what is wrong: the breaker trips with all switches up, or a flip
 * from there does not change the lamp that it should.
 *
 * Source: common practice (a right circuit changes the lamp at every operation of any switch).
 */
final class QuickCheck
{
    /** @return bool false says nothing: what is wrong may show in other states, or not in the lamps at all */
    public static function seesWrong(Circuit $circuit): bool
    {
        $atRest = Solver::solve($circuit, 0);
        if ($atRest->trip !== null) {
            return true;
        }
        $lampAt = array_flip($circuit->lamps);
        $switchAt = array_flip($circuit->switches);
        foreach ($circuit->wiring->board->controls as $control) {
            foreach ($control->switches as $switch) {
                $flipped = Solver::solve($circuit, $circuit->bitOf($switchAt[$switch]));
                foreach ($control->lamps as $lamp) {
                    if ($flipped->trip !== null || ! self::isChanged($atRest, $flipped, $lampAt[$lamp])) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    private static function isChanged(StateResult $one, StateResult $other, int $lamp): bool
    {
        $states = [$one->lamps[$lamp], $other->lamps[$lamp]];

        return in_array(LampState::On, $states, true) && in_array(LampState::Off, $states, true);
    }
}
