<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Zwindle\Board\Doubt;
use Zwindle\Board\DoubtKind;
use Zwindle\Board\Doubts;

/** @return list<array{DoubtKind, list<string>}> */
function doubtsAbout(callable $change): array
{
    $array = $change(json_decode(Files::text('database/demo/propagation-house/board.json'), true));

    return array_map(fn (Doubt $doubt) => [$doubt->kind, $doubt->about], Doubts::about(Build::board($array)));
}

it('asks about what is allowed and most likely not meant', function (callable $change, array $doubts) {
    expect(doubtsAbout($change))->toBe($doubts);
})->with([
    'nothing about a good board' => [fn (array $board) => $board, []],
    'boxes on each other' => [function (array $board) {
        $board['enclosures'][2]['at'] = [$board['enclosures'][1]['at'][0] + 109, $board['enclosures'][1]['at'][1]];

        return $board;
    }, [[DoubtKind::Overlapping, ['B1', 'B2']]]],
    'boxes side by side' => [function (array $board) {
        $board['enclosures'][2]['at'] = [$board['enclosures'][1]['at'][0] + 110, $board['enclosures'][1]['at'][1]];

        return $board;
    }, []],
    'boxes without a place' => [function (array $board) {
        unset($board['enclosures'][1]['at'], $board['enclosures'][2]['at']);

        return $board;
    }, []],
    'a switch that controls nothing' => [fn (array $board) => [...$board, 'devices' => [...$board['devices'], ['id' => 'S9', 'in' => 'B1', 'model' => 'na-switch-1p']]], [[DoubtKind::ControlsNothing, ['S9']]]],
    'a lamp that nothing controls' => [fn (array $board) => [...$board, 'devices' => [...$board['devices'], ['id' => 'LB', 'in' => 'L1', 'model' => 'na-lampholder']]], [[DoubtKind::NotControlled, ['LB']]]],
    'one that is always on is meant so' => [fn (array $board) => [...$board, 'devices' => [...$board['devices'], ['id' => 'LB', 'in' => 'L1', 'model' => 'na-lampholder']], 'alwaysOn' => ['LB']], []],
    'a box beyond the edge of the board' => [fn (array $board) => [...$board, 'wall' => ['widthMm' => 1000, 'heightMm' => 2000]], [[DoubtKind::OffTheWall, ['B2']], [DoubtKind::OffTheWall, ['L1']]]],
    'a very long run' => [function (array $board) {
        $board['cables'][0]['lengthM'] = 101;

        return $board;
    }, [[DoubtKind::VeryLong, ['W1']]]],
]);
