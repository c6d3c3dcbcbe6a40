<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\Ngspice;
use Tests\TestCase;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Plan\Planner;

pest()->extend(TestCase::class);

// The ways of wiring are common practice of both trades.
it('plans every pattern, each plan as ngspice has it', function (string $path) {
    $planning = Planner::plan(Files::board($path), all: true);
    $wirings = [];
    foreach (array_slice($planning->plans, 0, 8) as $i => $plan) {
        $wirings["$path, plan $i"] = $plan->wiring;
    }

    expect($planning->plans)->not->toBe([])
        ->and(in_array($planning->plans[0]->result->verdict, [Verdict::Pass, Verdict::Remarks], true))->toBeTrue()
        ->and(Ngspice::compare($wirings)['differences'])->toBe([]);
})->with(array_map(
    fn (string $path) => substr($path, strlen(Files::path(''))),
    [...glob(Files::path('database/patterns/*.json')) ?: [], ...glob(Files::path('database/demo-library/*.json')) ?: []],
));

it('has a way of wiring for each of these, with the cables that belong to it', function (string $key, array $cables) {
    $plan = Planner::plan(Files::board("database/patterns/$key.board.json"))->plans[0];

    expect(array_values(array_map(fn ($cable) => $cable->type->print, $plan->wiring->board->cables)))->toBe($cables);
})->with([
    // A 14/3 to each side of the light.
    ['na-09-light-between-two-three-ways', ['14/2', '14/3', '14/3']],
    ['na-11-three-way-with-two-lights', ['14/2', '14/3', '14/2', '14/2']],
    ['na-12-receptacle-always-hot', ['14/2', '14/2', '14/2']],
    ['na-13-two-controls-in-one-box', ['14/2', '14/2', '14/2']],
    ['gb-10-intermediate-in-three-core', ['1.5 mm² T&E', '1.5 mm² T&E', '1.5 mm² 3C+E', '1.5 mm² 3C+E']],
    ['gb-11-loop-in-at-the-switch', ['1.5 mm² T&E', '1.5 mm² T&E', '1.5 mm² T&E', '1.5 mm² T&E']],
]);
