<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Files;
use Tests\Support\Ngspice;
use Tests\Support\RandomWiring;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Cables\ConductorResistance;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Probe\Meter;
use Zwindle\Circuit\Solve\Solver;
use Zwindle\Format\Write\SpiceDeck;

/** @return iterable<array{Circuit, int, string, string}> random points of random wirings in random states, the same every time */
function probings(int $each): iterable
{
    $random = new Randomizer(new Mt19937(4));
    $spoiler = new RandomWiring(seed: 12);
    foreach (Files::rightWirings() as [$board, $file]) {
        $right = Files::wiring($board, $file);
        foreach ([$right, $spoiler->spoil($right)] as $wiring) {
            $circuit = Circuit::of($wiring);
            $points = array_keys($wiring->points);
            for ($i = 0; $i < $each; $i++) {
                yield [
                    $circuit,
                    $random->getInt(0, $circuit->stateCount() - 1),
                    $points[$random->getInt(0, count($points) - 1)],
                    $points[$random->getInt(0, count($points) - 1)],
                ];
            }
        }
    }
}

/** The wiring with the supply taken off: every core a resistor, lamps cold, a volt between the probes. */
function coldDeck(Wiring $wiring, Circuit $circuit, int $state, string $from, string $to): string
{
    $node = [];
    foreach (array_keys($wiring->points) as $i => $point) {
        $node[$point] = "p$i";
    }
    foreach ($wiring->joints as $i => $joint) {
        foreach ($joint->points as $point) {
            $node[$point] = "j$i";
        }
    }
    $lines = ['* cold', 'VM m 0 DC 1', "RM m {$node[$from]} 1u", "RG {$node[$to]} 0 1u"];
    foreach ($wiring->board->cables as $cable) {
        foreach ($cable->cores as $core) {
            if ($core->beyond !== null) {
                continue;
            }
            [$one, $other] = array_map(fn (string $end) => $node[$end], $core->ends());
            $ohm = $cable->lengthM === null ? '1u' : (string) ($cable->lengthM * ConductorResistance::ohmPerM($cable->type, $core->colour));
            $lines[] = "RC{$cable->id}$core->name $one $other $ohm";
        }
    }
    foreach ($circuit->switches as $i => $switch) {
        $model = $wiring->modelOf($wiring->board->devices[$switch]);
        foreach ($circuit->isDown($i, $state) ? $model->closedDown : $model->closedUp as $k => [$one, $other]) {
            $lines[] = "RS{$switch}_$k {$node["$switch.$one"]} {$node["$switch.$other"]} 1u";
        }
    }
    foreach ($circuit->lamps as $lamp) {
        [$one, $other] = $wiring->modelOf($wiring->board->devices[$lamp])->lampSides();
        // trade-facts section 4, common practice: cold, a fifteenth of 240 ohms, or of 882.
        $lines[] = "RLAMP$lamp {$node["$lamp.$one->name"]} {$node["$lamp.$other->name"]} "
            .($wiring->board->practice->id === 'na' ? 16 : 230 * 230 / 60 / 15);
    }
    foreach (array_unique($node) as $name) {
        $lines[] = "RSH$name $name 0 1G";
    }

    return implode("\n", [...$lines, '.op', '.end', '']);
}

it('shows the volts that ngspice shows with a voltmeter of a megohm between the probes', function () {
    $jobs = $expected = [];
    foreach (probings(12) as [$circuit, $state, $from, $to]) {
        $one = SpiceDeck::node($circuit->nets->at($from));
        $other = SpiceDeck::node($circuit->nets->at($to));
        if (Solver::solve($circuit, $state)->trip !== null || $one === $other) {
            continue;
        }
        $deck = str_replace("\n.op", "\nRMETER $one $other 1Meg\n.op", SpiceDeck::of($circuit, $state));
        $jobs[] = [$deck, ["v($one)-v($other)"]];
        $expected[] = [
            (new Meter($circuit))->volt($state, $from, $to),
            $circuit->wiring->board->practice->nominalV,
            "{$circuit->wiring->board->title}, $state: $from to $to",
        ];
    }
    $differences = [];
    foreach (Ngspice::figures($jobs) as $i => [$there]) {
        [$here, $nominal, $what] = $expected[$i];
        // What floats is pulled along by the shunts a little.
        if (abs(abs($there) - $here) > 0.02 * $nominal) {
            $differences[] = "$what: $there there, $here here";
        }
    }

    expect($differences)->toBe([])->and(count($jobs))->toBeGreaterThan(200);
});

it('shows the ohms that ngspice shows with a volt between the probes', function () {
    $jobs = $expected = [];
    foreach (probings(12) as [$circuit, $state, $from, $to]) {
        if ($from !== $to) {
            $jobs[] = [coldDeck($circuit->wiring, $circuit, $state, $from, $to), ['v(m)/(-i(vm))']];
            $expected[] = [(new Meter($circuit))->ohm($state, $from, $to), "{$circuit->wiring->board->title}, $state: $from to $to"];
        }
    }
    $differences = [];
    $open = 0;
    foreach (Ngspice::figures($jobs) as $i => [$there]) {
        [$here, $what] = $expected[$i];
        $open += $here === null ? 1 : 0;
        $agrees = $here === null ? $there > 1e6 : abs($there - $here) < 1e-4 + 1e-3 * $here;
        if (! $agrees) {
            $differences[] = "$what: $there there, ".json_encode($here).' here';
        }
    }

    expect($differences)->toBe([])
        ->and(count($jobs))->toBeGreaterThan(250)
        ->and($open)->toBeGreaterThan(20)->toBeLessThan(count($jobs) - 50);
});
