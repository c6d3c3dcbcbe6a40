<?php

declare(strict_types=1);

use Tests\Support\Files;
use Zwindle\Bench\PlaceMap;
use Zwindle\Board\Board;
use Zwindle\Board\DevicePoint;
use Zwindle\Board\End;
use Zwindle\Board\ImpossibleBoard;
use Zwindle\Board\PointKind;
use Zwindle\Board\Wiring\ImpossibleWiring;
use Zwindle\Board\Wiring\Wiring;

it('takes every name of a point apart and puts it together again', function (string $path) {
    $board = Files::board($path);
    $kinds = [];
    foreach ($board->points() as $id => $point) {
        $kinds[$point->kind->name] = true;
        if ($point->kind === PointKind::ConductorEnd) {
            $end = End::parse($id);
            expect($end->enclosure)->toBe($point->enclosure)->and(End::id($end->ofCore(), $end->enclosure))->toBe($id)
                ->and($board->coreNamed($end->ofCore()))->toBe($point->core)->and(End::isOne($id))->toBeTrue();
        } elseif ($point->device !== null) {
            $on = DevicePoint::parse($id);
            expect($on->device)->toBe($point->device)->and(DevicePoint::id($on->device, $on->terminal))->toBe($id)
                ->and($on->terminal)->toBe($point->terminal?->name)->and(DevicePoint::deviceOf($id))->toBe($point->device)->and(End::isOne($id))->toBeFalse();
        }
    }

    expect($kinds)->toHaveKeys(['ConductorEnd', 'Terminal']);
})->with(Files::demoBoards());

it('names nothing where there is nothing to name', function () {
    expect(DevicePoint::parse('S1')->terminal)->toBe('')->and(End::parse('W2.white')->enclosure)->toBe('')
        ->and(PlaceMap::landing('S1', 3))->toBe('S1#3');
});

it('is no wiring in which a point is in two joints', function () {
    $right = Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json');

    Wiring::of($right->board, [...$right->joints, $right->joints[0]]);
})->throws(ImpossibleWiring::class, 'is in two joints');

it('is no board on which anything hangs, runs or is asked for where nothing is', function (array $change, string $why) {
    $board = Files::board('database/demo/propagation-house/board.json');
    $parts = ['enclosures' => $board->enclosures, 'devices' => $board->devices, 'cables' => $board->cables, 'alwaysOn' => []];
    foreach ($change as [$list, $key, $value]) {
        $parts[$list] = $value === null ? array_diff_key($parts[$list], [$key => true]) : [...$parts[$list], $key => $value];
    }
    $make = fn () => Board::of(
        $board->title,
        $board->practice,
        $board->edition,
        $parts['enclosures'],
        $parts['devices'],
        $parts['cables'],
        $board->controls,
        array_values($parts['alwaysOn']),
        $board->requirements,
    );

    $why === '' ? expect($make()->points())->toEqual($board->points()) : expect($make)->toThrow(ImpossibleBoard::class, $why);
})->with([
    'the board itself' => [[], ''],
    'a switch without its box' => [[['enclosures', 'B1', null]], 'hangs in B1'],
    'a lamp that is asked for and gone' => [[['devices', 'LA', null]], 'LA is asked for'],
    'something live that is not there' => [[['alwaysOn', 'X', 'X']], 'X is asked for'],
    'no supply' => [[['devices', 'PS', null]], 'without a supply'],
]);
