<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\Landings;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Survey;

function litIn(Wiring $wiring): int
{
    return substr_count((new Survey(Circuit::of($wiring)))->truthTable->lamps['LA'], '1');
}

it('finds 4 right, 24 lit in one position and 8 dark among the 36 landings on two three-ways', function () {
    // trade-facts section 3: derived by enumeration, common practice.
    $counts = array_count_values(array_map(litIn(...), Landings::onTwoThreeWays()));
    ksort($counts);

    expect($counts)->toBe([0 => 8, 1 => 24, 2 => 4]);
});

it('finds 8 right and 16 lit in 2 of 8 among the 24 landings on a four-way', function () {
    $right = Files::wiring('database/demo/packing-barn/board.json', 'database/demo/packing-barn/right.wiring.json');
    $counts = array_count_values(array_map(litIn(...), Landings::of($right, ['S2.a1', 'S2.a2', 'S2.b1', 'S2.b2'])));
    ksort($counts);

    expect($counts)->toBe([2 => 16, 4 => 8]);
});

it('never lights in 8 of the 24 landings on a two-pole part in the place of the four-way', function () {
    // trade-facts section 4: "a two-pole never lights in 8 of its 24 landings".
    $right = Files::wiring('database/demo/packing-barn/board.json', 'database/demo/packing-barn/right.wiring.json');
    $counts = array_count_values(array_map(
        fn (Wiring $wiring) => litIn(Wiring::of($wiring->board, $wiring->joints, $wiring->caps, $wiring->marks, [
            'S2' => DeviceCatalogue::all()['na-switch-2p'],
        ])),
        Landings::of($right, ['S2.a1', 'S2.a2', 'S2.b1', 'S2.b2']),
    ));

    expect($counts[0])->toBe(8);
});
