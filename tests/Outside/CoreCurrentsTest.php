<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\Ngspice;
use Tests\Support\RandomWiring;
use Tests\Support\SpiceCores;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\CableBalance;
use Zwindle\Circuit\Solve\Survey;

/** A thousandth of what a lamp draws: far above what shunts leak, far below what a division by lengths leaves. */
const UNBALANCED_A = 0.0004;

/** @return list<array{Wiring, list<string>}> wirings on boards with runs side by side, with what the core finds */
function wiringsWithRings(): array
{
    $random = new RandomWiring(seed: 99);
    $wirings = [];
    $boards = [
        'tests/Corpus/findings/separate-return/board.json' => 'tests/Corpus/findings/separate-return',
        'tests/Corpus/findings/parallel-path/board.json' => 'tests/Corpus/findings/parallel-path',
    ];
    foreach ($boards as $board => $folder) {
        foreach (['has', 'has-not'] as $name) {
            $right = Files::wiring($board, "$folder/$name.wiring.json");
            $wirings[] = $right;
            for ($i = 0; $i < 40; $i++) {
                $wirings[] = $random->spoil($right);
            }
        }
    }
    foreach (['propagation-house', 'boat-store', 'packing-barn'] as $slug) {
        $right = Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/right.wiring.json");
        for ($i = 0; $i < 40; $i++) {
            $wirings[] = $random->spoil($right);
        }
    }

    return $wirings;
}

it('finds the cables out of balance that ngspice finds, core by core', function () {
    $jobs = $cablesOf = $expected = [];
    foreach (wiringsWithRings() as $w => $wiring) {
        $survey = new Survey(Circuit::of($wiring));
        $expected[$w] = (new CableBalance($survey))->unbalanced();
        for ($state = 0; $state < $survey->truthTable->count(); $state++) {
            if ($survey->truthTable->tripIn($state) === null) {
                [$deck, $prints, $cables] = SpiceCores::job($wiring, $survey->truthTable->positionsIn($state));
                $jobs[] = [$deck, $prints];
                $cablesOf[] = [$w, $cables];
            }
        }
    }
    $found = array_map(fn () => [], $expected);
    foreach (Ngspice::figures($jobs) as $i => $sums) {
        [$w, $cables] = $cablesOf[$i];
        foreach ($sums as $k => $sum) {
            if (abs($sum) > UNBALANCED_A) {
                $found[$w][$cables[$k]] = true;
            }
        }
    }
    $differing = [];
    foreach ($expected as $w => $cables) {
        $there = array_keys($found[$w]);
        sort($there);
        sort($cables);
        if ($there !== $cables) {
            $differing[$w] = ['there' => $there, 'here' => $cables];
        }
    }

    expect($differing)->toBe([])
        ->and(count($jobs))->toBeGreaterThan(400)
        ->and(count(array_filter($expected)))->toBeGreaterThan(20);
});
