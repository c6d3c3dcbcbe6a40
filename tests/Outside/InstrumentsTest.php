<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Files;
use Tests\Support\Ngspice;
use Tests\Support\RandomWiring;
use Tests\Support\SpiceRig;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Proving\Rig\Rig;
use Zwindle\Proving\Rig\Supply;

/*
 * Every instrument against ngspice with the instrument's own source and resistance between the probes. The decks are written
 * from the files' own words and share nothing with the core but the resistance of copper.
 */

/** @return list<array{Wiring, Supply, int, list<string>, array{string, string}|null, string, string}> 300 and more, the same every time */
function riggings(): array
{
    $random = new Randomizer(new Mt19937(16));
    $spoiler = new RandomWiring(seed: 16);
    $made = [];
    foreach (Files::rightWirings() as [$path, $file]) {
        $right = Files::wiring($path, $file);
        $board = $right->board;
        $switches = $board->devicesOf(DeviceKind::Switch);
        $parts = array_values(array_filter(DeviceCatalogue::all(), fn (DeviceModel $model) => $model->kind === DeviceKind::Switch
            && $board->practice->hasModel($model->id)));
        for ($i = 0; $i < 16; $i++) {
            $wiring = match (true) {
                $i % 3 === 0 => $right,
                $i % 3 === 1 && $switches !== [] => $spoiler->withWrongPart(
                    $right,
                    $switches[$i % count($switches)]->id,
                    $parts[$random->getInt(0, count($parts) - 1)],
                    2,
                ),
                default => $spoiler->spoil($right),
            };
            $circuit = Circuit::of($wiring);
            $points = array_keys($wiring->points);
            [$one, $other] = [$points[$random->getInt(0, count($points) - 1)], $points[$random->getInt(0, count($points) - 1)]];
            if ($one === $other) {
                continue;
            }
            $made[] = [
                $wiring,
                [
                    Supply::of('breaker1', $circuit->hasRcd, $random->getInt(0, 1) === 1, isOn: true),
                    Supply::of('breaker1', $circuit->hasRcd, false, isOn: false),
                    Supply::of('breaker1', $circuit->hasRcd, false, isOn: true)->turned(Supply::MAIN, false),
                ][$random->getInt(0, 2)],
                $random->getInt(0, $circuit->stateCount() - 1),
                $circuit->lamps !== [] && $random->getInt(0, 2) === 0 ? [$circuit->lamps[0]] : [],
                $random->getInt(0, 5) === 0 ? [$points[0], $points[count($points) - 1]] : null,
                $one,
                $other,
            ];
        }
    }

    return $made;
}

it('reads volts, ohms, megohms and loops as ngspice does on random wirings, positions and pairs of points', function () {
    $jobs = $expected = [];
    $count = ['volt' => 0, 'ohm' => 0, 'megohm' => 0, 'loop' => 0];
    foreach (riggings() as [$wiring, $supply, $state, $out, $link, $one, $other]) {
        $rig = new Rig(Circuit::of($wiring), $supply, $state, $out, $link);
        if ($rig->tripsAs() !== null) {
            continue;
        }
        $deck = new SpiceRig($wiring, $supply->tiesNeutral(), $rig->isLive(), $state, $out, $link);
        $what = "{$wiring->board->title}, state $state: $one to $other";
        // What each is made of, as src/Catalogue/Instruments/instruments.json says: 250 kΩ; 4.5 V behind 22 Ω; 500 V behind 500 kΩ.
        $jobs[] = $deck->voltmeter($one, $other, 250_000);
        $expected[] = ['volt', $rig->volt($one, $other, 250_000), $what];
        if ($rig->isLive()) {
            $jobs[] = $deck->loop($one, $other);
            $expected[] = ['loop', $rig->loopOhm($one, $other), $what];
        } else {
            $jobs[] = $deck->ohmmeter($one, $other, 4.5, 22, leaks: false);
            $expected[] = ['ohm', $rig->ohm($one, $other), $what];
            $jobs[] = $deck->ohmmeter($one, $other, 500, 500_000, leaks: true);
            $expected[] = ['megohm', $rig->megohm($one, $other), $what];
        }
    }
    $differences = [];
    foreach (Ngspice::figures($jobs) as $i => [$there]) {
        [$with, $here, $what] = $expected[$i];
        $count[$with]++;
        $there = $with === 'megohm' ? $there / 1e6 : $there;
        $agrees = match (true) {
            // The simulator's shunts pull at what floats a little.
            $with === 'volt' => abs(abs($there) - $here) < 0.5,
            $with === 'megohm' => ($here ?? 1e6) > 1000 ? $there > 990 : abs($there - $here) < 1e-3 + 0.01 * $here,
            $here === null || $here > 1e6 => $there > 1e6,
            default => abs($there - $here) < 2e-3 + 1e-3 * $here,
        };
        $agrees || $differences[] = "$with, $what: $there there, ".json_encode($here).' here';
    }

    expect($differences)->toBe([])->and(count($jobs))->toBeGreaterThan(600)
        ->and(min($count))->toBeGreaterThan(60);
});

it('lights the pen where ngspice has capacitance couple more than fifty volts into a conductor', function () {
    $jobs = $expected = [];
    foreach (riggings() as [$wiring, , $state, $out, , $point]) {
        $circuit = Circuit::of($wiring);
        $supply = Supply::of('breaker1', $circuit->hasRcd, false, isOn: true);
        $rig = new Rig($circuit, $supply, $state, $out);
        if ($rig->isLive()) {
            $jobs[] = (new SpiceRig($wiring, true, true, $state, $out, null))->pen($point);
            $expected[] = [$rig->coupledV($point), "{$wiring->board->title}, state $state: $point"];
        }
    }
    $differences = [];
    $floating = 0;
    foreach (Ngspice::figures($jobs) as $i => [$there]) {
        [$here, $what] = $expected[$i];
        $floating += $here > 1 && $here < 100 ? 1 : 0;
        abs($there - $here) < 1 || $differences[] = "$what: $there there, $here here";
    }

    expect($differences)->toBe([])->and(count($jobs))->toBeGreaterThan(150)->and($floating)->toBeGreaterThan(3);
});
