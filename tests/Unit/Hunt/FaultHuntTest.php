<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\HandRepairs;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\InstrumentKind;
use Zwindle\Circuit\Solve\Trip;
use Zwindle\Diagnosis\Suspect;
use Zwindle\Hunt\DealtFaults;
use Zwindle\Hunt\FaultHunt;
use Zwindle\Hunt\FaultyBoard;
use Zwindle\Hunt\Measuring;
use Zwindle\Hunt\Naming;
use Zwindle\Hunt\Symptom;
use Zwindle\Plan\Planner;
use Zwindle\Proving\Act;
use Zwindle\Proving\ActKind;
use Zwindle\Proving\BoardUnderTest;
use Zwindle\Proving\LoggedAct;
use Zwindle\Proving\Order\PointRoles;
use Zwindle\Proving\Reading\Touch;
use Zwindle\Proving\Rig\Breaker;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Mistake\Mistakes;

function propagationHouse(): Wiring
{
    return Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json');
}

/** The first mistake of a kind, at a device or a conductor. */
function fault(Wiring $right, MistakeKind $kind, string $at = ''): Mistake
{
    return array_values(array_filter(
        Mistakes::toBeFoundOn($right),
        fn (Mistake $mistake) => $mistake->kind === $kind && str_contains(implode(' ', $mistake->at), $at),
    ))[0];
}

/**
 * @param  list<Act>  $acts
 * @return list<LoggedAct>
 */
function logged(FaultyBoard $board, BoardUnderTest $begun, array $acts): array
{
    $log = [];
    $proof = $begun;
    foreach ($acts as $act) {
        $hands = FaultHunt::replay($board, $log)->board->hands();
        $wasLive = $hands->look($proof)->isLive;
        $outcome = $hands->do($proof, $act);
        expect($outcome->refusal)->toBeNull();
        $log[] = LoggedAct::of($act, $proof, $wasLive, $outcome, 0);
        $proof = $outcome->after;
    }

    return $log;
}

it('tells a fault as a customer would', function (MistakeKind $kind, string $at, Symptom $symptom) {
    $right = propagationHouse();
    expect(Symptom::of(new Suspect($right, [fault($right, $kind, $at)])))->toBe($symptom);
})->with([
    [MistakeKind::LampBlown, 'LA', Symptom::Never],
    [MistakeKind::CommonExchanged, 'S2', Symptom::Sometimes],
    [MistakeKind::EarthOff, '', Symptom::Nothing],
    [MistakeKind::LooseTerminal, 'S1.common', Symptom::Flickers],
    [MistakeKind::BreakerTripped, '', Symptom::Trips],
]);

it('takes a fault as named where its kind and its place are, and one that the same repair mends', function () {
    $right = propagationHouse();
    $crossed = fault($right, MistakeKind::CommonExchanged, 'S2');
    $board = new FaultyBoard($right, [$crossed]);
    $box = $right->board->devices['S2']->enclosure;
    expect($board->meant(MistakeKind::CommonExchanged, $box, 'S2'))->toBe($crossed)
        ->and($board->meant(MistakeKind::CommonExchanged, $box, ''))->toBe($crossed)
        ->and($board->meant(MistakeKind::CommonExchanged, $right->board->devices['S1']->enclosure, 'S1'))->toBeNull()
        ->and($board->meant(MistakeKind::NeutralOpen, $box, ''))->toBeNull()
        ->and($board->without($crossed)->faults)->toBe([]);
    // A new switch mends a dead contact and a stuck one alike: which of the two it was nobody can tell from outside.
    $dead = fault($right, MistakeKind::ContactDead, 'S1');
    expect((new FaultyBoard($right, [$dead]))->meant(MistakeKind::ContactStuck, $right->board->devices['S1']->enclosure, 'S1'))->toBe($dead);
});

it('reads at an open conductor what it is joined with, and lights a lamp now and then through a loose screw', function () {
    $right = propagationHouse();
    $open = fault($right, MistakeKind::CoreOpen, 'W2.red');
    $board = new FaultyBoard($right, [$open]);
    [$end] = $open->at;
    $joined = array_values(array_diff($right->jointAt($end)->points ?? [], [$end]))[0];
    $begun = BoardUnderTest::begin('a', false, false, isOn: true, testerMayFail: false);
    $read = fn (string $point) => $board->untouched()->hands()->do(
        $begun,
        Act::touch(new Touch(InstrumentKind::TwoPole, $point, $right->board->supply()->id.'.neutral')),
    );
    expect($joined)->not->toBe($end)->and($board->untouched()->flickering(0))->toBe([])
        // The probe stays where it was put, and reads what is under the screw.
        ->and($read($end)->after->held?->one)->toBe($end)->and($read($end)->reading?->value)->toBe($read($joined)->reading?->value);
    $loose = new FaultyBoard($right, [fault($right, MistakeKind::LooseTerminal, 'S1.common')]);
    $flickers = array_filter(range(0, 3), fn (int $state) => $loose->untouched()->flickering($state) === ['LA']);
    expect($flickers)->toHaveCount(2);
});

