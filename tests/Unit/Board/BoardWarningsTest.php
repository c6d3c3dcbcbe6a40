<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Zwindle\Board\BoardWarning;
use Zwindle\Board\BoardWarningKind;
use Zwindle\Board\BoardWarnings;

/** @return list<array{BoardWarningKind, list<string>}> */
function warningsAbout(callable $change): array
{
    $array = $change(json_decode(Files::text('database/demo/propagation-house/board.json'), true));

    return array_map(fn (BoardWarning $warning) => [$warning->kind, $warning->about], BoardWarnings::about(Build::board($array)));
}

it('asks about what is allowed and most likely not meant', function (callable $change, array $warnings) {
    expect(warningsAbout($change))->toBe($warnings);
})->with([
    'nothing about a good board' => [fn (array $board) => $board, []],
    'boxes on each other' => [function (array $board) {
        $board['enclosures'][2]['at'] = [$board['enclosures'][1]['at'][0] + 109, $board['enclosures'][1]['at'][1]];

        return $board;
    }, [[BoardWarningKind::Overlapping, ['B1', 'B2']]]],
    'boxes side by side' => [function (array $board) {
        $board['enclosures'][2]['at'] = [$board['enclosures'][1]['at'][0] + 110, $board['enclosures'][1]['at'][1]];

        return $board;
    }, []],
    'boxes without a place' => [function (array $board) {
        unset($board['enclosures'][1]['at'], $board['enclosures'][2]['at']);

        return $board;
    }, []],
    'a switch that controls nothing' => [
        fn (array $board) => [...$board, 'devices' => [...$board['devices'], ['id' => 'S9', 'in' => 'B1', 'model' => 'na-switch-1p']]],
        [[BoardWarningKind::ControlsNothing, ['S9']]],
    ],
    'a lamp that nothing controls' => [
        fn (array $board) => [...$board, 'devices' => [...$board['devices'], ['id' => 'LB', 'in' => 'L1', 'model' => 'na-lampholder']]],
        [[BoardWarningKind::NotControlled, ['LB']]],
    ],
    'one that is always on is meant so' => [fn (array $board) => [
        ...$board,
        'devices' => [...$board['devices'], ['id' => 'LB', 'in' => 'L1', 'model' => 'na-lampholder']],
        'alwaysOn' => ['LB'],
    ], []],
    'a box beyond the edge of the board' => [
        fn (array $board) => [...$board, 'wall' => ['widthMm' => 1000, 'heightMm' => 2000]],
        [[BoardWarningKind::OffTheWall, ['B2']], [BoardWarningKind::OffTheWall, ['L1']]],
    ],
    'a box that hangs over the edge by a millimetre' => [function (array $board) {
        $right = max(array_map(fn (array $box) => $box['at'][0], $board['enclosures']));
        $board['wall'] = ['widthMm' => $right + 24, 'heightMm' => 3000];

        return $board;
    }, [[BoardWarningKind::OffTheWall, ['B2']], [BoardWarningKind::OffTheWall, ['L1']]]],
    'a box that reaches to the edge' => [function (array $board) {
        $right = max(array_map(fn (array $box) => $box['at'][0], $board['enclosures']));
        $board['wall'] = ['widthMm' => $right + 25, 'heightMm' => 3000];

        return $board;
    }, []],
    'a very long run' => [function (array $board) {
        $board['cables'][0]['lengthM'] = 101;

        return $board;
    }, [[BoardWarningKind::VeryLong, ['W1']]]],
]);
