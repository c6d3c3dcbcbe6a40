<?php

declare(strict_types=1);

use Tests\Support\Artisan;
use Tests\Support\Files;

const HOUSE_BOARD = 'database/demo/propagation-house/board.json';
const HOUSE_WIRING = 'database/demo/propagation-house/right.wiring.json';

/** @param  callable(array<string, mixed>): array<string, mixed>  $change */
function houseWith(callable $change): string
{
    return Artisan::file((string) json_encode($change(json_decode(Files::text(HOUSE_BOARD), true))));
}

$withLamp = function (array $board): array {
    $board['enclosures'][] = ['id' => 'L2', 'kind' => 'light-box', 'label' => 'Second light', 'material' => 'plastic'];
    $board['devices'][] = ['id' => 'LB', 'in' => 'L2', 'model' => 'na-lampholder'];
    $board['cables'][] = ['id' => 'W4', 'type' => 'na-14-2', 'from' => 'L1', 'to' => 'L2'];
    $board['controls'][0]['lamps'][] = 'LB';

    return $board;
};

it('plans from a wiring that stands: what comes off, what goes on, and only the steps that are left', function () use ($withLamp) {
    [$status, $json] = Artisan::json(['zwindle:plan', houseWith($withLamp), '--from='.HOUSE_WIRING]);
    $joints = array_column(array_filter($json['plans'][0]['steps'], fn (array $step) => $step['joint'] !== null), 'joint');

    expect($status)->toBe(0)->and($json['plans'])->toHaveCount(1)
        ->and($json['from']['comesOff'])->toBe([])
        ->and($json['from']['goesOn'])->toContain('W4.black@L1', 'W4.white@L2')
        ->and($json['from']['moves'][0])->toBe(['point' => 'W4.black@L1', 'from' => 'loose', 'to' => 'LA.hot'])
        ->and($json['from']['gone'])->toBe([])
        ->and(array_intersect($joints, $json['from']['kept']))->toBe([])
        ->and(count($joints) + count($json['from']['kept']))->toBe(count($json['plans'][0]['wiring']['joints']));
});

it('says in words what stays, what is gone and what changes', function () {
    $output = Artisan::run(['zwindle:plan', HOUSE_BOARD, '--from=database/demo/propagation-house/crossed.wiring.json'])->getOutput();

    expect($output)->toContain('14 of 16 connections stay as they are.', 'Disconnect:', '2 changes:', 'move the black in W3');
});

it('gives up what a board no longer has, and refuses a file that is no wiring', function () {
    $fewer = houseWith(fn (array $board) => [
        ...$board,
        'cables' => array_map(fn (array $cable) => $cable['id'] === 'W2' ? [...$cable, 'id' => 'W9'] : $cable, $board['cables']),
    ]);
    [$status, $json] = Artisan::json(['zwindle:plan', $fewer, '--from='.HOUSE_WIRING]);
    $refused = Artisan::run(['zwindle:plan', HOUSE_BOARD, '--from=composer.json']);

    expect($status)->toBe(0)->and($json['from']['gone'])->toContain('W2.red@B1', 'W2.white@B2')
        ->and($refused->getExitCode())->toBe(2)->and($refused->getErrorOutput())->toContain('refused')->not->toContain('Stack');
});

it('says why where nothing can be added', function () use ($withLamp) {
    $short = houseWith(function (array $board) use ($withLamp): array {
        $more = $withLamp($board);

        return [...$more, 'cables' => array_map(fn (array $cable) => [...$cable, 'type' => 'na-14-2'], $more['cables'])];
    });
    [$status, $json] = Artisan::json(['zwindle:plan', $short, '--from='.HOUSE_WIRING]);

    expect($status)->toBe(1)->and($json['plans'])->toBe([])
        ->and($json['impossible']['shortages'][0]['cable'])->toBe('W2')
        ->and($json['impossible']['change'])->toBe(['W2' => 'na-14-3']);
});

it('says for each switch box whether an electronic switch could go there', function () {
    [, $json] = Artisan::json(['zwindle:plan', 'database/demo/seed-store/board.json', '--neutrals']);
    $british = Artisan::run(['zwindle:plan', 'database/demo/boat-store/board.json', '--neutrals'])->getOutput();

    expect(array_column($json['neutrals'], 'answer', 'enclosure'))->toBe(['B1' => 'there', 'B2' => 'other-cable'])
        ->and($json['neutrals'][1]['change'])->toBe(['W3' => 'na-14-4'])
        ->and($json['neutrals'][1]['text'])->toContain('with W3 as 14/4')
        ->and($british)->toContain('with W2 as 1.5 mm² 3C+E');
});