it('weighs each measurement beside the best one that was open', function () {
    $right = propagationHouse();
    $board = new FaultyBoard($right, [fault($right, MistakeKind::CommonExchanged, 'S2')]);
    $begun = BoardUnderTest::begin('a', false, false, isOn: true, testerMayFail: false);
    $box = $right->board->devices['S2']->enclosure;
    $log = fn (Act ...$acts): array => logged($board, $begun, array_values($acts));
    $share = fn (array $log): float => Measuring::share($board, $log, Measuring::weigh($board, $begun, $log));
    $flips = [Act::of(ActKind::Flip, 'S1'), Act::of(ActKind::Flip, 'S1'), Act::of(ActKind::Flip, 'S1')];
    $boxes = [Act::of(ActKind::OpenBox, $right->board->devices['S1']->enclosure), Act::of(ActKind::OpenBox, $box)];
    $sensible = Measuring::weigh($board, $begun, $log(...$boxes));
    $idle = Measuring::weigh($board, $begun, $log(...$flips, ...[Act::of(ActKind::OpenBox, 'SRC')]));
    expect($share($log(...$boxes)))->toBeGreaterThan(0.6)
        ->and($share($log(...$flips, ...[Act::of(ActKind::OpenBox, 'SRC')])))->toBeLessThan(0.2)
        // Flipping to see the complaint for oneself is method: it costs nothing before the same two covers.
        ->and($share($log(...$flips, ...$boxes)))->toBeGreaterThanOrEqual($share($log(...$boxes)))
        // Points for measuring come with measurements: none of them, none.
        ->and($share([]))->toBe(0.0)
        ->and($share($log(Act::of(ActKind::Name, 'lamp-blown|B1|'), ...$boxes)))->toBe(0.0);
    foreach ([...$sensible, ...$idle] as $worth) {
        expect($worth->share())->toBeLessThanOrEqual(1.0)->and($worth->best)->toBeGreaterThan(0.0);
    }
    // The same flip back tells nothing that is not known.
    expect(round($idle[1]->bits, 6))->toBe(0.0);
    $best = Measuring::best($board);
    expect(end($best)->left)->toBe(1)->and(count($best))->toBeLessThanOrEqual(5);
});

/** What somebody says is wrong, at a switch. */
function says(Wiring $right, MistakeKind $kind, string $switch): Act
{
    return Act::of(ActKind::Name, (new Naming($kind, $right->board->devices[$switch]->enclosure, $switch))->text());
}

it('grades what was named, how safely, and whether it was proved', function () {
    $right = propagationHouse();
    $crossed = fault($right, MistakeKind::CommonExchanged, 'S2');
    $board = new FaultyBoard($right, [$crossed]);
    $begun = BoardUnderTest::begin('a', false, false, isOn: true, testerMayFail: false);
    $flips = array_map(fn (string $switch) => Act::of(ActKind::Flip, $switch), ['S1', 'S2', 'S1']);
    $acts = [
        says($right, MistakeKind::CommonExchanged, 'S1'),
        says($right, MistakeKind::CommonExchanged, 'S2'),
        Act::of(ActKind::TurnOff, 'main'),
        ...HandRepairs::of($board),
        Act::of(ActKind::TurnOn, 'main'),
        ...$flips,
    ];
    $log = logged($board, $begun, $acts);
    $after = fn (int $count) => FaultHunt::replay($board, array_slice($log, 0, $count));
    expect($after(2)->diagnosis())->toBe(0.5)->and($after(2)->isDone())->toBeFalse()->and($after(2)->found())->toBe([$crossed])
        ->and($after(5)->isDone())->toBeTrue()->and($after(5)->proof())->toBe(0.0)
        ->and($after(7)->proof())->toBe(0.5)->and($after(9)->proof())->toBe(1.0)
        ->and($after(4)->handsIn())->toBe([3])->and($after(4)->proof())->toBe(0.0);
    // It is proved after the last hand, not after the name; what was put right and never named was not found.
    $unnamed = FaultHunt::replay($board, array_slice($log, 2));
    expect($unnamed->board->isMended())->toBeTrue()->and($unnamed->isDone())->toBeFalse()->and($unnamed->diagnosis())->toBe(0.0);
    // Who names it twice has named nothing the second time.
    expect(FaultHunt::replay($board, [$log[1], $log[1]])->diagnosis())->toBe(0.5);
    // No hand goes into a live box.
    foreach ([ActKind::Work, ActKind::Tighten, ActKind::Fit, ActKind::NewRun] as $kind) {
        expect($board->untouched()->hands()->do($begun, Act::of($kind, 'S2'))->refusal?->value)->toBe('hands-in-live');
    }
});

