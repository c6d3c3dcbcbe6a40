<?php

declare(strict_types=1);

/*
 * Times the planner on chains of two to twelve switches, with sixty cables and round a hub, and the smallest repair and the
 * nearest plan of wirings spoilt by one to three moves: `composer timings-plan`.
 */

use Tests\Support\Build;
use Tests\Support\Chain;
use Tests\Support\Hub;
use Tests\Support\RandomWiring;
use Zwindle\Board\Board;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Circuit\Scheme\SchemeName;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Refusal\NeutralAt;
use Zwindle\Repair\NearestPlan;
use Zwindle\Repair\RepairSearch;

require dirname(__DIR__).'/vendor/autoload.php';

const MOST_MOVES = 3;

function timed(callable $work): float
{
    $start = hrtime(true);
    $work();

    return (hrtime(true) - $start) / 1e6;
}

/** @param  list<float>  $times */
function report(string $what, array $times): void
{
    sort($times);
    printf("%-28s median %5.0f ms, worst %5.0f ms (%d)\n", $what, $times[intdiv(count($times), 2)], end($times), count($times));
}

function measure(string $name, Board $board, int $tries): void
{
    report("$name: plan", array_map(fn () => timed(fn () => Planner::plan($board)), range(1, 5)));
    report("$name: every plan", [timed(fn () => Planner::plan($board, all: true))]);
    report("$name: as it is drawn", array_map(fn () => timed(function () use ($board): void {
        Planner::plan($board);
        Planner::bySchemes($board, [SchemeName::FeedThrough, SchemeName::DeadEnd, SchemeName::LightFed, SchemeName::CommonLink]);
    }), range(1, 5)));
    report("$name: neutral at each", [timed(fn () => NeutralAt::everySwitchBox($board))]);
    $right = Planner::plan($board)->plans[0]->wiring;
    $random = new RandomWiring(3);
    $repairs = $nearest = [];
    for ($i = 0; $i < $tries; $i++) {
        $result = Checker::check($random->moved($right, 1 + $i % MOST_MOVES)[0]);
        if ($result->verdict === Verdict::Fail) {
            $repairs[] = timed(fn () => RepairSearch::of($result));
            $nearest[] = timed(fn () => NearestPlan::to($result->evidence->wiring));
        }
    }
    report("$name: repair", $repairs);
    report("$name: nearest plan", $nearest);
    printf("%-28s %d MB\n", "$name: most memory", intdiv(memory_get_peak_usage(), 1_000_000));
}

foreach ([2 => 40, 4 => 40, 6 => 20, 8 => 12, 12 => 12] as $switches => $tries) {
    measure("$switches switches", Build::board(Chain::files($switches)[0]), $tries);
}
measure('12 switches, 60 cables', Build::board(Chain::files(12, 47)[0]), 6);
measure('hub of ten four-ways', Hub::board(), 6);
