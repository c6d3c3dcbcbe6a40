<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Zwindle\Catalogue\DeviceCatalogue;
use Zwindle\Net\Circuit;
use Zwindle\Solve\Survey;
use Zwindle\Wiring\Wiring;

/** @return list<list<string>> */
function permutations(array $items): array
{
    if (count($items) < 2) {
        return [$items];
    }
    $all = [];
    foreach ($items as $i => $item) {
        foreach (permutations(array_values(array_diff_key($items, [$i => 0]))) as $rest) {
            $all[] = [$item, ...$rest];
        }
    }

    return $all;
}

/** @return list<Wiring> every way to land the conductors of some terminals on these terminals */
function landings(Wiring $right, array $terminals): array
{
    return array_map(fn (array $order) => Build::renamed($right, array_combine($terminals, $order)), permutations($terminals));
}

function litIn(Wiring $wiring): int
{
    return substr_count((new Survey(Circuit::of($wiring)))->truthTable->lamps['LA'], '1');
}

it('finds 4 right, 24 lit in one position and 8 dark among the 36 landings on two three-ways', function () {
    // trade-facts section 3: derived by enumeration, common practice.
    $right = Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json');
    $counts = [];
    foreach (landings($right, ['S1.common', 'S1.t1', 'S1.t2']) as $near) {
        foreach (landings($near, ['S2.common', 'S2.t1', 'S2.t2']) as $both) {
            $counts[litIn($both)] = ($counts[litIn($both)] ?? 0) + 1;
        }
    }
    ksort($counts);

    expect($counts)->toBe([0 => 8, 1 => 24, 2 => 4]);
});

it('finds 8 right and 16 lit in 2 of 8 among the 24 landings on a four-way', function () {
    $right = Files::wiring('database/demo/packing-barn/board.json', 'database/demo/packing-barn/right.wiring.json');
    $counts = array_count_values(array_map(litIn(...), landings($right, ['S2.a1', 'S2.a2', 'S2.b1', 'S2.b2'])));
    ksort($counts);

    expect($counts)->toBe([2 => 16, 4 => 8]);
});

it('never lights in 8 of the 24 landings on a two-pole part in the place of the four-way', function () {
    // trade-facts section 4: "a two-pole never lights in 8 of its 24 landings".
    $right = Files::wiring('database/demo/packing-barn/board.json', 'database/demo/packing-barn/right.wiring.json');
    $counts = array_count_values(array_map(
        fn (Wiring $wiring) => litIn(new Wiring($wiring->board, $wiring->joints, $wiring->caps, $wiring->marks, ['S2' => DeviceCatalogue::all()['na-switch-2p']])),
        landings($right, ['S2.a1', 'S2.a2', 'S2.b1', 'S2.b2']),
    ));

    expect($counts[0])->toBe(8);
});
