<?php

declare(strict_types=1);

/*
 * How many looks it takes to find a mistake: every single usual mistake on every demo board, library board and pattern, its switches hung
 * either way at random, asked after all combinations are told.
 *
 *   php bench/diagnose.php
 */

require __DIR__.'/../vendor/autoload.php';

use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Files;
use Tests\Support\StandingBoard;
use Zwindle\Diagnose\Hypothesis;
use Zwindle\Diagnose\Likelihood;
use Zwindle\Plan\Planner;
use Zwindle\Repair\Mistake\Mistakes;

$random = new Randomizer(new Mt19937(17));
$paths = [...glob(__DIR__.'/../database/demo/*/board.json'), ...glob(__DIR__.'/../database/demo-library/*.board.json'),
    ...glob(__DIR__.'/../database/patterns/*.board.json')];
$all = ['mistakes' => 0, 'listed' => 0, 'four' => 0, 'looks' => 0.0, 'weight' => 0.0, 'worst' => 0, 'ms' => []];
printf("%-52s %8s %8s %8s %8s %9s\n", 'board', 'singles', 'listed', 'in four', 'looks', 'first ms');
foreach ($paths as $path) {
    $plan = Planner::plan(Files::board(substr((string) realpath($path), strlen((string) realpath(__DIR__.'/..')) + 1)))->plans[0] ?? null;
    if ($plan === null) {
        continue;
    }
    $mistakes = Mistakes::on($plan->wiring);
    $likelihood = new Likelihood([], $mistakes);
    $own = ['listed' => 0, 'four' => 0, 'looks' => 0.0, 'weight' => 0.0, 'ms' => 0.0];
    foreach ($mistakes as $i => $mistake) {
        $truth = new Hypothesis($plan->wiring, [$i => $mistake]);
        $turned = array_sum(array_filter($truth->reversible(), fn () => $random->getInt(0, 1) === 1));
        $start = hrtime(true);
        $found = (new StandingBoard($truth, (int) $turned))->findOut($plan->wiring);
        $own['ms'] += (hrtime(true) - $start) / 1e6 / (1 + $found['looks']);
        $weight = $likelihood->of($truth);
        $own['listed'] += $found['isListed'] ? 1 : 0;
        $own['four'] += $found['isListed'] && $found['looks'] <= 4 ? 1 : 0;
        $own['looks'] += $weight * $found['looks'];
        $own['weight'] += $weight;
        $all['worst'] = max($all['worst'], $found['looks']);
    }
    $count = max(1, count($mistakes));
    printf("%-52s %8d %8d %7.0f%% %8.2f %9.0f\n", basename(dirname($path)).'/'.basename($path, '.json'), count($mistakes), $own['listed'],
        100 * $own['four'] / $count, $own['looks'] / max(1e-9, $own['weight']), $own['ms'] / $count);
    $all['mistakes'] += count($mistakes);
    foreach (['listed', 'four', 'looks', 'weight'] as $key) {
        $all[$key] += $own[$key];
    }
}
printf("%-52s %8d %8d %7.1f%% %8.2f  (worst %d)\n", 'all', $all['mistakes'], $all['listed'], 100 * $all['four'] / $all['mistakes'],
    $all['looks'] / $all['weight'], $all['worst']);
