<?php

declare(strict_types=1);

/*
 * How many looks it takes to find a mistake: every single usual mistake on every demo board, library board and pattern, its switches hung
 * either way at random, asked after all combinations are told. Beside it, on every tenth of them: opening boxes blindly, and always the
 * box next to the feed. Found means that nothing but the repair that mends it is left.
 *
 *   php timings/diagnose.php            singles, some two minutes
 *   php timings/diagnose.php pairs 60   so many seeded pairs of mistakes on boards with up to two switches
 */

require __DIR__.'/../vendor/autoload.php';

use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Files;
use Tests\Support\StandingBoard;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Diagnosis\Likelihood;
use Zwindle\Diagnosis\NextTest;
use Zwindle\Diagnosis\SingleMistakes;
use Zwindle\Diagnosis\Suspect;
use Zwindle\Plan\Planner;
use Zwindle\Repair\Mistake\Mistakes;

const MOST_BLIND = 40;
const EVERY_BLIND = 10;
$random = new Randomizer(new Mt19937(17));
$paths = [...glob(__DIR__.'/../database/demo/*/board.json'), ...glob(__DIR__.'/../database/demo-library/*.board.json'),
    ...glob(__DIR__.'/../database/patterns/*.board.json')];
$plans = [];
foreach ($paths as $path) {
    $plan = Planner::plan(Files::board(substr((string) realpath($path), strlen((string) realpath(__DIR__.'/..')) + 1)))->plans[0] ?? null;
    if ($plan !== null) {
        $plans[basename(dirname($path)).'/'.basename($path, '.json')] = $plan->wiring;
    }
}
$turned = fn (Suspect $truth): int => (int) array_sum(array_filter($truth->reversible(), fn () => $random->getInt(0, 1) === 1));

/** Points of a board in the order in which a strategy looks at them. */
$inOrder = function (Wiring $right, bool $isFromFeed) use ($random): array {
    $points = array_keys(array_filter($right->points, fn ($point) => ! str_starts_with($point->kind->name, 'Enclosure')));
    if (! $isFromFeed) {
        return $random->shuffleArray($points);
    }
    $distance = [$right->board->supply()->enclosure => 0];
    $next = array_keys($distance);
    while ($next !== []) {
        $box = array_shift($next);
        foreach ($right->board->cablesIn($box) as $cable) {
            $far = $cable->farFrom($box);
            if (! isset($distance[$far])) {
                $distance[$far] = $distance[$box] + 1;
                $next[] = $far;
            }
        }
    }
    usort($points, fn ($one, $other) => $distance[$right->points[$one]->enclosure] <=> $distance[$right->points[$other]->enclosure]);

    return $points;
};
/** A look and a probe at one point after the other, whatever is known. */
$blind = function (array $points): callable {
    $tests = array_merge(...array_map(fn (string $point) => [NextTest::look($point), NextTest::probe($point)], $points));

    return function () use (&$tests): NextTest {
        return array_shift($tests);
    };
};

if (($argv[1] ?? '') === 'pairs') {
    [$count, $listed, $found, $looks, $sum] = [0, 0, 0, 0.0, 0.0];
    $small = array_filter($plans, fn (Wiring $right) => (new Suspect($right, []))->circuit()->stateCount() <= 4);
    $names = array_keys($small);
    $start = hrtime(true);
    while ($count < (int) ($argv[2] ?? 60)) {
        $right = $small[$names[$random->getInt(0, count($names) - 1)]];
        $mistakes = Mistakes::on($right);
        [$one, $other] = [$random->getInt(0, count($mistakes) - 1), $random->getInt(0, count($mistakes) - 1)];
        if ($one === $other || $mistakes[$one]->clashesWith($mistakes[$other])) {
            continue;
        }
        $pair = [min($one, $other) => $mistakes[min($one, $other)], max($one, $other) => $mistakes[max($one, $other)]];
        $truth = new Suspect($right, $pair);
        $board = new StandingBoard($truth, $turned($truth));
        $result = $board->findOut($right, 10);
        $diagnosis = $result['diagnosis'];
        // A single mistake that looks the same is an answer too, and the likelier one.
        $isSingle = $diagnosis->suspects !== [] && count($diagnosis->suspects[0]->mistakes) === 1;
        $weight = (new Likelihood([], $mistakes))->of($truth);
        $count++;
        $listed += $result['isListed'] || $isSingle || $diagnosis->mayBeRight ? 1 : 0;
        $found += $result['isListed'] ? 1 : 0;
        $looks += $weight * $result['looks'];
        $sum += $weight;
    }
    printf("%d pairs: explained %d, the pair itself listed %d, looks on average by likelihood %.2f, %.1f s each\n",
        $count, $listed, $found, $looks / $sum, (hrtime(true) - $start) / 1e9 / $count);
    exit;
}