it('reads what was named and mended in one, as it was kept before hands made repairs', function () {
    $right = propagationHouse();
    foreach ([MistakeKind::CommonExchanged, MistakeKind::LampBlown, MistakeKind::LooseTerminal, MistakeKind::CoreOpen] as $kind) {
        $fault = fault($right, $kind);
        $board = new FaultyBoard($right, [$fault]);
        $point = $right->points[$fault->at[0]] ?? null;
        $device = $right->board->devices[$fault->at[0]] ?? null;
        $naming = new Naming($kind, $device->enclosure ?? $point->enclosure ?? '', $device->id ?? $point->device ?? $point->core->cable ?? '');
        $begun = BoardUnderTest::begin('a', false, false, isOn: false, testerMayFail: false);
        $log = logged($board, $begun, [Act::of(ActKind::PutRight, $naming->text())]);
        expect(FaultHunt::replay($board, $log)->isDone())->toBeTrue()->and(FaultHunt::replay($board, $log)->handsIn())->toBe([0]);
    }
});

/** A board with one switch and an RCD: the lamp's neutral on the earths trips it as the lamp comes on. */
function boatStore(): Wiring
{
    return Files::wiring('database/demo/boat-store/board.json', 'database/demo/boat-store/right.wiring.json');
}

function atTheBoatStore(): BoardUnderTest
{
    return BoardUnderTest::begin('a', hasResidual: true, opensNeutral: true, isOn: true, testerMayFail: false);
}

it('finds what tripped down, whether it holds or not when it is switched on again', function (MistakeKind $kind, bool $isRcd, array $trips) {
    $right = boatStore();
    $begun = atTheBoatStore();
    $part = $isRcd ? 'residual' : $begun->supply->own;
    $on = Act::of(ActKind::TurnOn, $part);
    $board = new FaultyBoard($right, [fault($right, $kind)]);
    $found = $board->asFound($begun);
    expect($found->supply->parts[$part]->value)->toBe('tripped')
        ->and(array_keys($found->supply->parts, Breaker::Tripped, true))->toBe([$part]);
    $log = logged($board, $found, [$on, Act::of(ActKind::Flip, 'S1'), $on]);
    expect(array_map(fn (LoggedAct $logged) => $logged->trip, $log))->toBe($trips);
})->with([
    'for nothing' => [MistakeKind::BreakerTripped, false, [null, null, null]],
    'by a neutral on the earths' => [MistakeKind::NeutralOnEarth, true, [null, 'rcd', 'rcd']],
]);

it('finds a board on whose fault trips nothing', function () {
    $right = propagationHouse();
    $begun = BoardUnderTest::begin('a', false, false, isOn: true, testerMayFail: false);
    $blown = new FaultyBoard($right, [fault($right, MistakeKind::LampBlown)]);
    expect($blown->asFound($begun))->toBe($begun);
});

it('takes a breaker that has tripped for nothing as found at the supply, with no hand in a box', function () {
    $right = propagationHouse();
    $board = new FaultyBoard($right, [fault($right, MistakeKind::BreakerTripped)]);
    $begun = $board->asFound(BoardUnderTest::begin('a', false, false, isOn: true, testerMayFail: false));
    $own = $begun->supply->own;
    $name = Act::of(ActKind::Name, (new Naming(MistakeKind::BreakerTripped, 'SRC', 'PS'))->text());
    $flips = array_map(fn (string $switch) => Act::of(ActKind::Flip, $switch), ['S1', 'S2', 'S1']);
    // Live as it is named: the breaker alone is meant.
    $log = logged($board, $begun, [Act::of(ActKind::TurnOn, $own), ...$flips, $name]);
    $found = FaultHunt::replay($board, $log);
    $roles = new PointRoles($board->circuit());
    $judged = $found->isolation($roles, $own);
    expect($found->diagnosis())->toBe(1.0)->and($found->isDone())->toBeTrue()
        ->and($found->proof())->toBe(1.0)->and($found->neededIsolation())->toBeFalse()->and($found->safety($judged))->toBe(1.0);
    // Who puts a hand into a box for nothing, or names nothing, isolates like anybody else.
    [$off, $on] = [Act::of(ActKind::TurnOff, 'main'), Act::of(ActKind::TurnOn, 'main')];
    $idle = Act::of(ActKind::Tighten, 'S1.common');
    $handIn = FaultHunt::replay($board, logged($board, $begun, [$off, $idle, $on, says($right, MistakeKind::EarthOff, 'S1'), $name]));
    expect($handIn->neededIsolation())->toBeTrue()->and($handIn->diagnosis())->toBe(0.5)
        ->and($handIn->safety($handIn->isolation($roles, $own)))->toBeLessThan(1.0)
        ->and(FaultHunt::replay($board, [])->neededIsolation())->toBeTrue();
    // On a board that has something else it is the wrong answer.
    $blown = new FaultyBoard($right, [fault($right, MistakeKind::LampBlown)]);
    expect(FaultHunt::replay($blown, logged($blown, $begun, [$name]))->named[0]['found'])->toBeNull();
});

