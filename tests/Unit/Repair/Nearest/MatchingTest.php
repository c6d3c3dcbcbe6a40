<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use Zwindle\Repair\Nearest\Matching;

/**
 * The weight of the heaviest matching, by trying every way.
 *
 * @param  list<array<string, int>>  $weights
 */
function heaviestByEveryWay(array $weights, array $taken = []): int
{
    if ($weights === []) {
        return 0;
    }
    $first = array_shift($weights);
    $most = heaviestByEveryWay($weights, $taken);
    foreach ($first as $strand => $weight) {
        if (! in_array($strand, $taken, true)) {
            $most = max($most, $weight + heaviestByEveryWay($weights, [...$taken, $strand]));
        }
    }

    return $most;
}

it('is as heavy as the heaviest of all, however many joints', function (int $joints, int $strands) {
    $random = new Randomizer(new Mt19937(41));
    for ($try = 0; $try < 60; $try++) {
        $weights = [];
        for ($joint = 0; $joint < $joints; $joint++) {
            $weights[$joint] = [];
            for ($strand = 0; $strand < $strands; $strand++) {
                if ($random->getInt(0, 2) === 0) {
                    $weights[$joint]["s$strand"] = $random->getInt(1, 6);
                }
            }
        }
        [$total, $matched] = Matching::of($weights);
        $sum = array_sum(array_map(fn (int $joint, string $strand) => $weights[$joint][$strand], array_keys($matched), $matched));

        expect($total)->toBe(heaviestByEveryWay($weights))->and($sum)->toBe($total)->and(array_unique($matched))->toBe($matched);
    }
})->with([[3, 3], [5, 4], [6, 4], [7, 6], [8, 5]]);

it('matches many at once', function () {
    $weights = [];
    for ($joint = 0; $joint < 40; $joint++) {
        $weights[$joint] = ["s$joint" => 2, 's'.(($joint + 1) % 40) => 3];
    }

    expect(Matching::of($weights)[0])->toBe(120)->and(Matching::of([]))->toBe([0, []]);
});
