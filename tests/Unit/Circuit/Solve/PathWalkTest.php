<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\PathWalk;
use Tests\Support\RandomWiring;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Solver;

function expectTheSameByWalking(Wiring $wiring): int
{
    $circuit = Circuit::of($wiring);
    $walked = PathWalk::everyState($wiring);
    foreach (Solver::everyState($circuit) as $result) {
        expect($result->trip?->value)->toBe($walked[$result->state]['trip']);
        foreach ($circuit->lampNets as $i => [$one, $other]) {
            $share = abs($result->network?->shareAt($result->nodes[$one])->minus(
                $result->network->shareAt($result->nodes[$other]),
            )->toFloat() ?? 0.0);
            expect($share)->toEqualWithDelta($walked[$result->state]['lamps'][$circuit->lamps[$i]], 1e-6);
        }
    }

    return count($walked);
}

it('agrees with walking every path by hand', function (string $board, string $wiring) {
    expect(expectTheSameByWalking(Files::wiring($board, $wiring)))->toBeGreaterThan(0);
})->with(Files::everyWiring());

it('agrees with walking every path by hand on random miswirings', function (string $slug) {
    $right = Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/right.wiring.json");
    $random = new RandomWiring(seed: crc32($slug));
    for ($i = 0; $i < 40; $i++) {
        expectTheSameByWalking($random->spoil($right));
        expectTheSameByWalking($random->throwTogether($right->board));
    }
})->with(array_keys(Files::demoBoards()));
