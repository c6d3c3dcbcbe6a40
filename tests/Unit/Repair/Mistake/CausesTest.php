<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Tests\Support\UsualMistakes;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Survey;
use Zwindle\Plan\Planner;
use Zwindle\Repair\Causes;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Mistake\Mistakes;
use Zwindle\Repair\Mistake\PartFault;
use Zwindle\Repair\Move\Mover;
use Zwindle\Repair\RepairSearch;

it('makes no mistake that is none', function (string $board, string $file) {
    $right = Files::wiring($board, $file);
    $mistakes = Mistakes::on($right);
    $ids = array_map(fn (Mistake $mistake) => $mistake->id(), $mistakes);
    $harmless = [];
    foreach ($mistakes as $mistake) {
        $verdict = Checker::check($mistake->madeOn($right))->verdict;
        // Reversed leads of a luminaire show nowhere in lamps or rules: the shell is inside it.
        if ($mistake->fault === null && $verdict === Verdict::Pass && ! in_array($mistake->kind, [
            MistakeKind::LineNeutralExchanged,
            MistakeKind::NeutralSwitched,
            // On when up is a note, and the complaint of whoever lives there.
            MistakeKind::RockerInverted,
        ], true)) {
            $harmless[] = $mistake->id();
        }
    }

    expect(array_unique($ids))->toBe($ids)->and($mistakes)->not->toBe([])->and($harmless)->toBe([]);
})->with(Files::rightWirings());

/** A receptacle that is to stay on beside the last switch, where the switch leg is in the same box. */
function receptacleBesideSwitchLeg(): Wiring
{
    $array = json_decode(Files::text('tests/Corpus/right/receptacle-spliced-through/board.json'), true);
    $array['devices'] = array_map(fn (array $device) => $device['id'] === 'RC' ? [...$device, 'in' => 'B2'] : $device, $array['devices']);
    $array['cables'][1]['type'] = 'na-14-4';

    return Planner::plan(Build::board($array))->plans[0]->wiring;
}

it('knows every kind of the catalogue on the boards of the library', function () {
    $kinds = [];
    $rights = [...array_map(fn (array $pair) => Files::wiring(...$pair), Files::rightWirings()), receptacleBesideSwitchLeg()];
    foreach ($rights as $right) {
        foreach ([...Mistakes::on($right), ...Mistakes::toBeFoundOn($right)] as $mistake) {
            $kinds[$mistake->kind->value] = true;
        }
    }

    expect(array_diff(array_column(MistakeKind::cases(), 'value'), array_keys($kinds)))->toBe([]);
});

it('exchanges what two screws or ends hold, by pigtail or not, and joins nothing else', function (string $board) {
    $right = Planner::plan(Files::board($board))->plans[0]->wiring ?? null;
    $with = function (Wiring $wiring, string $point): array {
        $others = array_values(array_diff($wiring->jointAt($point)->points ?? [], [$point]));
        sort($others);

        return $others;
    };
    $wrong = [];
    foreach ($right === null ? [] : Mistakes::ofHandOn($right) as $mistake) {
        [$one, $other] = [...$mistake->at, ''];
        if ($mistake->kind->isExchange()) {
            $made = $mistake->madeOn($right);
            $isExchanged = $with($made, $one) === $with($right, $other) && $with($made, $other) === $with($right, $one);
            $isExchanged || $wrong[] = $mistake->id();
        }
    }

    expect($wrong)->toBe([]);
})->with(fn () => array_map(
    fn (string $path) => [substr($path, strlen(dirname(__DIR__, 4)) + 1)],
    [...glob(dirname(__DIR__, 4).'/database/patterns/*.board.json') ?: [], ...glob(dirname(__DIR__, 4).'/database/demo/*/board.json') ?: []],
));

it('finds again every mistake that was made', function (string $board, string $file) {
    $right = Files::wiring($board, $file);
    $missed = [];
    foreach (Mistakes::ofHandOn($right) as $mistake) {
        $found = array_map(fn (Mistake $cause) => $cause->madeOn($right)->joints, Causes::of($right, $mistake->madeOn($right)));
        if ($mistake->moves !== [] && count($found) !== 1) {
            $missed[] = $mistake->id();
        }
    }

    expect($missed)->toBe([]);
})->with(Files::rightWirings());

it('finds two mistakes in two boxes, and none where something else was done', function () {
    $right = Files::wiring('database/demo/packing-barn/board.json', 'database/demo/packing-barn/right.wiring.json');
    $both = Build::exchange(Build::exchange($right, 'S1.common', 'S1.t1'), 'S2.a2', 'S2.b1');
    $other = Build::exchange($right, 'W1.bare@B1', 'W2.red@B1');

    expect(array_map(
        fn (Mistake $mistake) => $mistake->id(),
        Causes::of($right, $both),
    ))->toBe(['common-and-traveller-exchanged S1.common S1.t1', 'pair-split S2.a2 S2.b1'])
        ->and(Causes::of($right, $other))->toBe([])
        ->and(Causes::of($right, $right))->toBe([]);
});

