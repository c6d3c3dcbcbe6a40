<?php

declare(strict_types=1);

use Tests\Support\Files;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Trace\CurrentPath;
use Zwindle\Circuit\Trace\HopKind;
use Zwindle\Circuit\Trace\PathEnd;

function pathIn(string $slug, string $wiring, int $state): CurrentPath
{
    return CurrentPath::towards(
        Circuit::of(Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/$wiring.wiring.json")),
        'LA',
        $state,
    );
}

it('tells how the way of the current ends', function (string $slug, string $wiring, int $state, PathEnd $end, string $stopsAt) {
    $path = pathIn($slug, $wiring, $state);

    expect($path->end)->toBe($end)->and($path->stopsAt)->toBe($stopsAt);
})->with([
    'lit' => ['propagation-house', 'right', 0, PathEnd::Returns, 'PS.neutral'],
    'dark: the hot stops at the far traveler screw' => ['propagation-house', 'right', 1, PathEnd::OpenContact, 'S2.t1'],
    'switch off at the drop' => ['boat-store', 'right', 0, PathEnd::OpenContact, 'S1.com'],
    'short in one position' => ['boat-store', 'drop-in-neutral-block', 1, PathEnd::Short, 'PS.neutral'],
    'the way that gets farthest, of two with one gap' => ['propagation-house', 'crossed', 1, PathEnd::OpenContact, 'S2.t1'],
    'no way back' => ['propagation-house', 'open-neutral', 0, PathEnd::NoReturn, 'LA.hot'],
]);

it('goes through every core, contact and lamp once, end to end', function () {
    $path = pathIn('packing-barn', 'right', 0);
    $kinds = array_count_values(array_map(fn ($hop) => $hop->kind->value, $path->hops));

    expect($path->hops[0]->from)->toBe('PS.line')
        ->and($kinds[HopKind::Contact->value])->toBe(3)
        ->and($kinds[HopKind::Lamp->value])->toBe(1)
        ->and($kinds[HopKind::Core->value])->toBe(8);
    foreach (array_slice($path->hops, 1) as $i => $hop) {
        expect($hop->from)->toBe($path->hops[$i]->to);
    }
});

it('says nothing flows beyond an open contact in any state that is dark', function () {
    $circuit = Circuit::of(Files::wiring('database/demo/packing-barn/board.json', 'database/demo/packing-barn/right.wiring.json'));
    $ends = [];
    for ($state = 0; $state < $circuit->stateCount(); $state++) {
        $ends[] = CurrentPath::towards($circuit, 'LA', $state)->end->value;
    }

    expect(array_count_values($ends))->toBe(['returns' => 4, 'open-contact' => 4]);
});

function backIn(string $slug, string $wiring, int $state): CurrentPath
{
    return CurrentPath::backFrom(
        Circuit::of(Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/$wiring.wiring.json")),
        'LA',
        $state,
    );
}

it('follows the current back from the lamp to where the way breaks', function (
    string $slug, string $wiring, int $state, PathEnd $end, string $from, string $stopsAt,
) {
    $path = backIn($slug, $wiring, $state);

    expect($path->end)->toBe($end)->and($path->stopsAt)->toBe($stopsAt)->and($path->hops[0]->from ?? $path->stopsAt)->toBe($from);
    foreach (array_slice($path->hops, 1) as $i => $hop) {
        expect($hop->from)->toBe($path->hops[$i]->to);
    }
})->with([
    'lit: the whole way round' => ['propagation-house', 'right', 0, PathEnd::Returns, 'PS.neutral', 'PS.line'],
    'dark: along the other traveler, to the screw that the near common does not touch' => [
        'propagation-house', 'right', 1, PathEnd::OpenContact, 'LA.hot', 'S1.t2',
    ],
    'no way back: the line comes whole, and is not what is missing' => [
        'propagation-house', 'open-neutral', 0, PathEnd::NoReturn, 'LA.hot', 'PS.line',
    ],
]);
