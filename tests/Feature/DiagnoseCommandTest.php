<?php

declare(strict_types=1);

use Tests\Support\Artisan;
use Tests\Support\Files;
use Tests\Support\MutatedFile;

/** @param  array<string, mixed>  $more */
function seenFile(array $more = []): string
{
    return Artisan::file((string) json_encode(['format' => 'zwindle-seen', 'version' => 1, 'board' => 'Propagation house, path light', 'meant' => null,
        'weights' => (object) [], 'states' => [], 'looks' => [], 'probes' => [], 'parts' => [], ...$more]));
}

/** @return list<array<string, mixed>> off, off, on, off: the gate post seems to be the only switch that works */
function oneSwitchOnly(): array
{
    $does = ['up up' => 'off', 'up down' => 'off', 'down down' => 'on', 'down up' => 'off'];

    return array_map(fn (string $at, string $lamp) => [
        'switches' => array_combine(['S1', 'S2'], explode(' ', $at)), 'lamps' => ['LA' => $lamp], 'trip' => null,
    ], array_keys($does), $does);
}

const PROPAGATION = 'database/demo/propagation-house/board.json';

it('answers in the shape of the contract, and with the status that it gives', function () {
    [$status, $json] = Artisan::json(['zwindle:diagnose', PROPAGATION, seenFile(['states' => oneSwitchOnly()])]);
    expect($status)->toBe(0)->and(array_keys($json))
        ->toBe(['fits', 'mayBeRight', 'truncated', 'suspects', 'next', 'contradictions', 'nearest'])
        ->and($json['fits'])->toBe(14)->and($json['suspects'])->toHaveCount(14)
        ->and($json['suspects'][0]['mistakes'][0]['kind'])->toBe('common-and-traveller-exchanged')
        ->and(array_keys($json['suspects'][0]))->toBe(['mistakes', 'text', 'wiring', 'inside', 'moves'])
        ->and($json['suspects'][0]['moves'])->not->toBe([])
        ->and(array_key_first($json['next'][0]))->toBeIn(['look', 'probe', 'part']);
    $hidden = array_merge(...array_column($json['suspects'], 'inside'));
    expect(array_unique(array_column($hidden, 'fault')))->toEqualCanonicalizing(['loose', 'open', 'contact-dead']);

    [$status, $json] = Artisan::json(['zwindle:diagnose', PROPAGATION, seenFile([
        'states' => oneSwitchOnly(), 'looks' => [['point' => 'S2.common', 'with' => ['W2.red@B2']]],
    ])]);
    expect([$status, $json['fits'], $json['next']])->toBe([0, 1, []]);

    [$status, $json] = Artisan::json(['zwindle:diagnose', PROPAGATION, seenFile(['states' => [...oneSwitchOnly(), [
        'switches' => ['S1' => 'up', 'S2' => 'up'], 'lamps' => ['LA' => 'on'],
    ]]])]);
    expect([$status, $json['contradictions'][0]['pointer']])->toBe([1, '/states/4']);
});

it('goes by the wiring that was meant, by any plan, and by what a class confirmed', function () {
    $meant = json_decode(Files::text('database/demo/propagation-house/right.wiring.json'), true);
    $states = oneSwitchOnly();
    [, $given] = Artisan::json(['zwindle:diagnose', PROPAGATION, seenFile(['states' => $states, 'meant' => $meant])]);
    [, $any] = Artisan::json(['zwindle:diagnose', PROPAGATION, seenFile(['states' => $states, 'meant' => 'any'])]);
    [, $taught] = Artisan::json(['zwindle:diagnose', PROPAGATION, seenFile(['states' => $states, 'weights' => ['core-open' => 500]])]);

    expect($given['fits'])->toBe(14)->and($any['fits'])->toBeGreaterThanOrEqual(14)
        ->and($taught['suspects'][0]['mistakes'][0]['kind'])->toBe('core-open');
});

it('refuses a file that names what is not there, every fault with its pointer, and a board of nine switches', function () {
    [$status, $json] = Artisan::json(['zwindle:diagnose', PROPAGATION, seenFile([
        'states' => [['switches' => ['S1' => 'up', 'S9' => 'up'], 'lamps' => ['LZ' => 'on']]],
        'looks' => [['point' => 'S1.nothing', 'with' => ['W9.black@B1']]],
        'probes' => [['point' => 'B7.earth', 'live' => true]],
        'parts' => [['device' => 'S7', 'good' => true]],
    ])]);
    expect($status)->toBe(2)->and(array_column($json['problems'], 'pointer'))->toEqualCanonicalizing([
        '/states/0/switches', '/states/0/switches/S9', '/states/0/lamps/LZ', '/looks/0/point', '/looks/0/with/0', '/probes/0/point', '/parts/0/device',
    ]);
    [$status] = Artisan::json(['zwindle:diagnose', PROPAGATION, seenFile(['states' => [['switches' => ['S1' => 'left'], 'lamps' => []]]])]);
    expect($status)->toBe(2);
});

it('answers or refuses whatever it is given', function () {
    $spoiler = new MutatedFile(seed: 17);
    $whole = (string) file_get_contents(seenFile(['states' => oneSwitchOnly(), 'looks' => [['point' => 'S2.common', 'with' => ['W2.red@B2']]]]));
    $statuses = [];
    for ($i = 0; $i < 8; $i++) {
        [$status] = Artisan::json(['zwindle:diagnose', PROPAGATION, Artisan::file($spoiler->of($whole))]);
        $statuses[$status] = true;
    }

    expect(array_diff(array_keys($statuses), [0, 1, 2]))->toBe([]);
});

it('says how a hand goes to a real board, and that a short is found dead', function (string $practice, string $board, array $state, string $halve) {
    $seen = ['format' => 'zwindle-seen', 'version' => 1, 'board' => 'x', 'meant' => null, 'states' => [$state]];
    $output = Artisan::run(['zwindle:diagnose', $board, Artisan::file((string) json_encode($seen))])->getOutput();
    $caution = require base_path("lang/en/$practice/caution.php");

    expect($output)->toContain($caution['hands'])->toContain($caution['neutral'])->toContain('cannot reasonably be done dead')
        ->toContain($halve);
})->with([
    'North America' => [
        'na',
        'database/demo/propagation-house/board.json',
        ['switches' => ['S1' => 'up', 'S2' => 'up'], 'lamps' => ['LA' => 'off'], 'trip' => 'breaker'],
        'split the circuit at a box in the middle',
    ],
    'Britain' => [
        'gb',
        'database/demo/boat-store/board.json',
        ['switches' => ['S1' => 'down'], 'lamps' => ['LA' => 'off'], 'trip' => 'breaker'],
        'split the circuit at a point in the middle',
    ],
]);