it('weighs switching on again first where something is down, and leads from there to the repair', function () {
    $right = Planner::plan(Files::board('database/patterns/na-05-three-way-fed-at-the-light.board.json'))->plans[0]->wiring;
    $shorts = array_filter(Mistakes::on($right), fn (Mistake $one) => (new Suspect($right, [$one]))->table()->everTrips());
    $all = [fault($right, MistakeKind::BreakerTripped), ...$shorts];
    expect($shorts)->not->toBe([]);
    foreach ($all as $fault) {
        $board = new FaultyBoard($right, [$fault]);
        $begun = $board->asFound(BoardUnderTest::begin('a', false, false, isOn: true, testerMayFail: false));
        $best = Measuring::best($board);
        $acts = [Act::of(ActKind::TurnOn, $begun->supply->own), Act::of(ActKind::Flip, $board->circuit()->switches[0])];
        $weigh = fn (array $acts) => Measuring::weigh($board, $begun, logged($board, $begun, $acts));
        expect($best[0]->bestTest)->toBe(['reset', ''])->and($weigh($acts)[0]->share())->toBe(1.0)
            // A flip while all is dark tells nothing.
            ->and($weigh([$acts[1]])[0]->bits)->toBe(0.0);
    }
});

it('takes what is down for told: a breaker is not an RCD', function () {
    $right = boatStore();
    expect((new FaultyBoard($right, [fault($right, MistakeKind::NeutralOnEarth)]))->foundDown())->toBe(Trip::Rcd)
        ->and((new FaultyBoard($right, [fault($right, MistakeKind::BreakerTripped)]))->foundDown())->toBe(Trip::Breaker)
        ->and((new FaultyBoard($right, [fault($right, MistakeKind::LampBlown)]))->foundDown())->toBeNull()
        // A short may have it down as well: it is switched on again, once.
        ->and(Measuring::best(new FaultyBoard($right, [fault($right, MistakeKind::BreakerTripped)]))[0]->bestTest)->toBe(['reset', '']);
});

it('puts no breaker that tripped for nothing beside what trips it', function () {
    $right = boatStore();
    $deal = fn (int $count, MistakeKind ...$of) => DealtFaults::of([$right], $count, array_values($of), 'monday');
    expect($deal(1, MistakeKind::BreakerTripped)[0]['looks'] ?? null)->toBe(0)
        ->and($deal(2, MistakeKind::BreakerTripped, MistakeKind::NeutralOnEarth))->toBeNull()
        ->and($deal(2, MistakeKind::BreakerTripped, MistakeKind::OnPermanentLine))->not->toBeNull();
});

it('deals faults of equal difficulty, one or several a seat, of the kinds that are asked for', function () {
    $right = propagationHouse();
    $dealt = DealtFaults::of(array_fill(0, 6, $right), 1, [], 'tuesday') ?? [];
    $looks = array_column($dealt, 'looks');
    $ids = fn (array $dealt) => array_map(fn (array $one) => array_map(fn (Mistake $fault) => $fault->id(), $one['faults']), $dealt);
    expect($dealt)->toHaveCount(6)->and(max($looks) - min($looks))->toBeLessThanOrEqual(1)
        ->and($ids(DealtFaults::of(array_fill(0, 6, $right), 1, [], 'tuesday') ?? []))->toBe($ids($dealt))
        ->and(count(array_unique(array_map('implode', $ids($dealt)))))->toBe(6);
    $two = DealtFaults::of(array_fill(0, 4, $right), 2, [], 'friday') ?? [];
    $looks = array_column($two, 'looks');
    expect(max($looks) - min($looks))->toBeLessThanOrEqual(1);
    foreach ($two as ['faults' => [$one, $other]]) {
        expect($one->clashesWith($other))->toBeFalse();
    }
    $blown = DealtFaults::of([$right], 1, [MistakeKind::LampBlown], 'x') ?? [];
    expect($blown[0]['faults'][0]->kind)->toBe(MistakeKind::LampBlown)
        ->and(DealtFaults::of([$right], 2, [MistakeKind::LampBlown], 'x'))->toBeNull();
});
