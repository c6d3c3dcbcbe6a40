<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\TestRound;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\InstrumentKind;
use Zwindle\Proving\Act;
use Zwindle\Proving\ActKind;
use Zwindle\Proving\ActRefusal;
use Zwindle\Proving\BoardUnderTest;
use Zwindle\Proving\LoggedAct;
use Zwindle\Proving\Order\IsolationStep;
use Zwindle\Proving\Order\PointRoles;
use Zwindle\Proving\Order\Reason;
use Zwindle\Proving\Order\SafeIsolation;
use Zwindle\Proving\Order\SheetItem;
use Zwindle\Proving\Order\SheetLine;
use Zwindle\Proving\Order\StepReport;
use Zwindle\Proving\Order\StepState;
use Zwindle\Proving\Order\TestSheet;
use Zwindle\Proving\Reading\Shown;
use Zwindle\Proving\Rig\Breaker;
use Zwindle\Proving\Rig\Supply;

function exampleOf(string $name): Wiring
{
    return Files::wiring("tests/Corpus/contract/$name.board.json", "tests/Corpus/contract/$name.wiring.json");
}

/** @return array<string, string> step → `done`, `missing`, or why it is void */
function isolationOf(TestRound $round): array
{
    $judged = SafeIsolation::judge(new PointRoles($round->circuit), $round->proof->supply->own, $round->log);
    $told = array_map(fn (StepReport $report) => $report->why->value ?? $report->state->value, $judged->steps);

    return array_combine(array_map(fn (StepReport $report) => $report->step->value, $judged->steps), $told);
}

/** @return list<string> */
function hazardsOf(TestRound $round): array
{
    $judged = SafeIsolation::judge(new PointRoles($round->circuit), $round->proof->supply->own, $round->log);

    return array_map(fn (Reason $hazard) => $hazard->value, $judged->hazards);
}

function sheetOf(TestRound $round): TestSheet
{
    return new TestSheet(new PointRoles($round->circuit), $round->proof->supply->own, $round->log, head: 0);
}

it('isolates, tests dead, switches on and proves a right board in each practice, and finds nothing to say', function (string $name) {
    $round = (new TestRound(exampleOf($name)))->isolate()->testDead()->testLive();
    $sheet = sheetOf($round);

    expect(array_unique(array_values(isolationOf($round))))->toBe(['done'])
        ->and(hazardsOf($round))->toBe([])
        ->and(array_values(array_filter($sheet->lines, fn (SheetLine $line) => $line->isGood !== true)))->toBe([])
        ->and($sheet->energisedTooEarly)->toBeNull()
        ->and($round->proof->supply->parts[$round->proof->supply->own])->toBe(Breaker::On);
})->with(['na-three-way', 'na-four-way', 'na-single-light-fed', 'gb-loop-in', 'gb-two-way-common-link', 'gb-intermediate-singles']);

