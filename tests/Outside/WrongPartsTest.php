<?php

declare(strict_types=1);

use Tests\Support\EveryAnswer;
use Tests\Support\EveryBoard;
use Tests\Support\Ngspice;
use Tests\Support\RandomWiring;
use Tests\TestCase;

pest()->extend(TestCase::class);

it('answers everything about wrong parts with other mistakes, and agrees with ngspice', function () {
    // The long form, every part on every switch of every board, is `composer wrong-parts`.
    $random = new RandomWiring(seed: 1126);
    $wirings = [];
    $count = 0;
    foreach (EveryBoard::wired() as $path => $right) {
        foreach (EveryBoard::wrongParts($right) as [$switch, $part]) {
            $count++;
            $wirings += $count % 4 === 0
                ? ["$path, $switch is $part->id" => $random->withWrongPart($right, $switch, $part, $count % 3)]
                : [];
        }
    }
    $complaints = [];
    foreach ($wirings as $name => $wiring) {
        $complaints = [...$complaints, ...array_map(fn (string $what) => "$name: $what", EveryAnswer::of($wiring))];
    }

    expect(count($wirings))->toBeGreaterThan(80)->and($complaints)->toBe([])->and(Ngspice::compare($wirings)['differences'])->toBe([]);
});
