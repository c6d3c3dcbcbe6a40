<?php

declare(strict_types=1);

use Tests\Support\Build;
use Zwindle\Board\Wiring\JoinedBy;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\LampState;
use Zwindle\Circuit\Solve\Solver;
use Zwindle\Circuit\Solve\Trip;

/** @param  list<list<string>>  $atLamp  joints in the light box */
function britishLamp(array $atLamp, ?float $rcdMa): Wiring
{
    $board = Build::board(Build::boardArray([
        'practice' => 'gb', 'code' => 'BS7671-2018',
        'devices' => [[
            'id' => 'PS',
            'in' => 'SRC',
            'model' => 'gb-supply',
            ...($rcdMa === null ? [] : ['rcdMa' => $rcdMa]),
        ], ['id' => 'LA', 'in' => 'L1', 'model' => 'gb-batten-bc']],
        'cables' => [['id' => 'W1', 'type' => 'gb-1.5-te', 'from' => 'SRC', 'to' => 'L1']],
    ]));
    $joints = [];
    foreach ([['PS.line', 'W1.brown@SRC'], ['PS.neutral', 'W1.blue@SRC'], ['PS.earth', 'W1.bare@SRC']] as $points) {
        $joints[] = new Joint('SRC', $points, JoinedBy::Terminal);
    }
    foreach ($atLamp as $points) {
        $joints[] = new Joint('L1', $points, JoinedBy::Lever);
    }

    return Wiring::of($board, $joints);
}

it('trips what would trip', function (array $joints, ?float $rcdMa, ?Trip $trip, LampState $lamp) {
    $result = Solver::solve(Circuit::of(britishLamp($joints, $rcdMa)), 0);

    expect($result->trip)->toBe($trip)->and($result->lamps[0])->toBe($lamp);
})->with([
    'right' => [[['W1.brown@L1', 'LA.a'], ['W1.blue@L1', 'LA.b']], 30.0, null, LampState::On],
    'line on neutral' => [[['W1.brown@L1', 'W1.blue@L1', 'LA.a']], 30.0, Trip::Breaker, LampState::Off],
    'line on earth, without RCD' => [[['W1.brown@L1', 'W1.bare@L1']], null, Trip::Breaker, LampState::Off],
    'lamp returns by earth, with RCD' => [[['W1.brown@L1', 'LA.a'], ['W1.bare@L1', 'LA.b']], 30.0, Trip::Rcd, LampState::Off],
    'lamp returns by earth, without RCD' => [[['W1.brown@L1', 'LA.a'], ['W1.bare@L1', 'LA.b']], null, null, LampState::On],
    'neutral and earth joined at the lamp, with RCD' => [[['W1.brown@L1', 'LA.a'], [
        'W1.blue@L1',
        'W1.bare@L1',
        'LA.b',
    ]], 30.0, Trip::Rcd, LampState::Off],
    'neutral and earth joined but no lamp current' => [[['W1.blue@L1', 'W1.bare@L1', 'LA.b']], 30.0, null, LampState::Off],
    'lamp between neutral and earth' => [[['W1.blue@L1', 'LA.a'], ['W1.bare@L1', 'LA.b']], 30.0, null, LampState::Off],
]);