it('goes by the order: what comes too early is void and says why', function (callable $acts, string $step, string $why) {
    $round = new TestRound(exampleOf('na-three-way'), isOn: true);
    $acts($round, $round->proof->supply->own);

    expect(isolationOf($round)[$step])->toBe($why);
})->with([
    'off before it is said which one' => [
        fn (TestRound $round, string $own) => $round->on(ActKind::TurnOff, $own), 'isolate', 'not-identified',
    ],
    'a wrong breaker named' => [
        fn (TestRound $round, string $own) => $round->on(ActKind::Identify, Supply::MAIN), 'identify', 'wrong-breaker',
    ],
    'tested without a lock' => [
        fn (TestRound $round, string $own) => $round->on(ActKind::Identify, $own)->on(ActKind::TurnOff, $own)->on(ActKind::Prove)
            ->twoPole('line', 'neutral'),
        'line-neutral', 'not-locked',
    ],
    'tested without a proof' => [
        fn (TestRound $round, string $own) => $round->on(ActKind::Identify, $own)->on(ActKind::TurnOff, $own)
            ->on(ActKind::Lock, $own)->on(ActKind::Tag, $own)->twoPole('line', 'earth'),
        'line-earth', 'not-proved-before',
    ],
    'still live' => [
        fn (TestRound $round, string $own) => $round->on(ActKind::Prove)->twoPole('neutral', 'line'), 'line-neutral', 'still-live',
    ],
    'two of three' => [
        fn (TestRound $round, string $own) => $round->on(ActKind::Identify, $own)->on(ActKind::TurnOff, $own)
            ->on(ActKind::Lock, $own)->on(ActKind::Tag, $own)->on(ActKind::Prove)->twoPole('line', 'neutral')
            ->twoPole('line', 'earth')->on(ActKind::Prove),
        'prove-after', 'not-all-three',
    ],
    'a known live source proves it too' => [
        fn (TestRound $round, string $own) => $round->twoPole('line', 'neutral')->on(ActKind::Identify, $own)
            ->on(ActKind::TurnOff, $own)->on(ActKind::Tag, $own)->on(ActKind::Lock, $own)->twoPole('line', 'neutral'),
        'line-neutral', 'done',
    ],
]);

it('takes back all that a dead tester said, and goes on with another', function () {
    $seed = array_values(array_filter(
        array_map(fn (int $i) => "seed $i", range(1, 40)),
        fn (string $seed) => ! BoardUnderTest::begin($seed, false, false, false, testerMayFail: true)->tools->testerWorks,
    ))[0];
    $round = new TestRound(exampleOf('na-three-way'), isOn: true, testerMayFail: true, seed: $seed);
    $round->isolate();

    expect(isolationOf($round)['line-neutral'])->toBe('not-proved-before')
        ->and(isolationOf($round)['prove-before'])->toBe('tester-dead');

    $round->on(ActKind::OtherTester)->on(ActKind::Prove)->twoPole('line', 'neutral')->twoPole('line', 'earth')
        ->twoPole('neutral', 'earth')->on(ActKind::Prove);

    expect(array_unique(array_values(isolationOf($round))))->toBe(['done']);
});

it('shows what misuse shows', function () {
    $round = new TestRound(exampleOf('gb-loop-in'), isOn: true);
    [$line, $neutral, $earth] = [$round->supply('line'), $round->supply('neutral'), $round->supply('earth')];

    // Ohms on a live circuit: the fuse goes, and stays gone until there is a new one.
    expect($round->touch(InstrumentKind::Ohm, $line, $neutral)->last->reading?->shown)->toBe(Shown::FuseBlown)
        ->and($round->on(ActKind::TurnOff, Supply::MAIN)->last->reading?->shown)->toBe(Shown::FuseBlown)
        ->and($round->on(ActKind::NewFuse)->last->reading?->shown)->toBe(Shown::Over)
        ->and(hazardsOf($round))->toContain('ohms-on-live');
    // Switched on with the probes still on.
    expect($round->on(ActKind::TurnOn, Supply::MAIN)->last->reading?->shown)->toBe(Shown::FuseBlown);
    // 500 V with the lamp in: next to nothing; and it does not test where there is voltage.
    $round = (new TestRound(exampleOf('gb-loop-in')))->on(ActKind::TurnOff, Supply::MAIN)->on(ActKind::Flip, 'S1');
    expect($round->touch(InstrumentKind::Insulation, $line, $neutral)->last->reading?->value)->toBe(0.0)
        ->and($round->on(ActKind::LampOut, 'LA')->last->reading?->value)->toBeGreaterThan(20.0);
    $round = (new TestRound(exampleOf('gb-loop-in'), isOn: true))->touch(InstrumentKind::Insulation, $line, $earth);
    expect($round->last->reading?->shown)->toBe(Shown::LiveWarning);
});