it('names first the usual mistake where several repairs are equally small', function (string $slug, string $wiring, string $undoes) {
    $repairs = RepairSearch::of(Checker::check(Files::wiring(
        "database/demo/$slug/board.json",
        "database/demo/$slug/$wiring.wiring.json",
    )))->repairs;

    expect(array_map(fn (Mistake $mistake) => $mistake->id(), $repairs[0]->undoes))->toBe([$undoes]);
})->with([
    ['propagation-house', 'crossed', 'common-and-traveller-exchanged S2.common S2.t2'],
    ['packing-barn', 'pair-split', 'pair-split S2.a2 S2.b1'],
    ['packing-barn', 'ground-off', 'earth-off W3.bare@B2 S2.earth'],
    ['towpath-workshop', 'com-on-strapper', 'common-and-traveller-exchanged S3.com S3.l2'],
]);

it('names the true cause of every common exchanged, every split pair and every look-alike', function (string $board, string $file) {
    $right = Files::wiring($board, $file);
    $wrong = [];
    foreach (Mistakes::ofHandOn($right) as $mistake) {
        $isAsked = in_array($mistake->kind, [MistakeKind::CommonExchanged, MistakeKind::PairSplit, MistakeKind::LookAlikePart], true);
        $result = $isAsked ? Checker::check($mistake->madeOn($right)) : null;
        if ($result?->verdict === Verdict::Fail) {
            $first = RepairSearch::of($result)->repairs[0];
            $kinds = array_map(fn (Mistake $cause) => $cause->kind, $first->undoes);
            // With a receptacle spliced on, fewer moves than were made may already do.
            $wrong = $kinds === [$mistake->kind] || count($first->moves) < count($mistake->moves) ? $wrong : [...$wrong, $mistake->id()];
        }
    }

    expect($wrong)->toBe([]);
})->with(Files::rightWirings());

it('makes faults of parts: a blown lamp is dark, a dead contact costs its states, a stuck switch does nothing', function () {
    $right = Files::wiring('database/demo/packing-barn/board.json', 'database/demo/packing-barn/right.wiring.json');
    $lit = fn (PartFault ...$faults) => (new Survey(PartFault::in(Circuit::of($right), $faults)))->truthTable->lamps['LA'];

    expect($lit())->toBe('10010110')
        ->and($lit(PartFault::blown('LA')))->toBe('00000000')
        // The first switch up is states 0 to 3: these are what its first contact carries.
        ->and($lit(PartFault::dead('S1', ['common', 't1'])))->toBe('00000110')
        ->and($lit(PartFault::stuck('S1', true)))->toBe('10011001')
        ->and($lit(PartFault::stuck('S1', false)))->toBe('01100110')
        ->and($lit(PartFault::stuck('S1', true), PartFault::dead('S3', ['common', 't1'])))->toBe('00010001');
});

it('fails whatever the verdict fails, and nothing else', function (string $board, string $file) {
    $right = Files::wiring($board, $file);
    $random = new Tests\Support\RandomWiring(seed: 5);
    $wirings = [
        $right,
        ...array_values(UsualMistakes::on($right)),
        ...array_map(fn () => $random->spoil($right), range(1, 20)),
        $random->throwTogether($right->board),
    ];
    foreach ($wirings as $wiring) {
        expect(Checker::fails($wiring))->toBe(Checker::check($wiring)->verdict === Verdict::Fail);
    }
})->with(Files::rightWirings());

it('takes back what was put on the switch leg, and a receptacle reversed', function (MistakeKind $kind, FindingCode $told) {
    $right = receptacleBesideSwitchLeg();
    $mistake = array_values(array_filter(Mistakes::ofHandOn($right), fn (Mistake $one) => $one->kind === $kind))[0];
    $result = Checker::check($mistake->madeOn($right));
    $first = RepairSearch::of($result)->repairs[0];

    expect(array_map(fn ($finding) => $finding->code, $result->causes()))->toBe([$told])
        ->and(array_map(fn (Mistake $one) => $one->id(), $first->undoes))->toBe([$mistake->id()])
        ->and(Checker::check(Mover::make($result->evidence->wiring, $first->moves))->verdict)->toBe(Checker::check($right)->verdict);
})->with([[MistakeKind::AlwaysOnSwitched, FindingCode::NotAlwaysOn], [MistakeKind::OutletReversed, FindingCode::OutletReversed]]);

it('trips the breaker with what trips it, always or when something is on', function (MistakeKind $kind, string $board) {
    $right = Planner::plan(Files::board($board))->plans[0]->wiring;
    $made = array_filter(Mistakes::on($right), fn (Mistake $one) => $one->kind === $kind);
    $holding = array_filter($made, fn (Mistake $one) => ! Checker::check($one->madeOn($right))->evidence->table->everTrips());

    expect($made)->not->toBe([])->and(array_map(fn (Mistake $one) => $one->id(), $holding))->toBe([]);
})->with([MistakeKind::SwitchedWithNeutrals, MistakeKind::GroundOnLiveScrew, MistakeKind::LineOnMetal, MistakeKind::Pinched])
    ->with(['database/demo/propagation-house/board.json', 'database/demo/boat-store/board.json']);