$all = ['mistakes' => 0, 'listed' => 0, 'found' => 0, 'four' => 0, 'looks' => 0.0, 'weight' => 0.0, 'worst' => 0];
$beside = ['blind' => ['looks' => 0.0, 'four' => 0], 'feed' => ['looks' => 0.0, 'four' => 0], 'weight' => 0.0, 'count' => 0];
printf("%-64s %8s %8s %8s %8s %8s\n", 'board', 'singles', 'listed', 'found', 'in four', 'looks');
foreach ($plans as $name => $right) {
    $mistakes = Mistakes::on($right);
    $singles = new SingleMistakes([$right]);
    $likelihood = new Likelihood([], $mistakes);
    $own = ['listed' => 0, 'found' => 0, 'four' => 0, 'looks' => 0.0, 'weight' => 0.0];
    foreach ($mistakes as $i => $mistake) {
        $truth = new Suspect($right, [$i => $mistake]);
        $hung = $turned($truth);
        $found = (new StandingBoard($truth, $hung))->findOut($singles);
        $weight = $likelihood->of($truth);
        $own['listed'] += $found['isListed'] ? 1 : 0;
        $own['found'] += $found['isFound'] ? 1 : 0;
        $own['four'] += $found['isFound'] && $found['looks'] <= 4 ? 1 : 0;
        $own['looks'] += $weight * $found['looks'];
        $own['weight'] += $weight;
        $all['worst'] = max($all['worst'], $found['looks']);
        if (($all['mistakes'] + $i) % EVERY_BLIND === 0) {
            $beside['weight'] += $weight;
            $beside['count']++;
            foreach (['blind' => false, 'feed' => true] as $how => $isFromFeed) {
                $taken = (new StandingBoard($truth, $hung))->findOut($singles, MOST_BLIND, $blind($inOrder($right, $isFromFeed)));
                $beside[$how]['looks'] += $weight * $taken['looks'];
                $beside[$how]['four'] += $taken['isFound'] && $taken['looks'] <= 4 ? 1 : 0;
            }
        }
    }
    $count = max(1, count($mistakes));
    printf("%-64s %8d %8d %7.0f%% %7.0f%% %8.2f\n", $name, $count, $own['listed'], 100 * $own['found'] / $count,
        100 * $own['four'] / $count, $own['looks'] / max(1e-9, $own['weight']));
    $all['mistakes'] += count($mistakes);
    foreach (['listed', 'found', 'four', 'looks', 'weight'] as $key) {
        $all[$key] += $own[$key];
    }
}
printf("%-64s %8d %8d %7.1f%% %7.1f%% %8.2f  (worst %d)\n", 'all', $all['mistakes'], $all['listed'], 100 * $all['found'] / $all['mistakes'],
    100 * $all['four'] / $all['mistakes'], $all['looks'] / $all['weight'], $all['worst']);
foreach (['blind' => 'opening boxes blindly', 'feed' => 'always the box next to the feed'] as $how => $name) {
    printf("%-64s %8d %8s %8s %7.1f%% %8.2f\n", $name, $beside['count'], '', '', 100 * $beside[$how]['four'] / $beside['count'],
        $beside[$how]['looks'] / $beside['weight']);
}
