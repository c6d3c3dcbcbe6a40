<?php

declare(strict_types=1);

namespace Zwindle\Solve;

use Zwindle\Net\Circuit;

/** Switch positions → lamps and trips, by the electrical model of the contract. */
final class Solver
{
    public static function solve(Circuit $circuit, int $state): StateResult
    {
        $nodes = $circuit->nodesIn($state);
        $line = $nodes[$circuit->lineNet];
        $returns = [$nodes[$circuit->neutralNet], $nodes[$circuit->earthNet]];
        if (in_array($line, $returns, true)) {
            return self::tripped($circuit, $state, $nodes, Trip::Breaker);
        }
        $lampNodes = array_map(fn (array $nets) => [$nodes[$nets[0]], $nodes[$nets[1]]], $circuit->lampNets);
        $network = new LampNetwork($lampNodes, $line, $returns);
        if ($circuit->hasRcd && self::someCurrentReturnsByEarth($lampNodes, $network, $returns[1])) {
            return self::tripped($circuit, $state, $nodes, Trip::Rcd);
        }
        $lamps = [];
        foreach ($lampNodes as [$one, $other]) {
            $lamps[] = LampState::atShareOfNominal($network->shareAt($one)->minus($network->shareAt($other))->abs());
        }

        return new StateResult($state, $nodes, $lamps, null, $network);
    }

    /** @return iterable<StateResult> every state once, the last switch changing fastest, all up first */
    public static function everyState(Circuit $circuit): iterable
    {
        for ($state = 0; $state < $circuit->stateCount(); $state++) {
            yield self::solve($circuit, $state);
        }
    }

    /**
     * An RCD compares line with neutral: any lamp current into the supply's earth terminal opens it (the contract names
     * no threshold).
     *
     * @param  list<array{int, int}>  $lampNodes
     */
    private static function someCurrentReturnsByEarth(array $lampNodes, LampNetwork $network, int $earth): bool
    {
        foreach ($lampNodes as [$one, $other]) {
            if (($one === $earth || $other === $earth) && ! $network->shareAt($one)->isEqualTo($network->shareAt($other))) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<int>  $nodes */
    private static function tripped(Circuit $circuit, int $state, array $nodes, Trip $trip): StateResult
    {
        return new StateResult($state, $nodes, array_fill(0, count($circuit->lamps), LampState::Off), $trip, null);
    }
}
