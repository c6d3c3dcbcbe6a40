<?php

declare(strict_types=1);

/*
 * How many single mistakes any way of asking could find in four looks, and how few looks one could take on average by likelihood: of all
 * that look the same from outside, every tree of looks, probes and part tests tried whole. Found means that nothing but the repair that
 * mends it is left. Beside `timings/diagnose.php`, which says how many the diagnosis finds.
 *
 *   php timings/diagnose-bound.php [every N-th board]
 */

require __DIR__.'/../vendor/autoload.php';

use Tests\Support\Files;
use Tests\Support\StandingBoard;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Diagnosis\Diagnosis;
use Zwindle\Diagnosis\Likelihood;
use Zwindle\Diagnosis\Mending;
use Zwindle\Diagnosis\Suspect;
use Zwindle\Plan\Planner;
use Zwindle\Repair\Mistake\Mistakes;

const LOOKS = 4;

/** @return list<list<int>> what each test shows, as numbers, suspect by suspect; tests that show the same are one */
function shownBy(array $suspects): array
{
    $wiring = $suspects[0]->right;
    $tests = [];
    foreach ($wiring->points as $id => $point) {
        $tests[] = array_map(function (Suspect $one) use ($id): string {
            $others = array_diff($one->look()->jointAt($id)->points ?? [], [$id]);
            sort($others);

            return implode(' ', $others);
        }, $suspects);
        if (! $point->isEarthing() && ($point->device !== null || $wiring->jointAt($id) !== null)) {
            $tests[] = array_map(fn (Suspect $one) => var_export($one->isLive($id), true), $suspects);
        }
    }
    foreach ($wiring->board->devices as $device) {
        if ($device->is(DeviceKind::Switch) || $device->is(DeviceKind::Lamp)) {
            $tests[] = array_map(fn (Suspect $one) => var_export($one->isGood($device->id), true), $suspects);
        }
    }
    $distinct = [];
    foreach ($tests as $shown) {
        $names = array_flip(array_values(array_unique($shown)));
        $parts = array_map(fn (string $one) => $names[$one], $shown);
        if (count($names) > 1) {
            $distinct[implode(',', $parts)] = $parts;
        }
    }

    return array_values($distinct);
}

/**
 * A set told apart, in each way once.
 *
 * @param  list<int>  $set
 * @param  list<list<int>>  $tests
 * @return iterable<list<list<int>>>
 */
function splits(array $set, array $tests): iterable
{
    $seen = [];
    foreach ($tests as $parts) {
        $split = [];
        foreach ($set as $i) {
            $split[$parts[$i]][] = $i;
        }
        $sign = implode('|', array_map(fn (array $part) => implode(',', $part), $split));
        if (count($split) > 1 && ! isset($seen[$sign])) {
            $seen[$sign] = true;
            yield array_values($split);
        }
    }
}

/**
 * How many of a set the best tree finds in so many looks.
 *
 * @param  list<int>  $set
 * @param  list<list<int>>  $tests
 * @param  list<string>  $repairs
 * @param  array<string, int>  $known
 */
function best(array $set, int $looks, array $tests, array $repairs, array &$known): int
{
    if (count(array_unique(array_intersect_key($repairs, array_flip($set)))) === 1) {
        return $repairs[$set[0]] === '' ? 0 : count($set);
    }
    $name = $looks.':'.implode(',', $set);
    if ($looks === 0 || isset($known[$name])) {
        return $known[$name] ?? 0;
    }
    $most = 0;
    foreach (splits($set, $tests) as $split) {
        $found = 0;
        foreach ($split as $part) {
            $found += best($part, $looks - 1, $tests, $repairs, $known);
        }
        $most = max($most, $found);
        if ($most === count($set)) {
            break;
        }
    }

    return $known[$name] = $most;
}

/**
 * The least looks, weighted, that tell a set apart; what nothing tells apart takes none.
 *
 * @param  list<int>  $set
 * @param  list<list<int>>  $tests
 * @param  list<string>  $repairs
 * @param  array<int, float>  $weights
 * @param  array<string, float>  $known
 */
function least(array $set, array $tests, array $repairs, array $weights, array &$known): float
{
    $name = implode(',', $set);
    if (isset($known[$name]) || count(array_unique(array_intersect_key($repairs, array_flip($set)))) === 1) {
        return $known[$name] ?? 0.0;
    }
    $own = array_sum(array_intersect_key($weights, array_flip($set)));
    $least = INF;
    foreach (splits($set, $tests) as $split) {
        $looked = $own;
        foreach ($split as $part) {
            $looked += $looked < $least ? least($part, $tests, $repairs, $weights, $known) : 0.0;
        }
        $least = min($least, $looked);
    }

    return $known[$name] = is_infinite($least) ? 0.0 : $least;
}

$paths = [...glob(__DIR__.'/../database/demo/*/board.json'), ...glob(__DIR__.'/../database/demo-library/*.board.json'),
    ...glob(__DIR__.'/../database/patterns/*.board.json')];
$root = (string) realpath(__DIR__.'/..');
[$all, $found, $looked, $weight] = [0, 0, 0.0, 0.0];
foreach ($paths as $n => $path) {
    $right = $n % (int) ($argv[1] ?? 1) === 0
        ? (Planner::plan(Files::board(substr((string) realpath($path), strlen($root) + 1)))->plans[0] ?? null)?->wiring
        : null;
    if ($right === null) {
        continue;
    }
    $left = array_map(fn ($mistake) => $mistake->id(), Mistakes::on($right));
    [$own, $most] = [count($left), 0];
    $likelihood = new Likelihood([], Mistakes::on($right));
    foreach (Mistakes::on($right) as $i => $mistake) {
        if (! in_array($mistake->id(), $left, true)) {
            continue;
        }
        $diagnosis = Diagnosis::of([$right], (new StandingBoard(new Suspect($right, [$i => $mistake]), 0))->tellAll()->seen());
        $same = array_values(array_filter($diagnosis->suspects, fn (Suspect $one) => count($one->mistakes) === 1));
        $repairs = array_map(Mending::name(...), $same);
        if ($diagnosis->mayBeRight) {
            $same[] = new Suspect($right, []);
            $repairs[] = '';
        }
        $left = array_diff($left, array_map(fn (Suspect $one) => (array_values($one->mistakes)[0] ?? null)?->id() ?? '', $same), [$mistake->id()]);
        $known = [];
        $tests = shownBy($same);
        $most += best(array_keys($same), LOOKS, $tests, $repairs, $known);
        $weights = array_map(fn (Suspect $one) => $one->mistakes === [] ? 0.0 : $likelihood->of($one), $same);
        $known = [];
        $looked += least(array_keys($same), $tests, $repairs, $weights, $known);
        $weight += array_sum($weights);
    }
    printf("%-64s %6d singles, %5.1f%% at best\n", basename(dirname($path)).'/'.basename($path, '.json'), $own, 100 * $most / max(1, $own));
    $all += $own;
    $found += $most;
}
printf(
    "%-64s %6d singles, %5.1f%% at best; %.2f looks on average at least\n",
    'all',
    $all,
    100 * $found / $all,
    $looked / $weight,
);
