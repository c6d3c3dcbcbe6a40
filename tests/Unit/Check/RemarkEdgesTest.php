<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Zwindle\Board\Board;
use Zwindle\Board\Wiring\JoinedBy;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Editions\Editions;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** @return list<list<string>> the points of every finding of a code */
function pointsOf(FindingCode $code, Wiring $wiring, ?string $edition = null): array
{
    $findings = Checker::check($wiring, $edition === null ? null : Editions::find($edition))->findings;

    return array_values(array_map(
        fn (Finding $finding) => $finding->at,
        array_filter($findings, fn (Finding $finding) => $finding->code === $code),
    ));
}

function rightOn(string $folder): Wiring
{
    return Files::wiring("$folder/board.json", "$folder/right.wiring.json");
}

/** @param  callable(array<string, mixed>): array<string, mixed>  $change */
function onChangedBoard(string $folder, callable $change): Wiring
{
    $right = rightOn($folder);
    $board = Build::board($change(json_decode(Files::text("$folder/board.json"), true)));

    return Wiring::of($board, $right->joints, $right->caps, $right->marks, $right->fitted);
}

it('knows how many conductors each terminal takes', function (string $model, string $terminal, ?int $room) {
    // Contract, crowded-terminal; one to a screw: NEC 110.14(A) (memory).
    $found = DeviceCatalogue::all()[$model];

    expect($found->terminals[$terminal]->takes)->toBe($room);
})->with([
    ['na-switch-3way', 'common', 1],
    ['na-switch-1p', 'earth', 1],
    ['na-receptacle', 'hot', 1],
    ['na-lampholder', 'neutral', 1],
    ['na-supply', 'line', null],
    ['gb-switch-2way', 'l1', 3], ['gb-switch-intermediate', 'a1', 3], ['gb-batten-bc', 'a', 2], ['gb-batten-es', 'shell', 2],
    ['gb-rose', 'loop', 6], ['gb-rose', 'neutral', 6], ['gb-rose', 'earth', 6], ['gb-rose', 'switched', 4], ['gb-supply', 'earth', null],
]);

it('finds a crowded terminal from one conductor over its room', function (int $feeds, array $found) {
    // A rose with so many feeds out of its loop block: the feed in and the drop make two more.
    $array = Build::boardArray([
        'practice' => 'gb', 'code' => 'BS7671-2018',
        'enclosures' => [
            ['id' => 'SRC', 'kind' => 'supply'],
            ['id' => 'R1', 'kind' => 'ceiling-rose', 'material' => 'plastic'],
            ['id' => 'J1', 'kind' => 'junction-box', 'material' => 'plastic'],
        ],
        'devices' => [['id' => 'PS', 'in' => 'SRC', 'model' => 'gb-supply'], ['id' => 'CR', 'in' => 'R1', 'model' => 'gb-rose']],
        'cables' => [
            ['id' => 'F', 'type' => 'gb-1.5-te', 'from' => 'SRC', 'to' => 'R1'],
            ...array_map(fn (int $i) => ['id' => "G$i", 'type' => 'gb-1.5-te', 'from' => 'R1', 'to' => 'J1'], range(1, $feeds)),
        ],
    ]);
    $joint = new Joint('R1', ['CR.loop', 'F.brown@R1', ...array_map(fn (int $i) => "G$i.brown@R1", range(1, $feeds))], JoinedBy::Terminal);

    expect(pointsOf(FindingCode::CrowdedTerminal, Wiring::of(Build::board($array), [$joint])))->toBe($found)
        // In a connector, with a pigtail to the terminal, there is one under it.
        ->and(pointsOf(
            FindingCode::CrowdedTerminal,
            Wiring::of(Build::board($array), [new Joint('R1', $joint->points, JoinedBy::Strip)]),
        ))->toBe([]);
})->with([[5, []], [6, [['CR.loop']]]]);

it('counts leads, and leaves the earth of a box its fill', function () {
    $right = rightOn('tests/Corpus/right/old-and-new-colours');
    // The only joint of a board is enough to count what is in it.
    $block = fn (string ...$points) => [new Joint('R1', ['CR1.switched', ...$points], JoinedBy::Terminal)];
    $held = current(array_filter($right->joints, fn (Joint $joint) => $joint->has('CR1.switched')))->points;
    $joints = $block(...array_diff($held, ['CR1.switched']), ...['LA.neutral']);
    $five = $block('W2.blue@R1', 'LA.live', 'LA.neutral', 'W1.black@R1', 'W1.red@R1');

    expect(pointsOf(FindingCode::CrowdedTerminal, Wiring::of($right->board, $joints)))->toBe([])
        ->and(pointsOf(FindingCode::CrowdedTerminal, Wiring::of($right->board, $five)))->toBe([['CR1.switched']])
        ->and(pointsOf(FindingCode::CrowdedTerminal, onEarthScrew(rightOn('database/demo/seed-store'))))->toBe([['B1.earth']]);
});

