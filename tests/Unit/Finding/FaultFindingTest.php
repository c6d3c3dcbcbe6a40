<?php

declare(strict_types=1);

use Tests\Support\Files;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Instruments\InstrumentKind;
use Zwindle\Diagnose\Hypothesis;
use Zwindle\Finding\DealtFaults;
use Zwindle\Finding\FaultFinding;
use Zwindle\Finding\FaultyBoard;
use Zwindle\Finding\Measuring;
use Zwindle\Finding\Naming;
use Zwindle\Finding\Symptom;
use Zwindle\Proving\Act;
use Zwindle\Proving\ActKind;
use Zwindle\Proving\LoggedAct;
use Zwindle\Proving\Order\PointRoles;
use Zwindle\Proving\Proof;
use Zwindle\Proving\Reading\Touch;
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
function logged(FaultyBoard $board, Proof $begun, array $acts): array
{
    $log = [];
    $proof = $begun;
    $hands = $board->hands();
    foreach ($acts as $act) {
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
    expect(Symptom::of(new Hypothesis($right, [fault($right, $kind, $at)])))->toBe($symptom);
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
        ->and($board->without($crossed)->isMended())->toBeTrue();
    // A new switch mends a dead contact and a stuck one alike: which of the two it was nobody can tell from outside.
    $dead = fault($right, MistakeKind::ContactDead, 'S1');
    expect((new FaultyBoard($right, [$dead]))->meant(MistakeKind::ContactStuck, $right->board->devices['S1']->enclosure, 'S1'))->toBe($dead);
});

it('reads at an open conductor what it is joined with, and lights a lamp now and then through a loose screw', function () {
    $right = propagationHouse();
    $open = fault($right, MistakeKind::CoreOpen, 'W2.red');
    $board = new FaultyBoard($right, [$open]);
    [$end] = $open->at;
    $joined = $board->readsAt()[$end];
    $begun = Proof::begin('a', false, false, isOn: true, testerMayFail: false);
    $read = fn (string $point) => $board->hands()->do(
        $begun,
        Act::touch(new Touch(InstrumentKind::TwoPole, $point, $right->board->supply()->id.'.neutral')),
    );
    expect($joined)->not->toBe($end)->and($board->flickering(0))->toBe([])
        // The probe stays where it was put, and reads what is under the screw.
        ->and($read($end)->after->held?->one)->toBe($end)->and($read($end)->reading?->value)->toBe($read($joined)->reading?->value);
    $loose = new FaultyBoard($right, [fault($right, MistakeKind::LooseTerminal, 'S1.common')]);
    $flickers = array_filter(range(0, 3), fn (int $state) => $loose->flickering($state) === ['LA']);
    expect($flickers)->toHaveCount(2);
});

it('weighs each measurement beside the best one that was open', function () {
    $right = propagationHouse();
    $board = new FaultyBoard($right, [fault($right, MistakeKind::CommonExchanged, 'S2')]);
    $begun = Proof::begin('a', false, false, isOn: true, testerMayFail: false);
    $box = $right->board->devices['S2']->enclosure;
    $sensible = Measuring::weigh($board, $begun, logged($board, $begun, [
        Act::of(ActKind::OpenBox, $right->board->devices['S1']->enclosure), Act::of(ActKind::OpenBox, $box),
    ]));
    $idle = Measuring::weigh($board, $begun, logged($board, $begun, [
        Act::of(ActKind::Flip, 'S1'), Act::of(ActKind::Flip, 'S1'), Act::of(ActKind::Flip, 'S1'), Act::of(ActKind::OpenBox, 'SRC'),
    ]));
    expect(Measuring::share($sensible))->toBeGreaterThan(0.6)->and(Measuring::share($idle))->toBeLessThan(0.2);
    foreach ([...$sensible, ...$idle] as $worth) {
        expect($worth->share())->toBeLessThanOrEqual(1.0)->and($worth->best)->toBeGreaterThan(0.0);
    }
    // The same flip back tells nothing that is not known.
    expect(round($idle[1]->bits, 6))->toBe(0.0);
    $best = Measuring::best($board);
    expect(end($best)->left)->toBe(1)->and(count($best))->toBeLessThanOrEqual(5);
});

it('grades what was named, how safely, and whether it was proved', function () {
    $right = propagationHouse();
    $crossed = fault($right, MistakeKind::CommonExchanged, 'S2');
    $board = new FaultyBoard($right, [$crossed]);
    $begun = Proof::begin('a', false, false, isOn: true, testerMayFail: false);
    $off = Act::of(ActKind::TurnOff, 'main');
    $on = Act::of(ActKind::TurnOn, 'main');
    $say = fn (MistakeKind $kind, string $switch) => Act::of(
        ActKind::PutRight,
        (new Naming($kind, $right->board->devices[$switch]->enclosure, $switch))->text(),
    );
    $log = logged($board, $begun, [$off, $say(MistakeKind::CommonExchanged, 'S1'), $say(MistakeKind::CommonExchanged, 'S2')]);
    $found = FaultFinding::replay($board, $log);
    expect($found->diagnosis())->toBe(0.5)->and($found->left->isMended())->toBeTrue()->and($found->proof())->toBe(0.0);
    $after = logged($found->left, $begun, [$on, Act::of(ActKind::Flip, 'S1'), Act::of(ActKind::Flip, 'S2'), Act::of(ActKind::Flip, 'S1')]);
    expect(FaultFinding::replay($board, [...$log, ...$after])->proof())->toBe(1.0)
        ->and(FaultFinding::replay($board, [...$log, $after[0], $after[1]])->proof())->toBe(0.5)
        ->and(FaultFinding::replay($board, array_slice($log, 0, 2))->proof())->toBe(0.0);
    // No hand goes into a live box.
    expect($board->hands()->do($begun, $say(MistakeKind::CommonExchanged, 'S2'))->refusal?->value)->toBe('hands-in-live');
});

