<?php

declare(strict_types=1);

/*
 * Every switch of every board × every other switch of its practice × random mistakes: everything is asked of each wiring, every
 * answer is tried, and every state compared with ngspice. `composer wrong-parts [TIMES [SEED]]`, 4 wirings a part by default.
 */

use Tests\Support\EveryAnswer;
use Tests\Support\EveryBoard;
use Tests\Support\Ngspice;
use Tests\Support\RandomWiring;
use Zwindle\Format\Write\WiringArray;

require dirname(__DIR__, 2).'/vendor/autoload.php';
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();

$times = (int) ($argv[1] ?? 4);
$random = new RandomWiring((int) ($argv[2] ?? 1));
$tried = $states = 0;
$complaints = [];
$slowest = 0.0;
foreach (EveryBoard::wired() as $path => $right) {
    $wirings = [];
    foreach (EveryBoard::wrongParts($right) as [$switch, $part]) {
        for ($i = 0; $i < $times; $i++) {
            $wirings["$path, $switch is $part->id, no. $i"] = $random->withWrongPart($right, $switch, $part, $i);
        }
    }
    foreach ($wirings as $name => $wiring) {
        $from = hrtime(true);
        try {
            $found = EveryAnswer::of($wiring);
        } catch (Throwable $fault) {
            $found = [
                $fault::class
                    .': '
                    .$fault->getMessage()
                    .' at '
                    .basename($fault->getFile())
                    .':'
                    .$fault->getLine()
                    .(getenv('TRACE') ? "\n".$fault->getTraceAsString() : ''),
            ];
        }
        $slowest = max($slowest, (hrtime(true) - $from) / 1e6);
        foreach ($found as $what) {
            $complaints[] = "$name: $what";
            echo "$name: $what\n";
            if (getenv('SHOW')) {
                echo json_encode(WiringArray::of($wiring), JSON_UNESCAPED_SLASHES), "\n";
            }
        }
    }
    $comparison = Ngspice::compare($wirings);
    array_push($complaints, ...$comparison['differences']);
    $states += $comparison['states'];
    $tried += count($wirings);
    fprintf(STDERR, "%d wirings, %d states, %d complaints, slowest %.0f ms: %s\n", $tried, $states, count($complaints), $slowest, $path);
}
printf("%d wirings, %d states, %d complaints.\n", $tried, $states, count($complaints));
exit($complaints === [] ? 0 : 1);
