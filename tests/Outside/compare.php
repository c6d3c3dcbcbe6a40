<?php

declare(strict_types=1);

/*
 * Compares random miswirings of every right board with ngspice: `composer against-spice [COUNT [SEED]]`, 5,000 by default.
 */

use Tests\Support\Files;
use Tests\Support\Ngspice;
use Tests\Support\RandomWiring;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$count = (int) ($argv[1] ?? 5000);
$random = new RandomWiring((int) ($argv[2] ?? 1));
$boards = array_values(array_map(fn (array $pair) => Files::wiring(...$pair), Files::rightWirings()));
$states = 0;
$differences = [];
for ($done = 0; $done < $count;) {
    $wirings = [];
    while (count($wirings) < 100 && $done < $count) {
        $right = $boards[$done % count($boards)];
        $wirings["{$right->board->title}, no. $done"] = intdiv($done, count($boards)) % 2 === 0
            ? $random->spoil($right)
            : $random->throwTogether($right->board);
        $done++;
    }
    $comparison = Ngspice::compare($wirings);
    $states += $comparison['states'];
    array_push($differences, ...$comparison['differences']);
    echo "$done of $count wirings, $states states, ".count($differences)." differences\n";
}
echo implode("\n", $differences), $differences === [] ? "All agree.\n" : "\n";
exit($differences === [] ? 0 : 1);
