<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Zwindle\Format\Read\BoardReader;
use Zwindle\Format\Read\WiringReader;
use Zwindle\Problem\Problem;
use Zwindle\Problem\Problems;

/** @return list<array{string, string}> pointer and code of every problem */
function problemsOf(callable $read): array
{
    $problems = new Problems;
    expect($read($problems))->toBeNull();

    return array_map(fn (Problem $problem) => [$problem->pointer, $problem->code->value], $problems->all());
}

function boardProblems(array $changes): array
{
    return problemsOf(fn (Problems $problems) => BoardReader::read((string) json_encode(Build::boardArray($changes)), $problems));
}

function wiringProblems(array $changes): array
{
    $board = Files::board('database/demo/propagation-house/board.json');
    $wiring = ['format' => 'zwindle-wiring', 'version' => 1, 'joints' => [], ...$changes];

    return problemsOf(fn (Problems $problems) => WiringReader::read((string) json_encode($wiring), $board, $problems));
}

it('refuses a board file and tells where', function (array $changes, array $expected) {
    expect(boardProblems($changes))->toContain($expected);
})->with([
    'two supplies' => [
        ['devices' => [['id' => 'PS', 'in' => 'SRC', 'model' => 'na-supply'], ['id' => 'P2', 'in' => 'SRC', 'model' => 'na-supply']]],
        ['/devices/1', 'two-supplies'],
    ],
    'no supply' => [['devices' => [['id' => 'LA', 'in' => 'L1', 'model' => 'na-lampholder']]], ['/devices', 'no-supply']],
    'unknown model' => [['devices' => [['id' => 'PS', 'in' => 'SRC', 'model' => 'na-dimmer']]], ['/devices/0/model', 'unknown-model']],
    'device in no enclosure' => [['devices' => [[
        'id' => 'PS',
        'in' => 'B9',
        'model' => 'na-supply',
    ]]], ['/devices/0/in', 'unknown-enclosure']],
    'id used twice' => [['devices' => [['id' => 'L1', 'in' => 'SRC', 'model' => 'na-supply']]], ['/devices/0/id', 'twice-used-id']],
    'bad id' => [['devices' => [['id' => '1st', 'in' => 'SRC', 'model' => 'na-supply']]], ['/devices/0/id', 'not-as-schema']],
    'British part on an American board' => [['devices' => [[
        'id' => 'PS',
        'in' => 'SRC',
        'model' => 'gb-supply',
    ]]], ['/devices/0/model', 'other-practice']],
    'British edition on an American board' => [['code' => 'BS7671-2018'], ['/code', 'other-practice']],
    'unknown edition' => [['code' => 'NEC-1999'], ['/code', 'unknown-edition']],
    'too many cables' => [
        ['cables' => array_map(fn (int $i) => ['id' => "W$i", 'type' => 'na-14-2', 'from' => 'SRC', 'to' => 'L1'], range(1, 201))],
        ['/cables', 'too-many-cables'],
    ],
    'unknown cable type' => [['cables' => [[
        'id' => 'W1',
        'type' => 'na-16-2',
        'from' => 'SRC',
        'to' => 'L1',
    ]]], ['/cables/0/type', 'unknown-cable-type']],
    'single without colour' => [['cables' => [[
        'id' => 'W1',
        'type' => 'na-14-single',
        'from' => 'SRC',
        'to' => 'L1',
    ]]], ['/cables/0', 'colour-missing']],
    'cable to itself' => [['cables' => [[
        'id' => 'W1',
        'type' => 'na-14-2',
        'from' => 'SRC',
        'to' => 'SRC',
    ]]], ['/cables/0/to', 'cable-to-itself']],
    'box apart' => [['cables' => []], ['/enclosures/1', 'not-connected']],
    'control of a lamp that is none' => [['controls' => [[
        'lamps' => ['PS'],
        'switches' => ['LA'],
    ]]], ['/controls/0/lamps/0', 'not-a-lamp']],
    'control of an unknown switch' => [['controls' => [[
        'lamps' => ['LA'],
        'switches' => ['S9'],
    ]]], ['/controls/0/switches/0', 'unknown-device']],
    'supply always on' => [['alwaysOn' => ['PS']], ['/alwaysOn/0', 'cannot-be-always-on']],
    'missing title' => [['title' => ''], ['/title', 'not-as-schema']],
    'newer version' => [['version' => 2], ['/version', 'not-as-schema']],
]);

it('refuses seventeen switches and takes sixteen', function () {
    $switches = fn (int $count) => array_map(fn (int $i) => ['id' => "S$i", 'in' => 'L1', 'model' => 'na-switch-1p'], range(1, $count));
    $supply = [['id' => 'PS', 'in' => 'SRC', 'model' => 'na-supply']];

    expect(boardProblems(['devices' => [...$supply, ...$switches(17)]]))->toBe([['/devices', 'too-many-switches']])
        ->and(Build::board(Build::boardArray(['devices' => [...$supply, ...$switches(16)]]))->devices)->toHaveCount(17);
});

