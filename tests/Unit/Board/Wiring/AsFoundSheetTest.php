<?php

declare(strict_types=1);

use Tests\Support\Files;
use Zwindle\Board\Wiring\AsFound;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Format\Read\WiringReader;
use Zwindle\Problem\Problems;

/** @return list<string> each joint as its sorted points, and whether it is in a connector */
function asWritten(Wiring $wiring): array
{
    $joints = array_map(function (Joint $joint): string {
        $points = $joint->points;
        sort($points);

        return ($joint->by->isConnector() ? 'connector ' : 'terminal ').implode(' ', $points);
    }, $wiring->joints);
    sort($joints);

    return $joints;
}

it('writes a wiring down and reads the same wiring back', function (string $board, string $wiring) {
    $before = Files::wiring($board, $wiring);
    $sheet = AsFound::of($before);
    $problems = new Problems;
    $after = WiringReader::read((string) json_encode($sheet->file($before->board)), $before->board, $problems);

    expect($problems->all())->toBe([])
        ->and(asWritten($after))->toBe(asWritten($before))
        ->and($after->caps)->toEqualCanonicalizing($before->caps)
        ->and($after->marks)->toEqual($before->marks);
})->with(Files::rightWirings());

it('makes one joint of all that is written down as one place', function (array $lands, array $expected) {
    $board = Files::board('database/demo/propagation-house/board.json');
    $joints = (new AsFound($lands))->file($board)['joints'];

    expect(array_map(fn (array $joint) => "{$joint['by']} ".implode(' ', $joint['points']), $joints))->toEqualCanonicalizing($expected);
})->with([
    'two ends under one screw' => [[
        'W1.black@B1' => 'S1.common',
        'W2.red@B1' => 'S1.common',
    ], ['terminal W2.red@B1 W1.black@B1 S1.common']],
    'a screw by a pigtail in a connector' => [[
        'W1.bare@B1' => 'A',
        'W2.bare@B1' => 'A',
        'S1.earth' => 'A',
    ], ['wire-nut S1.earth W2.bare@B1 W1.bare@B1']],
    'an end under a screw that has a pigtail too' => [[
        'W1.bare@B1' => 'S1.earth',
        'S1.earth' => 'A',
        'W2.bare@B1' => 'A',
    ], ['wire-nut W2.bare@B1 W1.bare@B1 S1.earth']],
    'the same letter in two boxes is two connectors' => [
        ['W1.white@B1' => 'A', 'W2.white@B1' => 'A', 'W2.white@B2' => 'A', 'W3.white@B2' => 'A'],
        ['wire-nut W2.white@B1 W1.white@B1', 'wire-nut W3.white@B2 W2.white@B2'],
    ],
    'a connector with one end in it is no joint' => [['W1.white@B1' => 'A'], []],
    'a jumper from screw to screw' => [['S1.t1' => 'S1.t2'], ['wire-nut S1.t1 S1.t2']],
]);
