<?php

declare(strict_types=1);

/*
 * Times one whole check (every state, every rule) of right wirings of two to sixteen switches, and of random miswirings:
 * `composer timings`. Figures to meet (docs/architecture.md): four switches well under 50 ms, twelve under a second,
 * sixteen switches on sixty cables within two seconds and 128 MB.
 */

use Tests\Support\Chain;
use Tests\Support\RandomWiring;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;

require dirname(__DIR__).'/vendor/autoload.php';

/** @param  list<Wiring>  $wirings */
function median(array $wirings, int $runs): float
{
    $times = [];
    for ($run = 0; $run < $runs; $run++) {
        $start = hrtime(true);
        Checker::check($wirings[$run % count($wirings)]);
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);

    return $times[intdiv(count($times), 2)];
}

Checker::check(Chain::wiring(3));
echo "switches  cables  states    right  miswired (median ms)  peak memory (MB)\n";
foreach ([[2, 0], [4, 0], [6, 0], [8, 0], [12, 0], [16, 0], [16, 43]] as [$switches, $sheds]) {
    $right = Chain::wiring($switches, $sheds);
    $random = new RandomWiring(seed: 1);
    $runs = $switches > 12 ? 5 : ($switches > 8 ? 15 : 101);
    $wrong = array_map(fn () => $random->spoil($right), range(1, min($runs, 25)));
    memory_reset_peak_usage();
    printf(
        "%8d  %6d  %6d  %7.1f  %8.1f              %9.1f\n",
        $switches,
        count($right->board->cables),
        2 ** $switches,
        median([$right], $runs),
        median($wrong, $runs),
        memory_get_peak_usage() / 2 ** 20,
    );
}
