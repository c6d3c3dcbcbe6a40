<?php

declare(strict_types=1);

use Tests\Support\Build;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\LampState;
use Zwindle\Circuit\Solve\Solver;

/** @return list<array{string, string}> */
function series(int $count): array
{
    $nodes = ['hot', ...array_map(fn (int $i) => "m$i", range(1, $count - 1)), 'neutral'];

    return array_map(fn (int $i) => [$nodes[$i], $nodes[$i + 1]], range(0, $count - 1));
}

/** @return list<array{string, string}> one lamp in series with others in parallel */
function oneThenParallel(int $others): array
{
    return [['hot', 'm'], ...array_fill(0, $others, ['m', 'neutral'])];
}

it('puts every lamp on the right side of the 10 % and 90 % lines', function (array $lamps, LampState $first, string $practice) {
    $result = Solver::solve(Circuit::of(Build::lamps($lamps, $practice)), 0);

    expect($result->lamps[0])->toBe($first);
})->with([
    'nine in series: 1/9 of nominal' => [series(9), LampState::Dim],
    'ten in series: exactly 1/10' => [series(10), LampState::Dim],
    'eleven in series: 1/11' => [series(11), LampState::Off],
    'one with eight in parallel: 8/9' => [oneThenParallel(8), LampState::Dim],
    'one with nine in parallel: exactly 9/10' => [oneThenParallel(9), LampState::On],
    'one with ten in parallel: 10/11' => [oneThenParallel(10), LampState::On],
    'alone' => [[['hot', 'neutral']], LampState::On],
    'both sides on the hot' => [[['hot', 'hot']], LampState::Off],
    'hot on one side, nothing on the other' => [[['hot', 'm']], LampState::Off],
])->with(['na', 'gb']);

it('solves a balanced and an unbalanced bridge', function (array $lamps, array $shares) {
    $circuit = Circuit::of(Build::lamps($lamps));
    $result = Solver::solve($circuit, 0);
    $seen = array_map(
        fn (array $nets) => (string) $result->network?->shareAt($result->nodes[$nets[0]])
            ->minus($result->network->shareAt($result->nodes[$nets[1]]))
            ->abs()
            ->simplified(),
        $circuit->lampNets,
    );

    expect($seen)->toBe($shares);
})->with([
    // By symmetry the middle of a balanced bridge carries nothing.
    'balanced' => [[['hot', 'a'], ['hot', 'b'], ['a', 'neutral'], ['b', 'neutral'], ['a', 'b']], ['1/2', '1/2', '1/2', '1/2', '0']],
    // Two lamps in parallel in one arm. Kirchhoff by hand: 4a − b = 2 and 3b − a = 1, so a = 7/11 and b = 6/11.
    'unbalanced' => [[
        ['hot', 'a'],
        ['hot', 'a'],
        ['hot', 'b'],
        ['a', 'neutral'],
        ['b', 'neutral'],
        ['a', 'b'],
    ], ['4/11', '4/11', '5/11', '7/11', '6/11', '1/11']],
]);
