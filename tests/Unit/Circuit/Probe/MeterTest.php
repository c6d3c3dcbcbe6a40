<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Probe\Meter;

function meterOn(string $slug, string $wiring): Meter
{
    return new Meter(Circuit::of(Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/$wiring.wiring.json")));
}

it('reads a cold lamp and the length of what leads to it', function () {
    // trade-facts section 4 (common practice): 16 Ω for 60 W at 120 V, about 60 Ω at 230 V.
    expect(meterOn('propagation-house', 'right')->ohm(0, 'LA.hot', 'LA.neutral'))->toEqualWithDelta(16.0, 1e-9)
        ->and(meterOn('boat-store', 'right')->ohm(0, 'LA.live', 'LA.neutral'))->toEqualWithDelta(60.0, 1.5);
});

it('reads open and closed contacts with the supply isolated', function () {
    $meter = meterOn('propagation-house', 'right');

    expect($meter->ohm(0, 'S1.common', 'S1.t1'))->toBe(0.0)
        ->and($meter->ohm(2, 'S1.common', 'S1.t1'))->not->toBe(0.0)
        ->and($meter->ohm(0, 'PS.line', 'PS.earth'))->toBeNull()
        ->and($meter->ohm(0, 'PS.neutral', 'PS.earth'))->toBeNull();
});

it('reads volts between what the supply ties', function () {
    $meter = meterOn('propagation-house', 'right');

    expect($meter->volt(0, 'PS.line', 'PS.neutral'))->toBe(120.0)
        ->and($meter->volt(0, 'LA.hot', 'LA.neutral'))->toBe(120.0)
        ->and($meter->volt(1, 'LA.hot', 'LA.neutral'))->toBe(0.0)
        // The lamp is off, and its hot side hangs on the neutral through the lamp.
        ->and($meter->volt(1, 'PS.line', 'LA.hot'))->toBe(120.0);
});

it('shows no voltage at what floats, and says so', function () {
    $meter = meterOn('propagation-house', 'right');

    // Lamp off, S1 down: the black traveler is cut off at both ends.
    expect($meter->floats(3, 'S1.t1'))->toBeTrue()
        ->and($meter->volt(3, 'PS.line', 'S1.t1'))->toBe(0.0)
        ->and($meter->floats(3, 'S1.t2'))->toBeFalse()
        ->and($meter->volt(3, 'S1.t2', 'PS.earth'))->toBe(120.0);
});

it('shows nothing after a trip', function () {
    $meter = meterOn('boat-store', 'drop-in-neutral-block');

    expect($meter->volt(0, 'PS.line', 'PS.neutral'))->toBe(230.0)->and($meter->volt(1, 'PS.line', 'PS.neutral'))->toBe(0.0);
});

it('shares the voltage between lamps in series', function () {
    $meter = new Meter(Circuit::of(Build::lamps([['hot', 'm'], ['m', 'neutral']])));

    expect($meter->volt(0, 'LA0.hot', 'LA0.neutral'))->toBe(60.0)
        ->and($meter->ohm(0, 'LA0.hot', 'LA1.neutral'))->toEqualWithDelta(32.0, 1e-9);
});
