<?php

declare(strict_types=1);

/*
 * Times the planner on chains of two to fourteen switches, and the smallest repair of miswired ones: `composer bench-plan`.
 */

use Tests\Support\Build;
use Tests\Support\Chain;
use Tests\Support\RandomWiring;
use Zwindle\Check\Checker;
use Zwindle\Check\Verdict;
use Zwindle\Plan\Planner;
use Zwindle\Repair\Repairs;

require dirname(__DIR__).'/vendor/autoload.php';

const MOST_MOVES = 3;

foreach ([2, 4, 6, 8, 10, 12, 14] as $switches) {
    $board = Build::board(Chain::files($switches)[0]);
    $start = hrtime(true);
    $planning = Planner::plan($board);
    printf("plan, %2d switches: %4.0f ms, %d plan(s)\n", $switches, (hrtime(true) - $start) / 1e6, count($planning->plans));
}

foreach ([2 => 20, 4 => 20, 6 => 20, 8 => 6, 12 => 6] as $switches => $tries) {
    $right = Chain::wiring($switches);
    $random = new RandomWiring(3);
    $times = [];
    for ($i = 0; $i < $tries; $i++) {
        $result = Checker::check($random->moved($right, 1 + $i % MOST_MOVES)[0]);
        if ($result->verdict !== Verdict::Fail) {
            continue;
        }
        $start = hrtime(true);
        Repairs::of($result);
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);
    printf("repair, %2d switches: median %4.0f ms, worst %4.0f ms (%d wirings)\n", $switches, $times[intdiv(count($times), 2)], end($times), count($times));
}
