<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\FlipEffect;
use Zwindle\Circuit\Solve\LampState;
use Zwindle\Circuit\Solve\Survey;
use Zwindle\Circuit\Solve\Trip;

function surveyOf(string $slug, string $wiring): Survey
{
    return new Survey(Circuit::of(Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/$wiring.wiring.json")));
}

it('writes the truth table in the order of the contract', function () {
    $table = surveyOf('propagation-house', 'right')->truthTable;

    expect($table->lamps)->toBe(['LA' => '1001'])
        ->and($table->trips)->toBe('----')
        ->and($table->positionsIn(1))->toBe(['S1' => 'up', 'S2' => 'down'])
        ->and($table->lampIn('LA', 0))->toBe(LampState::On)
        ->and($table->tripIn(0))->toBeNull()
        ->and($table->effect('S1', 'LA'))->toBe(FlipEffect::Always);
});

it('tells switches that work always, sometimes and never', function (string $wiring, FlipEffect $near, FlipEffect $far) {
    $table = surveyOf('propagation-house', $wiring)->truthTable;

    expect($table->effect('S1', 'LA'))->toBe($near)->and($table->effect('S2', 'LA'))->toBe($far);
})->with([
    ['right', FlipEffect::Always, FlipEffect::Always],
    ['crossed', FlipEffect::Sometimes, FlipEffect::Sometimes],
    ['open-neutral', FlipEffect::Never, FlipEffect::Never],
]);

it('notes the first state in which line and neutral meet', function () {
    $survey = surveyOf('boat-store', 'drop-in-neutral-block');

    expect($survey->lineMeetsNeutral)->toBe(1)
        ->and($survey->lineMeetsEarth)->toBeNull()
        ->and($survey->truthTable->trips)->toBe('-b')
        ->and($survey->truthTable->tripIn(1))->toBe(Trip::Breaker)
        ->and($survey->truthTable->everTrips())->toBeTrue();
});

it('leaves flips into a trip out where it is asked to', function () {
    $table = surveyOf('boat-store', 'drop-in-neutral-block')->truthTable;

    expect($table->effect('S1', 'LA', overTrips: false))->toBe(FlipEffect::Never);
});

it('knows which nets are live in some state', function () {
    $survey = surveyOf('propagation-house', 'right');
    $live = fn (string $point) => $survey->nets[$survey->circuit->nets->at($point)]->live;

    expect($live('W2.red@B1'))->toBeTrue()->and($live('W2.white@B1'))->toBeFalse()->and($live('W2.bare@B1'))->toBeFalse();
});

it('knows a neutral that is live through the lamp because it is open', function () {
    $survey = surveyOf('propagation-house', 'open-neutral');
    $facts = $survey->lamps['LA'];

    expect($survey->nets[$survey->circuit->nets->at('W3.white@B2')]->live)->toBeTrue()
        ->and($facts->hasLine)->toBeTrue()
        ->and($facts->hasNeutral)->toBeFalse()
        ->and($facts->onLineSide)->toBe([true, false]);
});

it('finds the neutral of a lamp through another lamp in series', function () {
    $survey = new Survey(Circuit::of(Build::lamps([['hot', 'm'], ['m', 'neutral']])));

    expect($survey->lamps['LA0']->hasNeutral)->toBeTrue()
        ->and($survey->lamps['LA1']->hasLine)->toBeTrue()
        ->and($survey->lamps['LA0']->onNeutral)->toBe([false, false]);
});

it('tells a lamp that loses its neutral from one that is bridged', function () {
    $switched = surveyOf('tool-locker', 'neutral-switched')->lamps['LA'];
    $right = surveyOf('tool-locker', 'right')->lamps['LA'];

    expect($switched->losesNeutral())->toBeTrue()->and($right->losesNeutral())->toBeFalse();
});

it('knows what is one in every state', function () {
    $survey = surveyOf('tool-locker', 'right');
    $nets = $survey->circuit->nets;

    expect($survey->areAlwaysOne($nets->at('S1.a'), $survey->circuit->lineNet))->toBeTrue()
        ->and($survey->areAlwaysOne($nets->at('S1.b'), $survey->circuit->lineNet))->toBeFalse();
});
