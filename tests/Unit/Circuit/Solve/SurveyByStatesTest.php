<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Tests\Support\Build;
use Tests\Support\Files;
use Tests\Support\RandomWiring;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\LampFacts;
use Zwindle\Circuit\Solve\LampObserver;
use Zwindle\Circuit\Solve\LampSolution;
use Zwindle\Circuit\Solve\NetFacts;
use Zwindle\Circuit\Solve\Solver;
use Zwindle\Circuit\Solve\Survey;
use Zwindle\Circuit\Solve\TruthTable;

/** What the survey should have seen, found by solving each state on its own with all lamps together. */
function seenStateByState(Circuit $circuit): array
{
    $nets = array_map(fn () => new NetFacts, $circuit->nets->points);
    $lamps = array_map(fn () => new LampFacts, $circuit->lamps);
    $observer = new LampObserver($lamps);
    $columns = array_fill(0, count($circuit->lamps), '');
    $trips = '';
    foreach (Solver::everyState($circuit) as $result) {
        foreach ($result->lamps as $i => $lamp) {
            $columns[$i] .= TruthTable::lampLetter($lamp);
        }
        $trips .= TruthTable::tripLetter($result->trip);
        if ($result->network === null) {
            continue;
        }
        [$line, $neutral, $earth] = array_map(fn (int $net) => $result->nodes[$net], [
            $circuit->lineNet,
            $circuit->neutralNet,
            $circuit->earthNet,
        ]);
        $live = $result->network->nodesFrom(BigRational::of('1/10'));
        foreach ($nets as $net => $facts) {
            $facts->tiedToLine = $facts->tiedToLine || $result->nodes[$net] === $line;
            $facts->tiedToNeutral = $facts->tiedToNeutral || $result->nodes[$net] === $neutral;
            $facts->tiedToEarth = $facts->tiedToEarth || $result->nodes[$net] === $earth;
            $facts->live = $facts->live || isset($live[$result->nodes[$net]]);
        }
        $nodes = array_map(fn (array $pair) => [$result->nodes[$pair[0]], $result->nodes[$pair[1]]], $circuit->lampNets);
        $observer->note(LampSolution::of($nodes, $line, $neutral, $earth, $circuit->hasRcd), $nodes, $line, $neutral, $earth);
    }

    return [array_combine($circuit->lamps, $columns), $trips, $nets, array_combine($circuit->lamps, $lamps)];
}

function expectSurveyToAgree(Wiring $wiring): void
{
    $circuit = Circuit::of($wiring);
    $survey = new Survey($circuit);
    [$columns, $trips, $nets, $lamps] = seenStateByState($circuit);

    expect($survey->truthTable->lamps)->toBe($columns)
        ->and($survey->truthTable->trips)->toBe($trips)
        ->and($survey->nets)->toEqual($nets)
        ->and($survey->lamps)->toEqual($lamps);
}

it('sees in one walk what is seen state by state', function (string $board, string $file) {
    expectSurveyToAgree(Files::wiring($board, $file));
})->with(Files::everyWiring());

it('sees in one walk what is seen state by state, on random miswirings', function (string $board, string $file) {
    $right = Files::wiring($board, $file);
    $random = new RandomWiring(seed: 5);
    for ($i = 0; $i < 12; $i++) {
        expectSurveyToAgree($random->spoil($right));
        expectSurveyToAgree($random->throwTogether($right->board));
    }
})->with(Files::rightWirings());

it('sees lamps that no switch reaches, in series and across the supply, as they are', function (array $lamps) {
    expectSurveyToAgree(Build::lamps($lamps));
})->with([
    'three across' => [[['hot', 'neutral'], ['hot', 'neutral'], ['neutral', 'hot']]],
    'two in series beside one' => [[['hot', 'm'], ['m', 'neutral'], ['hot', 'neutral']]],
    'one hanging' => [[['hot', 'm'], ['hot', 'neutral']]],
    'a bridge' => [[['hot', 'a'], ['a', 'neutral'], ['hot', 'b'], ['b', 'neutral'], ['a', 'b']]],
]);

it('counts the flips as they are, by every switch', function (string $board, string $file) {
    $right = Files::wiring($board, $file);
    $random = new RandomWiring(seed: 6);
    foreach ([$right, $random->spoil($right), $random->spoil($right)] as $wiring) {
        $circuit = Circuit::of($wiring);
        $table = (new Survey($circuit))->truthTable;
        foreach ($circuit->switches as $i => $switch) {
            foreach ($circuit->lamps as $lamp) {
                foreach ([true, false] as $overTrips) {
                    $changes = [];
                    for ($state = 0; $state < $table->count(); $state++) {
                        $flipped = $state ^ $circuit->bitOf($i);
                        if ($overTrips || ($table->tripIn($state) === null && $table->tripIn($flipped) === null)) {
                            $changes[] = $table->lampIn($lamp, $state) !== $table->lampIn($lamp, $flipped);
                        }
                    }
                    $expected = in_array(true, $changes, true) ? (in_array(false, $changes, true) ? 'Sometimes' : 'Always') : 'Never';
                    expect($table->effect($switch, $lamp, $overTrips)->name)->toBe($expected);
                }
            }
        }
    }
})->with(Files::rightWirings());
