<?php

declare(strict_types=1);

/*
 * Compares random miswirings of the demo boards with ngspice: `composer against-spice [COUNT [SEED]]`, 2,000 by default.
 */

use Tests\Support\Files;
use Tests\Support\Ngspice;
use Tests\Support\RandomWiring;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$count = (int) ($argv[1] ?? 2000);
$random = new RandomWiring((int) ($argv[2] ?? 1));
$boards = array_keys(Files::demoBoards());
$states = 0;
$differences = [];
for ($done = 0; $done < $count;) {
    $wirings = [];
    while (count($wirings) < 100 && $done < $count) {
        $slug = $boards[$done % count($boards)];
        $right = Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/right.wiring.json");
        $wirings["$slug no. $done"] = intdiv($done, count($boards)) % 2 === 0 ? $random->spoil($right) : $random->throwTogether($right->board);
        $done++;
    }
    $comparison = Ngspice::compare($wirings);
    $states += $comparison['states'];
    array_push($differences, ...$comparison['differences']);
    echo "$done of $count wirings, $states states, ".count($differences)." differences\n";
}
echo implode("\n", $differences), $differences === [] ? "All agree.\n" : "\n";
exit($differences === [] ? 0 : 1);
