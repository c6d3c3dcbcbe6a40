<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\RandomWiring;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\StateWalk;

it('joins in every state what the circuit joins there, in the order of the states', function (string $board, string $file) {
    $right = Files::wiring($board, $file);
    $random = new RandomWiring(seed: 3);
    foreach ([$right, $random->spoil($right), $random->throwTogether($right->board)] as $wiring) {
        $circuit = Circuit::of($wiring);
        $states = [];
        StateWalk::over($circuit, function (int $state, array $parent) use ($circuit, &$states): void {
            $root = function (int $net) use ($parent): int {
                while ($parent[$net] !== $net) {
                    $net = $parent[$net];
                }

                return $net;
            };
            $nodes = $circuit->nodesIn($state);
            $states[$state] = true;
            foreach ($nodes as $net => $node) {
                // Two nets are one here exactly where they are one there.
                expect($root($net) === $root($node))->toBeTrue();
            }
            expect(count(array_unique(array_map($root, array_keys($nodes)))))->toBe(count(array_unique($nodes)));
        });

        expect(array_keys($states))->toBe(range(0, $circuit->stateCount() - 1));
    }
})->with(Files::rightWirings());