it('leaves the neutral where a breaker is off, and cuts it with the main switch', function () {
    $round = new TestRound(exampleOf('na-three-way'));
    $neutralToEarth = fn () => $round->touch(InstrumentKind::Ohm, $round->supply('neutral'), $round->supply('earth'))->last->reading;

    expect($neutralToEarth()?->value)->toBeLessThan(0.2)
        ->and($round->on(ActKind::TurnOff, Supply::MAIN)->last->reading?->shown)->toBe(Shown::Over);
});

it('nulls the leads, and reads a filament cold', function () {
    $round = (new TestRound(exampleOf('na-three-way')))->on(ActKind::TurnOff, Supply::MAIN);
    $lamp = fn () => $round->touch(InstrumentKind::Ohm, 'LA.hot', 'LA.neutral')->last->reading?->value;
    [$before, , $after] = [$lamp(), $round->on(ActKind::NullLeads), $lamp()];

    // 16 Ω for 60 W at 120 V (common practice), and 0.08 Ω of leads.
    expect($before)->toBeGreaterThan(15.7)->toBeLessThan(16.5)
        ->and($before - $after)->toBeGreaterThan(0.07)->toBeLessThan(0.09);
});

it('trips as the checker says, and again where it is reset onto the fault', function () {
    $round = new TestRound(exampleOf('na-three-way'));
    $own = $round->proof->supply->own;
    $round->do(Act::link('PS.line', 'PS.neutral'))->on(ActKind::TurnOn, $own);
    expect($round->last->trip?->value)->toBe('breaker')->and($round->last->isLive)->toBeFalse()
        ->and($round->proof->supply->parts[$own])->toBe(Breaker::Tripped);
    $round->on(ActKind::TurnOff, $own)->on(ActKind::TurnOn, $own);

    expect($round->last->trip?->value)->toBe('breaker')
        ->and(hazardsOf($round))->toContain('reset-onto-fault')->toContain('link-left-on');
});

it('refuses what hands cannot do, and changes nothing', function (callable $act, ActRefusal $why) {
    $round = new TestRound(exampleOf('na-three-way'), isOn: false);
    $before = $round->proof->toKeep();
    $act($round, $round->proof->supply->own);

    expect($round->last->refusal)->toBe($why)->and($round->proof->toKeep())->toBe($before);
})->with([
    [fn (TestRound $round) => $round->touch(InstrumentKind::Ohm, 'S1.common', 'S1.common'), ActRefusal::SamePlace],
    [fn (TestRound $round) => $round->touch(InstrumentKind::Ohm, 'S1.common', 'S9.common'), ActRefusal::NoSuchPlace],
    [fn (TestRound $round) => $round->touch(InstrumentKind::Ohm, 'S1.common'), ActRefusal::NoSuchPlace],
    [fn (TestRound $round) => $round->touch(InstrumentKind::Loop, 'S1.common', 'S1.t1'), ActRefusal::NoSuchInstrument],
    [fn (TestRound $round) => $round->touch(InstrumentKind::PlugIn, 'S1'), ActRefusal::NoReceptacle],
    [fn (TestRound $round) => $round->on(ActKind::Flip, 'LA'), ActRefusal::NoSuchPart],
    [fn (TestRound $round) => $round->on(ActKind::LampOut, 'S1'), ActRefusal::NoSuchPart],
    [fn (TestRound $round) => $round->on(ActKind::TurnOff, 'breaker9'), ActRefusal::NoSuchPart],
    [fn (TestRound $round) => $round->on(ActKind::Lock, Supply::MAIN), ActRefusal::NotOff],
]);

it('does not let a locked breaker on, nor a board on before its task allows it', function () {
    $round = new TestRound(exampleOf('na-three-way'), mayEnergise: false);
    $own = $round->proof->supply->own;

    expect($round->on(ActKind::TurnOn, $own)->last->refusal)->toBe(ActRefusal::NotYet)
        ->and($round->on(ActKind::Lock, $own)->on(ActKind::TurnOn, $own)->last->refusal)->toBe(ActRefusal::Locked)
        // With the main switch off nothing comes on by a breaker.
        ->and($round->on(ActKind::Unlock, $own)->on(ActKind::TurnOff, Supply::MAIN)->on(ActKind::TurnOn, $own)->last->refusal)->toBeNull();
});

