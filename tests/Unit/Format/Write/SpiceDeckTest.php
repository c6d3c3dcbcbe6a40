<?php

declare(strict_types=1);

use Tests\Support\Files;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Format\Write\SpiceDeck;

it('writes one resistor a lamp, the closed contacts of the state and every net', function () {
    $circuit = Circuit::of(Files::wiring('database/demo/boat-store/board.json', 'database/demo/boat-store/right.wiring.json'));
    $off = SpiceDeck::of($circuit, 0);
    $on = SpiceDeck::of($circuit, 1);

    // 60 W at 230 V: 230² / 60 = 881.667 Ω
    expect($on)->toMatch('/^RLA n\d+ n\d+ 881\.666667$/m')
        ->and($on)->toMatch('/^RCONTACT_S1_0 n\d+ n\d+ 1m$/m')
        ->and($off)->not->toContain('RCONTACT')
        ->and($off)->toContain('VSUPPLY src 0 DC 230')
        ->and(substr_count($off, 'RSHUNT_'))->toBe($circuit->nets->count())
        ->and($off)->toEndWith(".op\n.end\n");
});
