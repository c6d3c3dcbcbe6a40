<?php

declare(strict_types=1);

/*
 * Times one whole check (every state, every rule) of a right wiring with two to sixteen switches in a row: `composer bench`.
 * Figures to meet (docs/architecture.md): four switches well under 50 ms, twelve under a second.
 */

use Zwindle\Board\Board;
use Zwindle\Check\Checker;
use Zwindle\Read\BoardReader;
use Zwindle\Read\Problems;
use Zwindle\Read\WiringReader;
use Zwindle\Wiring\Wiring;

require dirname(__DIR__).'/vendor/autoload.php';

/** A straight chain fed at the first switch: two three-ways and four-ways between them. */
function chain(int $switches): Wiring
{
    $enclosures = [['id' => 'SRC', 'kind' => 'supply']];
    $devices = [['id' => 'PS', 'in' => 'SRC', 'model' => 'na-supply']];
    $cables = [['id' => 'W0', 'type' => 'na-14-2', 'from' => 'SRC', 'to' => 'B1']];
    $joints = [['SRC', ['PS.line', 'W0.black@SRC']], ['SRC', ['PS.neutral', 'W0.white@SRC']], ['SRC', ['PS.earth', 'W0.bare@SRC']]];
    for ($i = 1; $i <= $switches; $i++) {
        $isEnd = $i === 1 || $i === $switches;
        $isLast = $i === $switches;
        $in = 'W'.($i - 1);
        $out = "W$i";
        $enclosures[] = ['id' => "B$i", 'kind' => 'switch-box', 'material' => 'metal'];
        $devices[] = ['id' => "S$i", 'in' => "B$i", 'model' => $isEnd ? 'na-switch-3way' : 'na-switch-4way'];
        $cables[] = ['id' => $out, 'type' => $isLast ? 'na-14-2' : 'na-14-3', 'from' => "B$i", 'to' => $isLast ? 'L1' : 'B'.($i + 1)];
        $joints[] = ["B$i", ["$in.bare@B$i", "$out.bare@B$i", "S$i.earth", "B$i.earth"]];
        $joints[] = ["B$i", ["$in.white@B$i", "$out.white@B$i"]];
        $landings = match (true) {
            $i === 1 => ['common' => "$in.black", 't1' => "$out.black", 't2' => "$out.red"],
            $isLast => ['t1' => "$in.black", 't2' => "$in.red", 'common' => "$out.black"],
            default => ['a1' => "$in.black", 'a2' => "$in.red", 'b1' => "$out.black", 'b2' => "$out.red"],
        };
        foreach ($landings as $terminal => $core) {
            $joints[] = ["B$i", ["S$i.$terminal", "$core@B$i"]];
        }
    }
    $enclosures[] = ['id' => 'L1', 'kind' => 'light-box', 'material' => 'metal'];
    $devices[] = ['id' => 'LA', 'in' => 'L1', 'model' => 'na-lampholder'];
    $last = "W$switches";
    array_push($joints, ['L1', ['L1.earth', "$last.bare@L1"]], ['L1', ['LA.hot', "$last.black@L1"]], ['L1', ['LA.neutral', "$last.white@L1"]]);
    $board = read(fn (Problems $problems) => BoardReader::read((string) json_encode([
        'format' => 'zwindle-board', 'version' => 1, 'title' => "$switches switches", 'practice' => 'na', 'code' => 'NEC-2023',
        'enclosures' => $enclosures, 'devices' => $devices, 'cables' => $cables,
        'controls' => [['lamps' => ['LA'], 'switches' => array_map(fn (int $i) => "S$i", range(1, $switches))]],
    ]), $problems));
    assert($board instanceof Board);
    $wiring = read(fn (Problems $problems) => WiringReader::read((string) json_encode([
        'format' => 'zwindle-wiring', 'version' => 1,
        'joints' => array_map(fn (array $joint) => ['in' => $joint[0], 'points' => $joint[1], 'by' => 'wire-nut'], $joints),
    ]), $board, $problems));
    assert($wiring instanceof Wiring);

    return $wiring;
}

function read(callable $reader): object
{
    $problems = new Problems;

    return $reader($problems) ?? throw new RuntimeException((string) json_encode($problems->all()));
}

Checker::check(chain(3));
echo "switches  states   one check (median)\n";
foreach ([2, 4, 8, 10, 12, ...array_map(intval(...), array_slice($argv, 1))] as $switches) {
    $wiring = chain($switches);
    $times = [];
    for ($run = 0; $run < ($switches > 8 ? 3 : 15); $run++) {
        $start = hrtime(true);
        $result = Checker::check($wiring);
        $times[] = (hrtime(true) - $start) / 1e6;
        assert($result->findings === []);
    }
    sort($times);
    printf("%8d  %6d   %9.1f ms   %s\n", $switches, 2 ** $switches, $times[intdiv(count($times), 2)], $result->verdict->value);
}
