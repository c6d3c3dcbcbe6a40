<?php

declare(strict_types=1);

use Tests\Support\Artisan;

it('prints the board of the other practice with what is different there', function () {
    [$status, $json] = Artisan::json(['zwindle:convert', 'database/demo/boat-store/board.json']);
    $texts = array_column($json['notes'], 'text', 'code');

    expect($status)->toBe(0)->and($json['board']['practice'])->toBe('na')->and($json['board']['code'])->toBe('NEC-2023')
        ->and($json['scheme'])->toBe(['before' => 'light-fed', 'after' => 'light-fed'])
        ->and($texts['return-rule'])->toContain('a white is never the return', 'On this board: W2.')
        ->and($texts['supply'])->toBe('PS: the supply becomes one of 15 A.')
        ->and($json['words'])->toContain(['before' => 'switched live', 'after' => 'switch leg']);
});

it('writes a board file that every other command takes', function () {
    $out = Artisan::file('');
    $told = Artisan::run(['zwindle:convert', 'database/demo/propagation-house/board.json', "--out=$out"])->getOutput();
    [$status, $json] = Artisan::json(['zwindle:plan', $out]);

    expect($told)->toContain('converted to Britain', 'three-way becomes two-way', 'traveler becomes strapper')
        ->and($status)->toBe(0)->and($json['plans'][0]['cables']['W2'])->toBe('gb-1.5-3ce');
});

it('refuses what it cannot read or write', function (array $arguments) {
    $process = Artisan::run(['zwindle:convert', ...$arguments]);

    expect($process->getExitCode())->toBe(2)->and($process->getErrorOutput())->not->toBe('')->not->toContain('Stack trace');
})->with([
    'no file' => [['no-such-board.json']],
    'nowhere to write' => [['database/demo/boat-store/board.json', '--out=/no/such/folder/board.json']],
]);