it('tells every problem of a file at once', function () {
    $problems = boardProblems([
        'devices' => [['id' => 'PS', 'in' => 'B9', 'model' => 'na-supply'], ['id' => 'LA', 'in' => 'L1', 'model' => 'na-dimmer']],
        'cables' => [['id' => 'PS', 'type' => 'na-16-2', 'from' => 'SRC', 'to' => 'L9']],
    ]);

    expect(array_column($problems, 0))->toEqualCanonicalizing([
        '/devices/0/in',
        '/devices/1/model',
        '/cables/0/id',
        '/cables/0/to',
        '/cables/0/type',
    ]);
});

it('refuses what is no board at all', function (string $text, string $code) {
    expect(array_column(problemsOf(fn (Problems $problems) => BoardReader::read($text, $problems)), 1))->toContain($code);
})->with([
    'not JSON' => ['{"format": "zwindle-board",', 'not-json'],
    'empty' => ['', 'not-json'],
    'a list' => ['[]', 'not-as-schema'],
    'a number' => ['1', 'not-as-schema'],
    'too deep' => [str_repeat('[', 40).str_repeat(']', 40), 'too-deep'],
    'too large' => [fn () => '"'.str_repeat('x', 1_000_001).'"', 'too-large'],
    'a wiring file' => [fn () => Files::text('database/demo/tool-locker/right.wiring.json'), 'not-as-schema'],
]);

it('refuses a wiring file and tells where', function (array $changes, array $expected) {
    expect(wiringProblems($changes))->toContain($expected);
})->with([
    'parts fitted as a list' => [['fitted' => ['na-switch-3way']], ['/fitted', 'not-as-schema']],
    'a part fitted to a number' => [['fitted' => (object) ['0' => 'na-switch-3way']], ['/fitted/0', 'unknown-device']],
    'unknown point' => [['joints' => [[
        'in' => 'B1',
        'points' => ['S1.common', 'W9.black@B1'],
        'by' => 'terminal',
    ]]], ['/joints/0/points/1', 'unknown-point']],
    'end outside its enclosure' => [['joints' => [[
        'in' => 'B1',
        'points' => ['S1.common', 'W2.red@B2'],
        'by' => 'terminal',
    ]]], ['/joints/0/points/1', 'other-enclosure']],
    'a point twice in one joint' => [
        ['joints' => [['in' => 'B1', 'points' => ['W1.white@B1', 'W1.white@B1'], 'by' => 'wire-nut']]],
        ['/joints/0/points/1', 'twice-used-point'],
    ],
    'a point in two joints' => [['joints' => [
        ['in' => 'B1', 'points' => ['S1.t1', 'W2.red@B1'], 'by' => 'terminal'],
        ['in' => 'B1', 'points' => ['S1.t2', 'W2.red@B1'], 'by' => 'terminal'],
    ]], ['/joints/1/points/1', 'twice-used-point']],
    'two terminals under one screw' => [['joints' => [[
        'in' => 'B1',
        'points' => ['S1.t1', 'S1.t2'],
        'by' => 'terminal',
    ]]], ['/joints/0', 'not-one-terminal']],
    'no terminal under a screw' => [
        ['joints' => [['in' => 'B1', 'points' => ['W1.white@B1', 'W2.white@B1'], 'by' => 'terminal']]],
        ['/joints/0', 'not-one-terminal'],
    ],
    'ports on a terminal' => [['joints' => [[
        'in' => 'B1',
        'points' => ['S1.t1', 'W2.red@B1'],
        'by' => 'terminal',
        'ports' => 2,
    ]]], ['/joints/0/ports', 'ports-on-terminal']],
    'earth of a plastic box' => [['joints' => [[
        'in' => 'B2',
        'points' => ['B2.earth', 'W2.bare@B2'],
        'by' => 'terminal',
    ]]], ['/joints/0/points/0', 'unknown-point']],
    'joined and capped' => [
        ['joints' => [['in' => 'B1', 'points' => ['S1.t1', 'W2.red@B1'], 'by' => 'terminal']], 'caps' => ['W2.red@B1']],
        ['/caps/0', 'joined-and-capped'],
    ],
    'a capped terminal' => [['caps' => ['S1.t1']], ['/caps/0', 'not-an-end']],
    'a marked terminal' => [['marks' => [['point' => 'S1.t1', 'as' => 'line']]], ['/marks/0/point', 'not-an-end']],
    'an unknown part' => [['fitted' => ['S1' => 'na-dimmer']], ['/fitted/S1', 'unknown-model']],
    'a part for no device' => [['fitted' => ['S9' => 'na-switch-2p']], ['/fitted/S9', 'unknown-device']],
    'a lampholder for a switch' => [['fitted' => ['S1' => 'na-lampholder']], ['/fitted/S1', 'other-kind-of-part']],
    'one point in a joint' => [['joints' => [[
        'in' => 'B1',
        'points' => ['S1.t1'],
        'by' => 'terminal',
    ]]], ['/joints/0/points', 'not-as-schema']],
]);

it('reads its own files again as they were', function (string $board, string $wiring) {
    $read = Files::wiring($board, $wiring);
    $again = WiringReader::read((string) json_encode(Zwindle\Format\Write\WiringArray::of($read)), $read->board, new Problems);

    expect($again)->toEqual($read);
})->with(Files::everyWiring());