function onEarthScrew(Wiring $right): Wiring
{
    $joints = array_map(
        fn (Joint $joint) => $joint->has('B1.earth')
            ? new Joint('B1', ['B1.earth', 'W1.bare@B1', 'W2.bare@B1', 'W3.bare@B1'], JoinedBy::Terminal)
            : $joint,
        $right->joints,
    );

    return Wiring::of($right->board, $joints, $right->caps, $right->marks);
}

it('asks for a neutral at a switch as the edition and the board do', function (string $edition, string $asked, array $found) {
    $wiring = onChangedBoard(
        'database/demo/seed-store',
        fn (array $board) => [...$board, 'code' => $edition, 'requirements' => ['neutralAtSwitches' => $asked]],
    );

    expect(pointsOf(FindingCode::NeutralAbsentAtSwitch, $wiring))->toBe($found);
})->with([
    // Contract, neutral-absent-at-switch: the far box has no neutral, the near one has.
    ['NEC-2008', 'by-code', []], ['NEC-2011', 'by-code', [['S2']]], ['NEC-2014', 'by-code', []], ['NEC-2023', 'by-code', []],
    ['NEC-2008', 'every', [['S2']]], ['NEC-2023', 'every', [['S2']]], ['NEC-2011', 'none', []],
]);

it('asks once for each box where no box that serves the lamp has a neutral', function () {
    $loop = rightOn('tests/Corpus/right/three-way-fed-at-the-light');

    expect(pointsOf(FindingCode::NeutralAbsentAtSwitch, $loop, 'NEC-2017'))->toBe([['S1'], ['S2']])
        ->and(pointsOf(FindingCode::NeutralAbsentAtSwitch, $loop, 'NEC-2011'))->toBe([['S1'], ['S2']])
        // 2014 spares a light with several switches that see its floor.
        ->and(pointsOf(FindingCode::NeutralAbsentAtSwitch, $loop, 'NEC-2014'))->toBe([])
        ->and(pointsOf(FindingCode::NeutralAbsentAtSwitch, $loop, 'NEC-2008'))->toBe([]);
});

it('spares boxes into which only singles come, and all of Britain', function () {
    $singles = fn (array $board) => [...$board, 'cables' => [
        ['id' => 'C1', 'type' => 'na-14-single', 'colour' => 'black', 'from' => 'SRC', 'to' => 'B1'],
        ['id' => 'C2', 'type' => 'na-14-single', 'colour' => 'red', 'from' => 'B1', 'to' => 'L1'],
    ]];
    $bare = fn (Board $board) => Wiring::of($board, [new Joint('B1', ['S1.a', 'C1.core@B1'], JoinedBy::Terminal)]);
    $board = Build::board($singles(Build::boardArray([
        'enclosures' => [
            ['id' => 'SRC', 'kind' => 'supply'],
            ['id' => 'B1', 'kind' => 'switch-box', 'material' => 'plastic'],
            ['id' => 'L1', 'kind' => 'light-box', 'material' => 'plastic'],
        ],
        'devices' => [
            ['id' => 'PS', 'in' => 'SRC', 'model' => 'na-supply'],
            ['id' => 'S1', 'in' => 'B1', 'model' => 'na-switch-1p'],
            ['id' => 'LA', 'in' => 'L1', 'model' => 'na-lampholder'],
        ],
        'controls' => [['lamps' => ['LA'], 'switches' => ['S1']]], 'code' => 'NEC-2011',
    ])));

    expect(pointsOf(FindingCode::NeutralAbsentAtSwitch, $bare($board)))->toBe([])
        ->and(pointsOf(FindingCode::NeutralAbsentAtSwitch, rightOn('database/demo/boat-store')))->toBe([]);
});

it('remarks on a white return only where it is re-identified, joined, and American', function () {
    $right = rightOn('database/demo/seed-store');
    $back = Files::wiring('database/demo/seed-store/board.json', 'database/demo/seed-store/return-on-white.wiring.json');
    $unmarked = Wiring::of($back->board, $back->joints);

    expect(pointsOf(FindingCode::ReturnOnWhite, $right))->toBe([])
        ->and(pointsOf(FindingCode::ReturnOnWhite, $back))->toBe([['W3.white@B1', 'W3.white@B2']])
        ->and(pointsOf(FindingCode::ReturnOnWhite, $unmarked))->toBe([])
        ->and(pointsOf(FindingCode::LineUnmarked, $unmarked))->toBe([['W3.white@B1', 'W3.white@B2']])
        // The sleeved blue of a British drop is the ordinary return.
        ->and(pointsOf(FindingCode::ReturnOnWhite, rightOn('database/demo/boat-store')))->toBe([]);
});

