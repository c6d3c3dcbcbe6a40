<?php

declare(strict_types=1);

/*
 * Re-marks a thousand different wirings on two cores, and times every state of a four-switch board here and in ngspice:
 * `composer timings-remark`. Figure to meet: a thousand under 20 s on two cores.
 */

use Tests\Support\Chain;
use Tests\Support\Files;
use Tests\Support\Ngspice;
use Tests\Support\RandomWiring;
use Zwindle\Check\Checker;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Survey;

require dirname(__DIR__).'/vendor/autoload.php';

const WIRINGS = 1000;
const CORES = 2;

if (($argv[1] ?? '') === 'part') {
    $rights = array_values(array_map(fn (array $pair) => Files::wiring(...$pair), Files::rightWirings()));
    $random = new RandomWiring((int) $argv[2]);
    for ($i = 0; $i < WIRINGS / CORES; $i++) {
        Checker::check($random->spoil($rights[$i % count($rights)]));
    }
    exit(0);
}

$start = hrtime(true);
$parts = array_map(fn (int $core) => proc_open([PHP_BINARY, __FILE__, 'part', (string) $core], [], $pipes), range(1, CORES));
$failed = array_filter($parts, fn ($part) => $part === false || proc_close($part) !== 0);
printf("%d wirings on %d cores: %.2f s%s\n", WIRINGS, CORES, (hrtime(true) - $start) / 1e9, $failed === [] ? '' : ' (a part failed)');

$board = Chain::wiring(4);
$times = [];
for ($run = 0; $run < 101; $run++) {
    $start = hrtime(true);
    new Survey(Circuit::of($board));
    $times[] = (hrtime(true) - $start) / 1e6;
}
sort($times);
$start = hrtime(true);
$compared = Ngspice::compare(['four switches' => $board]);
$spice = (hrtime(true) - $start) / 1e6;
printf(
    "every state of four switches: %.2f ms here (median), %.1f ms in one run of ngspice (%d states): %.0f to 1\n",
    $times[50],
    $spice,
    $compared['states'],
    $spice / $times[50],
);
