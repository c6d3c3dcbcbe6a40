<?php

declare(strict_types=1);

use Tests\Support\Files;
use Zwindle\Check\Checker;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\ExpectedLamp;
use Zwindle\Check\Evidence\ShortCircuitJoint;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Check\Folding;
use Zwindle\Circuit\Net\Nets;
use Zwindle\Plan\Planner;
use Zwindle\Repair\Mistake\Mistakes;

/**
 * @param  list<array{0: FindingCode, 1: int|null, 2?: array<string, string>, 3?: list<string>}>  $findings  code, control, parameters,
 *     points
 * @return list<int|null>
 */
function causesOf(array $findings): array
{
    $nets = Nets::of(Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json'));
    $folded = Folding::fold(
        array_map(fn (array $finding) => new Finding($finding[0], $finding[3] ?? ['X'], $finding[2] ?? [], $finding[1]), $findings),
        $nets,
    );

    return array_map(fn (Finding $finding) => $finding->causedBy, $folded);
}

it('folds symptoms under what is wrong with the wiring', function (array $findings, array $causes) {
    expect(causesOf($findings))->toBe($causes);
})->with([
    'a crossed traveller' => [[
        [FindingCode::CommonOnTraveller, 0],
        [FindingCode::PartialControl, 0],
        [FindingCode::PartialControl, 0],
    ], [null, 0, 0]],
    'a symptom of another control stands alone' => [[[FindingCode::CommonOnTraveller, 0], [FindingCode::NeverLights, 1]], [null, null]],
    'a short explains every control' => [
        [[FindingCode::ShortLineNeutral, null], [FindingCode::NeverLights, 0], [FindingCode::NeverLights, 1]],
        [null, 0, 0],
    ],
    'the weaker symptom follows from the stronger' => [[[FindingCode::NeverLights, 0], [FindingCode::SwitchNoEffect, 0]], [null, 0]],
    'but never the other way round' => [[[FindingCode::SwitchNoEffect, 0], [FindingCode::NeverLights, 0]], [1, null]],
    'a wrong part explains the split' => [
        [[FindingCode::WrongDevice, 0], [FindingCode::FourWayPairSplit, 0], [FindingCode::PartialControl, 0]],
        [null, 0, 0],
    ],
    'polarity switching explains shell and neutral' => [
        [[FindingCode::PolaritySwitching, 0], [FindingCode::NeutralSwitched, 0], [FindingCode::ShellLive, null]],
        [null, 0, 0],
    ],
    'a short explains a common with a traveller on it' => [[[FindingCode::ShortLineEarth, null], [
        FindingCode::CommonOnTraveller,
        0,
        ['shape' => 'common'],
    ]], [null, 0]],
    'but exchanges no two conductors' => [[[FindingCode::ShortLineEarth, null], [
        FindingCode::CommonOnTraveller,
        0,
        ['shape' => 'exchanged'],
    ]], [null, null]],
    'one reversal, one lamp' => [[[
        FindingCode::NeutralSwitched,
        0,
        ['lamp' => 'LA'],
    ], [FindingCode::ShellLive, null, ['lamp' => 'LA']]], [null, 0]],
    'another lamp, another reversal' => [[[
        FindingCode::NeutralSwitched,
        0,
        ['lamp' => 'LA'],
    ], [FindingCode::ShellLive, null, ['lamp' => 'LB']]], [null, null]],
    'earths on a current conductor follow from the exchange' => [[[FindingCode::EarthAsLive, null], [
        FindingCode::EarthMissing,
        null,
        ['shape' => 'on-current'],
    ]], [null, 0]],
    'earths that are open stand alone' => [[[FindingCode::EarthAsLive, null], [
        FindingCode::EarthMissing,
        null,
        ['shape' => 'open'],
    ]], [null, null]],
    'the loose end is the open neutral' => [
        [[FindingCode::LiveEndExposed, null, [], ['W3.white@B2']], [FindingCode::OpenNeutral, 0, ['lamp' => 'LA'], ['LA.neutral']]],
        [1, null],
    ],
    'a loose end elsewhere is another mistake' => [
        [[FindingCode::LiveEndExposed, null, [], ['W2.red@B2']], [FindingCode::OpenNeutral, 0, ['lamp' => 'LA'], ['LA.neutral']]],
        [null, null],
    ],
    'the same symptom of two switches is told once' => [[
        [FindingCode::PartialControl, 0],
        [FindingCode::PartialControl, 0],
        [FindingCode::PartialControl, 1],
    ], [null, 0, null]],
    'colours that a short makes wrong' => [[
        [FindingCode::ShortLineNeutral, null],
        [FindingCode::NeutralColour, null],
        [FindingCode::FalseMark, null],
    ], [null, 0, 0]],
    'a lamp on the line leaves a conductor over' => [[[FindingCode::ConductorOpen, null], [
        FindingCode::AlwaysLit,
        0,
        ['shape' => 'on-line'],
    ]], [1, null]],
    'one switch that works two other lights' => [[
        [FindingCode::WrongLamp, 1, ['device' => 'S1']],
        [FindingCode::WrongLamp, 2, ['device' => 'S1']],
        [FindingCode::WrongLamp, 2, ['device' => 'S3']],
    ], [null, 0, null]],
    'one loop, out of balance in three runs' => [[
        [FindingCode::SeparateReturn, null],
        [FindingCode::SeparateReturn, null],
        [FindingCode::ParallelPath, null],
    ], [null, 0, null]],
    'remarks stand alone' => [
        [[FindingCode::NeverLights, 0], [FindingCode::LineUnmarked, null], [FindingCode::EndNotCapped, null]],
        [null, null, null],
    ],
]);

it('fails on danger and fault, remarks on remarks, and passes else', function (array $codes, Verdict $verdict) {
    expect(Verdict::on(array_map(fn (FindingCode $code) => new Finding($code, []), $codes)))->toBe($verdict);
})->with([
    'nothing' => [[], Verdict::Pass],
    'a remark' => [[FindingCode::EndNotCapped], Verdict::Remarks],
    'a fault' => [[FindingCode::Dim, FindingCode::EndNotCapped], Verdict::Fail],
    'a danger' => [[FindingCode::ShellLive], Verdict::Fail],
    'a note' => [[FindingCode::RcdAbsent], Verdict::Pass],
]);

it('has the severities of the contract', function () {
    // contract/formats.md section 6, and nothing of our own
    $by = [];
    foreach (FindingCode::cases() as $code) {
        $by[$code->severity()->value][] = $code->value;
    }

    expect($by['danger'])->toEqualCanonicalizing([
        'short-line-neutral',
        'short-line-earth',
        'neutral-earth-contact',
        'earth-missing',
        'earth-as-live',
        'neutral-switched',
        'shell-live',
        'live-end-exposed',
        'polarity-switching',
    ])
        ->and($by['fault'])->toEqualCanonicalizing([
            'leads-reversed',
            'rose-polarity',
            'outlet-reversed',
            'never-lights',
            'always-lit',
            'switch-no-effect',
            'partial-control',
            'dim',
            'wrong-lamp',
            'not-always-on',
            'open-neutral',
            'common-on-traveller',
            'four-way-pair-split',
            'wrong-device',
            'scheme-not-as-asked',
            'conductor-open',
        ])
        ->and($by['remark'])->toEqualCanonicalizing([
            'line-unmarked', 'return-on-white', 'neutral-absent-at-switch', 'neutral-colour', 'false-mark', 'separate-return',
            'box-overfilled',
            'crowded-terminal',
            'connector-overfilled',
            'end-not-capped',
            'earth-unsleeved',
            'scheme-not-accepted-everywhere',
            'white-single-as-line',
            'flex-reversed',
            'rose-blocks-exchanged',
        ])
        ->and($by['note'])->toEqualCanonicalizing(['rocker-inverted', 'rcd-absent', 'breaker-too-large', 'parallel-path', 'house-layout']);
});

it('points at the joint where what should never meet was put together', function (string $folder, string $from, string $to, array $place) {
    $evidence = new Evidence(Files::wiring("tests/Corpus/findings/$folder/board.json", "tests/Corpus/findings/$folder/has.wiring.json"));
    $state = $evidence->survey->lineMeetsNeutral ?? $evidence->survey->lineMeetsEarth ?? $evidence->survey->neutralMeetsEarth;

    expect(ShortCircuitJoint::of($evidence, $from, $to, (int) $state))->toBe($place);
})->with([
    'black and white in one nut' => ['short-line-neutral', 'line', 'neutral', ['W1.black@B1', 'W1.white@B1']],
    'a traveler in the ground splice' => ['short-line-earth', 'line', 'earth', ['W2.black@B2', 'W2.bare@B2']],
    'white and bare in one nut' => ['neutral-earth-contact', 'neutral', 'earth', ['W2.white@B2', 'W2.bare@B2']],
]);

it('expects the parity that agrees with more of what was seen', function (string $slug, string $wiring, string $letters) {
    $evidence = new Evidence(Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/$wiring.wiring.json"));

    expect(ExpectedLamp::letters($evidence->table, 'LA', $evidence->board->controls[0]->switches))->toBe($letters);
})->with([
    'right' => ['propagation-house', 'right', '1001'],
    'lit in the last state only' => ['propagation-house', 'crossed', '1001'],
    'British one-way, on when down' => ['boat-store', 'right', '01'],
    'three switches' => ['packing-barn', 'right', '10010110'],
]);

// Found by the attack on a board of two lights: each symptom was the other's cause, and the check never ended.
it('ends where two symptoms would follow from each other, and takes the first for the cause', function () {
    $wiring = Planner::plan(Files::board('database/patterns/na-07-two-lights.board.json'))->plans[0]->wiring;
    $mistakes = [];
    foreach (Mistakes::ofHandOn($wiring) as $mistake) {
        $mistakes[$mistake->id()] = $mistake;
    }
    foreach (['loose-terminal W3.black@H2 L2.hot', 'lamp-on-permanent-line W2.black@B1'] as $id) {
        $wiring = $mistakes[$id]->madeOn($wiring);
    }
    $findings = Checker::check($wiring)->findings;
    $causes = array_filter($findings, fn ($finding) => $finding->causedBy === null);

    expect(array_map(fn ($finding) => $finding->code->value, $findings))->toContain('never-lights', 'always-lit')
        ->and($causes)->not->toBe([]);
    foreach ($findings as $finding) {
        expect($finding->causedBy === null || $findings[$finding->causedBy]->causedBy === null)->toBeTrue();
    }
});

it('ends on every two usual mistakes of a board with two lights', function () {
    $plan = Planner::plan(Files::board('database/patterns/na-07-two-lights.board.json'))->plans[0];
    $mistakes = Mistakes::ofHandOn($plan->wiring);
    $count = 0;
    foreach ($mistakes as $i => $one) {
        foreach (array_slice($mistakes, $i + 1) as $other) {
            if (! $one->clashesWith($other)) {
                foreach (Checker::check($other->madeOn($one->madeOn($plan->wiring)))->findings as $finding) {
                    $count += $finding->causedBy === null ? 1 : 0;
                }
            }
        }
    }

    expect($count)->toBeGreaterThan(300);
});