it('counts a pen as no proof', function () {
    $round = (new TestRound(exampleOf('na-three-way')))->touch(InstrumentKind::Pen, 'PS.line')
        ->touch(InstrumentKind::Ohm, 'PS.line', 'PS.neutral');

    expect(hazardsOf($round))->toBe(['tested-too-early', 'pen-is-no-proof']);
});

it('keeps and takes up again a proof and its log as they were', function () {
    $round = (new TestRound(exampleOf('gb-loop-in')))->isolate()->testDead();
    $json = json_decode((string) json_encode($round->proof->toKeep()), true);
    $log = array_map(fn (LoggedAct $act) => json_decode((string) json_encode($act->toKeep()), true), $round->log);

    expect(BoardUnderTest::kept($json))->toEqual($round->proof)
        ->and(array_map(LoggedAct::kept(...), $log))->toEqual($round->log);
});

it('finds a core left open, an earth that is missing and a lamp left in, on the sheet', function () {
    // Common and a traveler exchanged at one switch: the line does not come through in every position, and flips change nothing.
    $round = (new TestRound(exampleOf('na-three-way-crossed')))->isolate()->testDead()->testLive();
    $lines = array_column(array_map(fn (SheetLine $line) => [$line->item->value, $line->isGood], sheetOf($round)->lines), 1, 0);
    expect($lines['function'])->toBeFalse()->and($lines['insulation'])->toBeTrue();

    $round = (new TestRound(exampleOf('gb-loop-in')))->isolate()->on(ActKind::Flip, 'S1')->on(ActKind::TurnOff, Supply::MAIN);
    foreach ([['line', 'neutral'], ['line', 'earth'], ['neutral', 'earth']] as [$one, $other]) {
        $round->touch(InstrumentKind::Insulation, $round->supply($one), $round->supply($other));
    }
    $insulation = array_values(array_filter(sheetOf($round)->lines, fn (SheetLine $line) => $line->item === SheetItem::Insulation))[0];
    expect($insulation->why)->toBe(Reason::LampWasIn);
    // With the main switch on, the neutral is tied to earth at the supply.
    $round->on(ActKind::LampOut, 'LA')->on(ActKind::TurnOn, Supply::MAIN)
        ->touch(InstrumentKind::Insulation, $round->supply('neutral'), $round->supply('earth'));
    $insulation = array_values(array_filter(sheetOf($round)->lines, fn (SheetLine $line) => $line->item === SheetItem::Insulation))[0];
    expect($insulation->why)->toBe(Reason::NeutralTied);
});

it('has every reason and step said somewhere', function () {
    expect(array_map(fn (IsolationStep $step) => $step->value, IsolationStep::cases()))->toHaveCount(9)
        ->and(StepState::cases())->toHaveCount(3);
});

it('asks for line to neutral where a cable goes on, and is content once that is read live', function () {
    $wiring = Files::wiring('tests/Corpus/right/on-to-the-hall/board.json', 'tests/Corpus/right/on-to-the-hall/right.wiring.json');
    $round = (new TestRound($wiring))->isolate()->testDead()->testLive();
    $downstream = fn () => array_values(array_filter(
        sheetOf($round)->lines,
        fn (SheetLine $line) => $line->item === SheetItem::Downstream,
    ))[0];

    expect($downstream()->left)->toBe(['B1'])->and($downstream()->isGood)->toBeNull();
    $round->touch(InstrumentKind::TwoPole, 'W3.black@B1', 'W3.white@B1');
    expect($downstream()->left)->toBe([])->and($downstream()->isGood)->toBeTrue()
        // A board with nothing beyond it has no such line.
        ->and(array_filter(
            sheetOf((new TestRound(exampleOf('na-three-way')))->isolate())->lines,
            fn (SheetLine $line) => $line->item === SheetItem::Downstream,
        ))->toBe([]);
});
