<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Files;
use Tests\Support\Ngspice;
use Zwindle\Diagnosis\Diagnosis;
use Zwindle\Diagnosis\Seen;
use Zwindle\Diagnosis\SeenState;
use Zwindle\Diagnosis\Suspect;
use Zwindle\Format\Write\SpiceDeck;
use Zwindle\Plan\Planner;
use Zwindle\Repair\Mistake\Mistakes;

/** Amperes through the supply's milliohm above which the breaker opens: far more than lamps draw. */
const SHORT_A = 1000.0;

it('lists the true mistake when ngspice, and not the product, says what the lamps of the spoiled board do', function () {
    $random = new Randomizer(new Mt19937(170));
    $truths = [];
    foreach ([...glob(Files::path('database/patterns/*.board.json')) ?: [], ...glob(Files::path('database/demo/*/board.json')) ?: []] as $path) {
        $plan = Planner::plan(Files::board(substr($path, strlen(Files::path('')))))->plans[0] ?? null;
        $mistakes = $plan === null ? [] : Mistakes::on($plan->wiring);
        foreach ($mistakes === [] ? [] : $random->pickArrayKeys($mistakes, min(5, count($mistakes))) as $i) {
            $truth = new Suspect($plan->wiring, [$i => $mistakes[$i]]);
            $turned = array_sum(array_filter($truth->reversible(), fn () => $random->getInt(0, 1) === 1));
            $truths[] = [$truth, (int) $turned];
        }
    }
    $jobs = $of = [];
    foreach ($truths as $k => [$truth]) {
        $circuit = $truth->circuit();
        for ($state = 0; $state < $circuit->stateCount(); $state++) {
            $line = SpiceDeck::node($circuit->lineNet);
            $earth = SpiceDeck::node($circuit->earthNet);
            $jobs[] = [SpiceDeck::of($circuit, $state), ["(v(src)-v($line))/0.001", "v($earth)/0.001", ...array_map(
                fn (array $nets) => 'v('.SpiceDeck::node($nets[0]).')-v('.SpiceDeck::node($nets[1]).')',
                $circuit->lampNets,
            )]];
            $of[] = [$k, $state];
        }
    }
    $states = [];
    foreach (Ngspice::figures($jobs) as $i => $figures) {
        [$k, $state] = $of[$i];
        [$truth, $turned] = $truths[$k];
        $circuit = $truth->circuit();
        $nominal = $circuit->wiring->board->practice->nominalV;
        $trip = match (true) {
            abs($figures[0]) > SHORT_A => 'breaker',
            $circuit->hasRcd && abs($figures[1]) > 1e-3 => 'rcd',
            default => 'none',
        };
        $lamps = [];
        foreach ($circuit->lamps as $n => $lamp) {
            $share = $trip === 'none' ? abs($figures[2 + $n]) / $nominal : 0.0;
            $lamps[$lamp] = $share >= 0.899 ? 'on' : ($share >= 0.099 ? 'dim' : 'off');
        }
        // A blown lamp is dark, whatever the voltage across it.
        foreach ($truth->mistakes as $mistake) {
            if ($mistake->fault !== null && isset($lamps[$mistake->fault->device])) {
                $lamps[$mistake->fault->device] = 'off';
            }
        }
        $states[$k][] = new SeenState($state ^ $turned, $lamps, $trip);
    }
    $missed = [];
    foreach ($truths as $k => [$truth]) {
        $found = Diagnosis::of([$truth->right], new Seen(null, [], $states[$k], [], [], []));
        $id = array_values($truth->mistakes)[0]->id();
        $ids = array_map(fn (Suspect $one) => array_values($one->mistakes)[0]->id(), $found->suspects);
        in_array($id, $ids, true) || $missed[] = "{$truth->right->board->title}: $id";
    }

    expect($missed)->toBe([])->and(count($truths))->toBeGreaterThan(150)->and(count($jobs))->toBeGreaterThan(600);
});
