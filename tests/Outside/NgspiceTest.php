<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Chain;
use Tests\Support\Files;
use Tests\Support\Ngspice;
use Tests\Support\RandomWiring;
use Zwindle\Plan\Convert\PracticeConverter;
use Zwindle\Plan\Planner;
use Zwindle\Repair\Mistake\Mistakes;
use Zwindle\Repair\NearestPlan;

it('agrees with ngspice on every wiring of the demo and the corpus', function () {
    $wirings = array_map(fn (array $pair) => Files::wiring(...$pair), Files::everyWiring());
    $comparison = Ngspice::compare($wirings);

    expect($comparison['differences'])->toBe([])
        ->and($comparison['states'])->toBeGreaterThan(500);
});

it('agrees with ngspice on random miswirings of every right board', function () {
    // The long form, 5,000 of them, is `composer against-spice`.
    $random = new RandomWiring(seed: 20260);
    $wirings = [];
    foreach (Files::rightWirings() as $name => [$board, $file]) {
        $right = Files::wiring($board, $file);
        for ($i = 0; $i < 30; $i++) {
            $wirings["$name spoilt $i"] = $random->spoil($right);
            $wirings["$name thrown $i"] = $random->throwTogether($right->board);
        }
    }
    $comparison = Ngspice::compare($wirings);

    expect(count($wirings))->toBeGreaterThanOrEqual(1000)
        ->and($comparison['differences'])->toBe([])
        ->and($comparison['states'])->toBeGreaterThan(5000);
});

it('agrees with ngspice on every plan of every scheme of both practices', function () {
    $wirings = [];
    $boards = array_map(fn (array $pair) => Files::board($pair[0]), Files::rightWirings());
    foreach ($boards as $name => $board) {
        $boards["$name carried over"] = PracticeConverter::convert($board)->board;
    }
    foreach ([4, 5, 6] as $switches) {
        $boards["chain of $switches"] = Build::board(Chain::files($switches)[0]);
    }
    foreach ($boards as $name => $board) {
        foreach (Planner::plan($board, all: true)->plans as $i => $plan) {
            $wirings["$name, plan $i"] = $plan->wiring;
        }
    }
    $comparison = Ngspice::compare($wirings);

    expect(count($wirings))->toBeGreaterThan(150)
        ->and($comparison['differences'])->toBe([])
        ->and($comparison['states'])->toBeGreaterThan(500);
});

it('agrees with ngspice on every usual mistake on every right board, and on the nearest plan of each', function () {
    $wirings = [];
    foreach (Files::rightWirings() as $name => [$board, $file]) {
        $right = Files::wiring($board, $file);
        foreach (Mistakes::ofHandOn($right) as $i => $mistake) {
            $wrong = $mistake->madeOn($right);
            $wirings["$name, {$mistake->id()}"] = $wrong;
            $nearest = $i % 5 === 0 ? NearestPlan::to($wrong) : null;
            $wirings += $nearest === null ? [] : ["$name, nearest $i" => $nearest->plan->wiring];
        }
    }
    $comparison = Ngspice::compare($wirings);

    expect(count($wirings))->toBeGreaterThan(600)->and($comparison['differences'])->toBe([]);
});
