<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\LiteralFindings;
use Tests\Support\RandomWiring;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;

/** @return list<string> */
function plainCodes(Wiring $wiring): array
{
    $codes = array_map(fn ($finding) => $finding->code->value, Checker::check($wiring)->findings);
    $codes = array_values(array_unique(array_filter($codes, LiteralFindings::knows(...))));
    sort($codes);

    return $codes;
}

it('finds what the contract\'s sentences say, read literally', function (string $board, string $wiring) {
    $read = Files::wiring($board, $wiring);

    expect(plainCodes($read))->toBe((new LiteralFindings($read))->codes());
})->with(Files::everyWiring());

it('finds what the contract\'s sentences say on random miswirings', function (string $slug) {
    $right = Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/right.wiring.json");
    $random = new RandomWiring(seed: 7);
    $failing = 0;
    for ($i = 0; $i < 30; $i++) {
        foreach ([$random->spoil($right), $random->throwTogether($right->board)] as $wiring) {
            $codes = (new LiteralFindings($wiring))->codes();
            expect(plainCodes($wiring))->toBe($codes);
            $failing += $codes === [] ? 0 : 1;
        }
    }

    expect($failing)->toBeGreaterThan(20);
})->with(array_keys(Files::demoBoards()));
