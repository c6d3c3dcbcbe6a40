<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Solve;

use Zwindle\Circuit\Net\Circuit;

/** Switch positions → lamps and trips, by the electrical model of the contract. */
final class Solver
{
    public static function solve(Circuit $circuit, int $state): StateResult
    {
        $nodes = $circuit->nodesIn($state);
        [$line, $neutral, $earth] = [$nodes[$circuit->lineNet], $nodes[$circuit->neutralNet], $nodes[$circuit->earthNet]];
        if ($line === $neutral || $line === $earth) {
            return new StateResult($state, $nodes, array_fill(0, count($circuit->lamps), LampState::Off), Trip::Breaker, null);
        }
        $lampNodes = array_map(fn (array $nets) => [$nodes[$nets[0]], $nodes[$nets[1]]], $circuit->lampNets);
        $solution = LampSolution::of($lampNodes, $line, $neutral, $earth, $circuit->hasRcd);

        return new StateResult($state, $nodes, $solution->lamps, $solution->trip, $solution->trip === null ? $solution->network : null);
    }

    /** @return iterable<StateResult> every state once, the last switch changing fastest, all up first */
    public static function everyState(Circuit $circuit): iterable
    {
        for ($state = 0; $state < $circuit->stateCount(); $state++) {
            yield self::solve($circuit, $state);
        }
    }
}
