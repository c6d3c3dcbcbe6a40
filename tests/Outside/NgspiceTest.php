<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\Ngspice;
use Tests\Support\RandomWiring;

it('agrees with ngspice on every wiring of the demo and the corpus', function () {
    $wirings = array_map(fn (array $pair) => Files::wiring(...$pair), Files::everyWiring());
    $comparison = Ngspice::compare($wirings);

    expect($comparison['differences'])->toBe([])
        ->and($comparison['states'])->toBeGreaterThan(200);
});

it('agrees with ngspice on 240 random miswirings of the demo boards', function () {
    $random = new RandomWiring(seed: 20260);
    $wirings = [];
    foreach (array_keys(Files::demoBoards()) as $slug) {
        $right = Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/right.wiring.json");
        for ($i = 0; $i < 24; $i++) {
            $wirings["$slug spoilt $i"] = $random->spoil($right);
            $wirings["$slug thrown $i"] = $random->throwTogether($right->board);
        }
    }
    $comparison = Ngspice::compare($wirings);

    expect(count($wirings))->toBe(240)
        ->and($comparison['differences'])->toBe([])
        ->and($comparison['states'])->toBeGreaterThan(1000);
});
