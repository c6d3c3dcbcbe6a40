<?php

declare(strict_types=1);

/*
 * How long a first answer takes, with nothing told, one combination, eight, and all of them: on chains of four and of eight switches with
 * every twentieth of their usual mistakes. PHP's start is not counted.
 *
 *   php timings/diagnose-first.php
 */

require __DIR__.'/../vendor/autoload.php';

use Tests\Support\StandingBoard;
use Zwindle\Diagnosis\Diagnosis;
use Zwindle\Diagnosis\Seen;
use Zwindle\Diagnosis\Suspect;
use Zwindle\Format\Read\BoardReader;
use Zwindle\Plan\Planner;
use Zwindle\Problem\Problems;
use Zwindle\Repair\Mistake\Mistakes;

const EVERY = 20;
const TOLD = [0, 1, 8, PHP_INT_MAX];

/** The propagation house with so many switches in a row. */
$chain = function (int $switches): string {
    $house = json_decode((string) file_get_contents(__DIR__.'/../database/demo/propagation-house/board.json'), true, flags: JSON_THROW_ON_ERROR);
    [$boxes, $devices, $cables, $before] = [[$house['enclosures'][0]], [$house['devices'][0]], [], $house['enclosures'][0]['id']];
    for ($i = 1; $i <= $switches; $i++) {
        $isEnd = $i === 1 || $i === $switches;
        $boxes[] = ['id' => "B$i", 'kind' => 'switch-box', 'label' => "Box $i", 'material' => 'plastic', 'volumeIn3' => 40];
        $devices[] = ['id' => "S$i", 'in' => "B$i", 'model' => $isEnd ? 'na-switch-3way' : 'na-switch-4way'];
        $cables[] = ['id' => "W$i", 'type' => $i === 1 ? 'na-14-2' : 'na-14-3', 'from' => $before, 'to' => "B$i"];
        $before = "B$i";
    }
    $boxes[] = ['id' => 'L1', 'kind' => 'light-box', 'label' => 'Light', 'material' => 'metal', 'box' => 'octagon-4x1.5'];
    $devices[] = ['id' => 'LA', 'in' => 'L1', 'model' => 'na-lampholder'];
    $cables[] = ['id' => 'W99', 'type' => 'na-14-2', 'from' => $before, 'to' => 'L1'];
    $controls = [['lamps' => ['LA'], 'switches' => array_map(fn (int $i) => "S$i", range(1, $switches))]];

    return json_encode([
        ...$house, 'enclosures' => $boxes, 'devices' => $devices, 'cables' => $cables, 'controls' => $controls, 'alwaysOn' => [],
    ], JSON_THROW_ON_ERROR);
};

foreach ([4, 8] as $switches) {
    $board = BoardReader::read($chain($switches), new Problems) ?? throw new LogicException('The chain is no board.');
    $right = Planner::plan($board)->plans[0]->wiring;
    $took = [];
    foreach (Mistakes::on($right) as $i => $mistake) {
        if ($i % EVERY !== 0) {
            continue;
        }
        $seen = (new StandingBoard(new Suspect($right, [$i => $mistake]), 0))->tellAll()->seen();
        foreach (TOLD as $told) {
            $start = hrtime(true);
            Diagnosis::of([$right], new Seen(null, [], array_slice($seen->states, 0, $told), [], [], []));
            $took[] = (hrtime(true) - $start) / 1e6;
        }
    }
    printf("%d switches: %.0f ms at most, %.0f ms on average of %d\n", $switches, max($took), array_sum($took) / count($took), count($took));
}
