<?php

declare(strict_types=1);

use Tests\Support\Artisan;
use Tests\Support\Chain;
use Tests\Support\Files;

$barn = 'database/demo/packing-barn/board.json';

it('lists every usual mistake with its table, in groups that flipping cannot part, and how to part them', function () use ($barn) {
    [$status, $json] = Artisan::json(['zwindle:mistakes', $barn]);
    $byId = array_column($json['mistakes'], null, 'id');
    $alike = array_values(array_filter(
        $json['groups'],
        fn (array $group) => in_array(
            array_search('look-alike-part S2', array_column($json['mistakes'], 'id'), true),
            $group['mistakes'],
            true,
        ),
    ))[0];

    expect($status)->toBe(0)
        ->and(array_keys($json))->toBe(['scheme', 'switches', 'walk', 'mistakes', 'groups', 'flips', 'pairs', 'limits'])
        ->and($json['walk'])->toHaveCount(7)->and($json['flips'])->toBeNull()->and($json['pairs'])->toBeTrue()
        ->and($byId['pair-split S2.a2 S2.b1']['text'])->toContain('pair split across the two pairs of the switch at')
        ->and($byId['pair-split S2.a2 S2.b1']['lamps']['LA'])->toHaveLength(8)
        ->and(array_map(
            fn (int $i) => $json['mistakes'][$i]['kind'],
            $alike['mistakes'],
        ))->toBe(['pair-split', 'pair-split', 'look-alike-part'])
        ->and($alike['tell'][0]['do'])->toBe('look')->and($alike['tell'][0]['text'])->toContain('check what is connected')
        ->and($alike['looksRight'])->toBeFalse()->and($alike['pairs'])->not->toBe([]);
});

it('says what a sequence of flips would have passed, and from where', function () use ($barn) {
    [, $json] = Artisan::json(['zwindle:mistakes', $barn, '--flips=S1,S1,S1,S1']);
    $names = array_map(
        fn (array $passing) => array_map(fn (int $i) => $json['mistakes'][$i]['kind'], $passing['mistakes']),
        $json['flips']['passing'],
    );

    expect($json['flips']['asked'])->toBe(['S1', 'S1', 'S1', 'S1'])
        ->and($names)->toContain(['common-and-traveller-exchanged'], ['earth-off'])
        ->and(array_keys($json['flips']['passing'][0]['from'][0]))->toBe(['S1', 'S2', 'S3']);
});

it('speaks the English of the practice', function () {
    $american = Artisan::run(['zwindle:mistakes', 'database/demo/propagation-house/board.json', '--flips=S1,S2,S1'])->getOutput();
    $british = Artisan::run(['zwindle:mistakes', 'database/demo/towpath-workshop/board.json'])->getOutput();

    expect($american)->toContain('common and a traveler swapped', 'ohm it out', 'After S1 S2 S1', 'lock off')
        ->and($british)->toContain(
            'common and a strapper swapped',
            'double-pole on/off',
            'test its continuity',
        )->not->toContain('traveler');
});

it('refuses an unknown switch and a board with more switches than tables are compared for', function () use ($barn) {
    $many = Artisan::file((string) json_encode(Chain::files(9)[0]));

    expect(Artisan::run(['zwindle:mistakes', $barn, '--flips=S9'])->getExitCode())->toBe(2)
        ->and(Artisan::run(['zwindle:mistakes', $many])->getErrorOutput())->toContain('at most 8');
});

it('says why where there is no right wiring to make mistakes on', function () {
    $short = Artisan::file(str_replace('"na-14-3"', '"na-14-2"', Files::text('database/demo/propagation-house/board.json')));
    [$status, $json] = Artisan::json(['zwindle:mistakes', $short]);

    expect($status)->toBe(1)->and($json['mistakes'])->toBe([])->and($json['impossible']['message'])->toContain('W2');
});