/** A board with one switch: hot and neutral exchanged at its lamp trip the breaker in one position. */
function toolLocker(): Wiring
{
    return Files::wiring('database/demo/tool-locker/board.json', 'database/demo/tool-locker/right.wiring.json');
}

it('finds what tripped down, whether it holds or not when it is switched on again', function (MistakeKind $kind, array $trips) {
    $right = toolLocker();
    $begun = Proof::begin('a', false, false, isOn: true, testerMayFail: false);
    $on = Act::of(ActKind::TurnOn, $begun->supply->own);
    $board = new FaultyBoard($right, [fault($right, $kind, $kind === MistakeKind::BreakerTripped ? '' : 'LA')]);
    $found = $board->asFound($begun);
    expect($found->supply->parts[$begun->supply->own]->value)->toBe('tripped');
    $log = logged($board, $found, [$on, Act::of(ActKind::Flip, 'S1'), $on]);
    expect(array_map(fn (LoggedAct $logged) => $logged->trip, $log))->toBe($trips);
})->with([
    'for nothing' => [MistakeKind::BreakerTripped, [null, null, null]],
    'by a short' => [MistakeKind::LineNeutralExchanged, ['breaker', null, null]],
]);

it('finds a board on whose fault trips nothing', function () {
    $right = propagationHouse();
    $begun = Proof::begin('a', false, false, isOn: true, testerMayFail: false);
    $blown = new FaultyBoard($right, [fault($right, MistakeKind::LampBlown)]);
    expect($blown->asFound($begun))->toBe($begun);
});

it('takes a breaker that has tripped for nothing as found at the supply, with no hand in a box', function () {
    $right = propagationHouse();
    $board = new FaultyBoard($right, [fault($right, MistakeKind::BreakerTripped)]);
    $begun = $board->asFound(Proof::begin('a', false, false, isOn: true, testerMayFail: false));
    $own = $begun->supply->own;
    $name = (new Naming(MistakeKind::BreakerTripped, 'SRC', 'PS'))->act();
    $flips = array_map(fn (string $switch) => Act::of(ActKind::Flip, $switch), ['S1', 'S2', 'S1']);
    // Live as it is named: the breaker alone is meant.
    $log = logged($board, $begun, [Act::of(ActKind::TurnOn, $own), ...$flips, $name]);
    $found = FaultFinding::replay($board, $log);
    $roles = new PointRoles($board->circuit());
    $judged = $found->isolation($roles, $own);
    expect($found->diagnosis())->toBe(1.0)->and($found->left->isMended())->toBeTrue()
        ->and($found->proof())->toBe(1.0)->and($found->neededIsolation())->toBeFalse()->and($found->safety($judged))->toBe(1.0);
    // Who puts a hand into a box for nothing, or names nothing, isolates like anybody else.
    $off = Act::of(ActKind::TurnOff, 'main');
    $wrong = (new Naming(MistakeKind::EarthOff, $right->board->devices['S1']->enclosure, 'S1'))->act();
    $handIn = FaultFinding::replay($board, logged($board, $begun, [$off, $wrong, Act::of(ActKind::TurnOn, 'main'), $name]));
    expect($wrong->kind)->toBe(ActKind::PutRight)->and($handIn->neededIsolation())->toBeTrue()->and($handIn->diagnosis())->toBe(0.5)
        ->and($handIn->safety($handIn->isolation($roles, $own)))->toBeLessThan(1.0)
        ->and(FaultFinding::replay($board, [])->neededIsolation())->toBeTrue();
    // On a board that has something else it is the wrong answer.
    $blown = new FaultyBoard($right, [fault($right, MistakeKind::LampBlown)]);
    expect(FaultFinding::replay($blown, logged($blown, $begun, [$name]))->named[0]['mended'])->toBeNull();
});

it('weighs switching on again first where something is down, and leads from there to the repair', function (MistakeKind $kind) {
    $right = toolLocker();
    $board = new FaultyBoard($right, [fault($right, $kind, $kind === MistakeKind::BreakerTripped ? '' : 'LA')]);
    $begun = $board->asFound(Proof::begin('a', false, false, isOn: true, testerMayFail: false));
    $best = Measuring::best($board);
    expect(end($best)->left)->toBe(1)->and($best[0]->bestTest)->toBe(['reset', '']);
    $idle = Measuring::weigh($board, $begun, logged($board, $begun, [Act::of(ActKind::Flip, 'S1')]));
    expect($idle[0]->bits)->toBe(0.0)->and($idle[0]->bestTest)->toBe(['reset', '']);
})->with([MistakeKind::BreakerTripped, MistakeKind::LineNeutralExchanged]);

it('puts no breaker that tripped for nothing beside what trips it', function () {
    $right = toolLocker();
    $kinds = [MistakeKind::BreakerTripped, MistakeKind::LineNeutralExchanged];
    $deal = fn (int $count, MistakeKind ...$of) => DealtFaults::of([$right], $count, array_values($of), 'monday');
    expect($deal(1, MistakeKind::BreakerTripped)[0]['looks'] ?? null)->toBe(0)
        ->and($deal(2, ...$kinds))->toBeNull()
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