it('compares the breaker with every size behind it', function (float $breakerA, string $type, array $found) {
    $board = Build::board(Build::boardArray([
        'devices' => [[
            'id' => 'PS',
            'in' => 'SRC',
            'model' => 'na-supply',
            'breakerA' => $breakerA,
        ], ['id' => 'LA', 'in' => 'L1', 'model' => 'na-lampholder']],
        'cables' => [['id' => 'W1', 'type' => $type, 'from' => 'SRC', 'to' => 'L1'], [
            'id' => 'W2',
            'type' => 'na-12-2',
            'from' => 'SRC',
            'to' => 'L1',
        ]],
    ]));

    expect(pointsOf(FindingCode::BreakerTooLarge, Wiring::bare($board)))->toBe($found);
})->with([
    // NEC 240.4(D) (memory): 14 AWG 15 A, 12 AWG 20 A.
    [15.0, 'na-14-2', []],
    [15.5, 'na-14-2', [['PS.line']]],
    [20.0, 'na-14-2', [['PS.line']]],
    [20.0, 'na-12-2', []],
    [25.0, 'na-14-2', [['PS.line'], ['PS.line']]],
]);

it('notes the layout of the box that differs from most', function () {
    $barn = rightOn('database/demo/packing-barn');
    $oneBoxTurned = Build::exchange($barn, 'S1.t1', 'S1.t2');

    expect(pointsOf(FindingCode::HouseLayout, $barn))->toBe([])
        ->and(pointsOf(FindingCode::HouseLayout, $oneBoxTurned))->toBe([['S1.t1', 'S1.t2']])
        ->and(pointsOf(FindingCode::HouseLayout, rightOn('database/demo/towpath-workshop')))->toBe([]);
});

it('asks for the sleeve on every joined bare earth, and on none that carries current or hangs spare', function () {
    $right = rightOn('database/demo/boat-store');
    $withoutMarks = Wiring::of(
        $right->board,
        $right->joints,
        $right->caps,
        array_filter($right->marks, fn (MarkedAs $mark) => $mark !== MarkedAs::Earth),
    );
    $spared = onChangedBoard('database/demo/boat-store', fn (array $board) => [...$board, 'requirements' => ['earths' => 'none']]);
    $unsleevedOnSpared = Wiring::of($spared->board, $spared->joints, $spared->caps);

    expect(pointsOf(FindingCode::EarthUnsleeved, $withoutMarks))->toBe([['W1.bare@SRC'], ['W1.bare@R1', 'W2.bare@R1'], ['W2.bare@K1']])
        ->and(pointsOf(FindingCode::EarthUnsleeved, Build::without($withoutMarks, 'W1.bare@SRC')))->not->toContain(['W1.bare@SRC'])
        ->and(pointsOf(FindingCode::EarthUnsleeved, $unsleevedOnSpared))->toBe([])
        ->and(pointsOf(FindingCode::EarthUnsleeved, rightOn('database/demo/propagation-house')))->toBe([]);
});

it('notes a rocker that is on when up, and an RCD that is missing, in Britain only', function () {
    $right = rightOn('tests/Corpus/right/joint-box');

    expect(pointsOf(FindingCode::RockerInverted, $right))->toBe([])
        ->and(pointsOf(FindingCode::RockerInverted, Build::renamed($right, ['S1.l1' => 'S1.l2'])))->toBe([['S1.com', 'S1.l2']])
        ->and(pointsOf(FindingCode::RcdAbsent, $right))->toBe([])
        ->and(pointsOf(FindingCode::RcdAbsent, rightOn('database/demo/propagation-house')))->toBe([]);
});

it('remarks on linked commons in North America only', function () {
    $folder = 'tests/Corpus/findings/scheme-not-accepted-everywhere';

    expect(pointsOf(
        FindingCode::SchemeNotAcceptedEverywhere,
        Files::wiring("$folder/board.json", "$folder/has.wiring.json"),
    ))->toBe([['S1.common', 'S2.common']])
        ->and(pointsOf(FindingCode::SchemeNotAcceptedEverywhere, rightOn('tests/Corpus/right/old-common-link')))->toBe([]);
});

