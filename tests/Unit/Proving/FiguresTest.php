<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\TestRound;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\InstrumentKind;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Solver;
use Zwindle\Plan\Planner;
use Zwindle\Proving\Act;
use Zwindle\Proving\ActKind;
use Zwindle\Proving\Reading\Shown;
use Zwindle\Proving\Rig\Rig;
use Zwindle\Proving\Rig\Supply;

/** A board of a pattern with every run so many metres long, wired as planned. */
function metred(string $pattern, float $lengthM): Wiring
{
    $plan = Planner::plan(Files::board("database/patterns/$pattern.board.json"))->plans[0]->wiring;
    $lengths = array_map(fn () => $lengthM, $plan->board->cables);

    return $plan->on($plan->board->withLengths($lengths));
}

/*
 * R1+R2 by hand, cold: BS EN 60228 (memory), 1.0 mm² 18.1 mΩ/m, 1.5 mm² 12.1 mΩ/m; BS 6004 (memory): 1.5 mm² T&E has a 1.0 mm² CPC.
 * So a metre of 1.5/1.0 is 30.2 mΩ and a metre of 1.0/1.0 36.2 mΩ (On-Site Guide Table I1 gives the same, memory).
 */
it('reads R1+R2 as it is worked out by hand from the table', function (string $pattern, float $lengthM, int $runsOut, int $runsBack, string $size) {
    $wiring = metred($pattern, $lengthM);
    [$line, $earth] = ['1.0' => [18.1, 18.1], '1.5' => [12.1, 18.1]][$size];
    expect(array_values($wiring->board->cables)[0]->type->size)->toBe($size);
    $round = (new TestRound($wiring))->on(ActKind::TurnOff, Supply::MAIN)->on(ActKind::NullLeads);
    $round->do(Act::link($round->supply('line'), $round->supply('earth')));
    foreach ($round->circuit->switches as $switch) {
        $round->on(ActKind::Flip, $switch);
    }
    $lamp = $round->circuit->lamps[0];
    $box = $wiring->board->devices[$lamp]->enclosure;
    $sides = array_map(fn ($side) => "$lamp.$side->name", $wiring->modelOf($wiring->board->devices[$lamp])->lampSides());
    $earths = array_keys(array_filter($wiring->points, fn ($point) => $point->enclosure === $box && $point->isEarthing()));
    $best = INF;
    for ($state = 0; $state < $round->circuit->stateCount(); $state++) {
        $round->standAt($state);
        foreach ($sides as $side) {
            $reading = $round->touch(InstrumentKind::Ohm, $side, $earths[0])->last->reading;
            $best = $reading?->shown === Shown::Number ? min($best, (float) $reading->value) : $best;
        }
    }
    $byHand = $lengthM * ($runsOut * $line + $runsBack * $earth) / 1000;

    // A hundredth of an ohm is a step; the instrument may be 1 % off.
    expect($best)->toBeGreaterThan($byHand * 0.99 - 0.011)->toBeLessThan($byHand * 1.01 + 0.011);
})->with([
    // Supply to rose, rose to switch and back by the other core, and the earth from the rose.
    'loop-in at the rose, 10 m runs' => ['gb-02-loop-in-at-the-rose', 10.0, 3, 1, '1.5'],
    'loop-in at the rose, 25 m runs' => ['gb-02-loop-in-at-the-rose', 25.0, 3, 1, '1.5'],
    'at the switch, 12 m runs' => ['gb-01-loop-at-the-switch', 12.0, 2, 2, '1.5'],
]);

/*
 * Insulation by hand: 4,000 MΩ for a metre between two cores (common practice: new PVC reads hundreds of megohms), all the runs that hold
 * both conductors side by side, in parallel. A switch drop holds the line twice and the earth, no neutral.
 */
it('reads insulation as it is worked out by hand', function () {
    $wiring = metred('gb-01-loop-at-the-switch', 10.0);
    $round = (new TestRound($wiring))->on(ActKind::TurnOff, Supply::MAIN);
    foreach ($round->circuit->lamps as $lamp) {
        $round->on(ActKind::LampOut, $lamp);
    }
    foreach ($round->circuit->switches as $switch) {
        $round->on(ActKind::Flip, $switch);
    }
    $round->touch(InstrumentKind::Insulation, $round->supply('line'), $round->supply('neutral'));
    // Two runs of 10 m, each with line and neutral; and each by way of the bare conductor between them: 4000/20 beside 2 × 4000/20.
    $byHand = 1 / (1 / 200 + 1 / 400);

    expect($round->last->reading?->value)->toBeGreaterThan($byHand * 0.98)->toBeLessThan($byHand * 1.02);
});

it('lights the pen on a floating conductor beside a live one, where the two-pole tester shows nothing', function () {
    // Two conductors of the three-wire cable are live and the bare one grounded: the traveler that floats takes two thirds of 120 V.
    $wiring = metred('na-04-three-way-dead-end', 8.0);
    $round = new TestRound($wiring, isOn: true);
    $ghosts = 0;
    foreach (array_keys($wiring->points) as $point) {
        $pen = $round->touch(InstrumentKind::Pen, $point)->last->reading?->shown;
        $marks = $point === $round->supply('earth')
            ? Shown::Dark
            : $round->touch(InstrumentKind::TwoPole, $point, $round->supply('earth'))->last->reading?->shown;
        $marks === Shown::Marks && expect($pen)->toBe(Shown::Lit, $point);
        $ghosts += $pen === Shown::Lit && $marks === Shown::Dark ? 1 : 0;
    }

    expect($ghosts)->toBeGreaterThan(0);
});

it('reads a receptacle with neutral and ground exchanged as wired right, and knows the other patterns', function () {
    // trade-facts section 4 (common practice): a plug-in tester cannot see neutral and ground exchanged.
    $wiring = metred('na-12-receptacle-always-hot', 3.0);
    $receptacle = array_values(array_filter($wiring->board->devices, fn ($device) => $device->model->id === 'na-receptacle'))[0]->id;
    $shown = fn (Wiring $as): array => (new TestRound($as, isOn: true))->touch(InstrumentKind::PlugIn, $receptacle)->last->reading->lamps ?? [];
    $exchanged = fn (string $one, string $other): Wiring => Tests\Support\Build::renamed($wiring, [
        "$receptacle.$one" => "$receptacle.$other", "$receptacle.$other" => "$receptacle.$one",
    ]);

    expect($shown($wiring))->toBe([true, true, false])
        ->and($shown($exchanged('neutral', 'earth')))->toBe([true, true, false])
        ->and($shown($exchanged('hot', 'neutral')))->toBe([true, false, true])
        ->and($shown($exchanged('hot', 'earth')))->toBe([false, true, true]);
});

it('trips when the checker says it trips, and only then, in every state of every wiring in the repository', function () {
    $count = 0;
    foreach (Files::everyWiring() as [$board, $file]) {
        $circuit = Circuit::of(Files::wiring($board, $file));
        for ($state = 0; $state < min(16, $circuit->stateCount()); $state++) {
            $rig = new Rig($circuit, Supply::of('breaker1', $circuit->hasRcd, true, isOn: true), $state);
            expect($rig->tripsAs())->toBe(Solver::solve($circuit, $state)->trip);
            $count++;
        }
    }

    expect($count)->toBeGreaterThan(200);
});