it('names the conductor that is off, with what it was meant for', function () {
    $right = rightOn('database/demo/packing-barn');

    expect(pointsOf(FindingCode::ConductorOpen, Build::without($right, 'W4.black@L1')))->toBe([['W4.black@L1', 'LA.hot']])
        ->and(pointsOf(FindingCode::ConductorOpen, Build::without($right, 'W2.red@B2')))->toBe([['W2.red@B2']])
        // An open neutral has its own name, and a spare core is off at both ends.
        ->and(pointsOf(FindingCode::ConductorOpen, Build::without($right, 'W4.white@L1')))->toBe([])
        ->and(pointsOf(FindingCode::ConductorOpen, rightOn('tests/Corpus/right/dead-end-with-neutral-along')))->toBe([]);
});

it('tells earths that are open from earths that hang on a conductor', function () {
    $right = rightOn('database/demo/propagation-house');
    $shapes = fn (Wiring $wiring) => array_values(array_map(
        fn (Finding $finding) => $finding->params['shape'],
        array_filter(Checker::check($wiring)->findings, fn (Finding $finding) => $finding->code === FindingCode::EarthMissing),
    ));

    expect($shapes(Build::without($right, 'W3.bare@B2')))->toBe(['open'])
        ->and($shapes(Build::exchange($right, 'W3.bare@B2', 'W3.white@B2')))->toBe(['on-current']);
});

it('takes a British core sleeved blue for a neutral, end by end', function (array $sleeved, array $found) {
    // contract section 6: in Britain a core that is marked neutral at that end is none.
    $right = rightOn('database/demo/boat-store');
    $swapped = Build::renamed($right, [
        'W1.brown@SRC' => 'W1.blue@SRC',
        'W1.blue@SRC' => 'W1.brown@SRC',
        'W1.brown@R1' => 'W1.blue@R1',
        'W1.blue@R1' => 'W1.brown@R1',
    ]);
    $marks = [
        ...array_diff_key($swapped->marks, array_flip(['W1.brown@SRC', 'W1.brown@R1'])),
        'W1.blue@SRC' => MarkedAs::Line,
        'W1.blue@R1' => MarkedAs::Line,
        ...array_fill_keys($sleeved, MarkedAs::Neutral),
    ];

    expect(pointsOf(FindingCode::NeutralColour, Wiring::of($right->board, $swapped->joints, $swapped->caps, $marks)))->toBe($found);
})->with([
    'neither end' => [[], [['W1.brown@SRC', 'W1.brown@R1']]],
    'one end' => [['W1.brown@SRC'], [['W1.brown@R1']]],
    'both ends' => [['W1.brown@SRC', 'W1.brown@R1'], []],
]);

it('asks for a neutral by edition: where there is one switch, and where there are several', function (
    string $edition,
    int $alone,
    int $several,
) {
    // trade-facts section 5, 404.2(C) (memory)
    expect(pointsOf(
        FindingCode::NeutralAbsentAtSwitch,
        rightOn('tests/Corpus/right/switch-loop-of-two-cores'),
        $edition,
    ))->toHaveCount($alone)
        ->and(pointsOf(
            FindingCode::NeutralAbsentAtSwitch,
            rightOn('tests/Corpus/right/three-way-fed-at-the-light'),
            $edition,
        ))->toHaveCount($several);
})->with([['NEC-2008', 0, 0], ['NEC-2011', 1, 2], ['NEC-2014', 1, 0], ['NEC-2017', 1, 2], ['NEC-2020', 1, 2], ['NEC-2023', 1, 2]]);

it('says which exemption an edition has', function (string $edition, string $spared) {
    $finding = array_values(array_filter(
        Checker::check(rightOn('tests/Corpus/right/switch-loop-of-two-cores'), Editions::find($edition))->findings,
        fn (Finding $one) => $one->code === FindingCode::NeutralAbsentAtSwitch,
    ))[0];

    expect($finding->params['spared'])->toBe($spared);
})->with([['NEC-2011', 'reachable'], ['NEC-2020', 'reachable'], ['NEC-2023', '']]);

it('holds one conductor under the earthing screw of an American box, and any number in a British one', function () {
    // NEC 110.14(A) (memory); the contract has no limit for British enclosures.
    $american = Files::board('database/demo/propagation-house/board.json');
    $british = Files::board('database/demo/boat-store/board.json');

    expect($american->roomAt('B1.earth'))->toBe(1)
        ->and($british->roomAt('K1.earth'))->toBeNull()
        ->and($american->roomAt('S1.common'))->toBe(1)
        ->and($american->roomAt('PS.line'))->toBeNull();
});
