<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\RandomWiring;
use Zwindle\Board\Board;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Check\Checker;
use Zwindle\Check\Fill\BoxFill;
use Zwindle\Check\Fill\FillCount;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Circuit\Net\Nets;
use Zwindle\Exam\Vary\Variants;
use Zwindle\Exam\Vary\VariedAspects;
use Zwindle\Format\Read\BoardReader;
use Zwindle\Format\Read\SeenReader;
use Zwindle\Format\Read\WiringReader;
use Zwindle\Format\Write\BoardArray;
use Zwindle\Format\Write\WiringArray;
use Zwindle\Plan\Convert\PracticeConverter;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Prepare\OpenedBox;
use Zwindle\Problem\ProblemCode;
use Zwindle\Problem\Problems;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Mistake\Mistakes;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\Mover;
use Zwindle\Repair\RepairSearch;

/**
 * A porch light with a cable on to the hall.
 *
 * @param  array<string, mixed>  $changes  laid over the cable that goes on
 */
function porchArray(array $changes = []): array
{
    return Build::boardArray([
        'enclosures' => [
            ['id' => 'SRC', 'kind' => 'supply', 'label' => 'Supply'],
            ['id' => 'B1', 'kind' => 'switch-box', 'label' => 'Porch door', 'material' => 'metal', 'volumeIn3' => 40],
            ['id' => 'L1', 'kind' => 'light-box', 'label' => 'Porch light', 'material' => 'metal', 'volumeIn3' => 40],
            ['id' => 'HALL', 'kind' => 'onward', 'label' => 'Hall'],
        ],
        'devices' => [
            ['id' => 'PS', 'in' => 'SRC', 'model' => 'na-supply', 'breakerA' => 15],
            ['id' => 'S1', 'in' => 'B1', 'model' => 'na-switch-1p'],
            ['id' => 'LA', 'in' => 'L1', 'model' => 'na-lampholder'],
        ],
        'cables' => [
            ['id' => 'W1', 'type' => 'na-14-2', 'from' => 'SRC', 'to' => 'B1'],
            ['id' => 'W2', 'type' => 'na-14-3', 'from' => 'B1', 'to' => 'L1'],
            ['id' => 'W3', 'type' => 'na-14-2', 'from' => 'B1', 'to' => 'HALL', ...$changes],
        ],
        'controls' => [['lamps' => ['LA'], 'switches' => ['S1']]],
    ]);
}

function porch(array $changes = []): Wiring
{
    return Planner::plan(Build::board(porchArray($changes)))->plans[0]->wiring;
}

/** @return list<array{FindingCode, list<string>}> causes that fail, with their places */
function onwardCauses(Wiring $wiring): array
{
    $failing = array_values(array_filter(Checker::check($wiring)->causes(), fn (Finding $finding) => $finding->severity()->fails()));

    return array_map(fn (Finding $finding) => [$finding->code, $finding->at], $failing);
}

it('is planned alive, wherever it leaves and whichever way it is written', function (array $changes, string $box) {
    $wiring = porch($changes);
    $nets = Nets::of($wiring);

    expect(Checker::check($wiring)->verdict)->toBe(Verdict::Pass)
        ->and($nets->at("W3.black@$box"))->toBe($nets->at('PS.line'))
        ->and($nets->at("W3.white@$box"))->toBe($nets->at('PS.neutral'))
        ->and($nets->at("W3.bare@$box"))->toBe($nets->at('PS.earth'))
        ->and(array_filter(array_keys($wiring->points), fn (string $point) => str_ends_with($point, '@HALL')))->toBe([])
        ->and(WiringArray::of($wiring)['caps'])->not->toContain('W3.black@HALL');
})->with([
    'at the switch' => [[], 'B1'],
    'at the light' => [['from' => 'L1'], 'L1'],
    'written from its far end' => [['from' => 'HALL', 'to' => 'B1'], 'B1'],
    'with a spare red' => [['type' => 'na-14-3'], 'B1'],
    'still to be chosen' => [['type' => 'any'], 'B1'],
]);

it('lacks line or neutral where it is off, switched or the wrong way round', function (Closure $spoilt, array $causes) {
    expect(onwardCauses($spoilt(porch())))->toBe($causes);
})->with([
    'its white off and capped' => [
        fn (Wiring $right) => Build::without($right, 'W3.white@B1'),
        [[FindingCode::NotAlwaysOn, ['W3.white@B1']]],
    ],
    'on the switch leg' => [
        fn (Wiring $right) => Mover::make($right, [Move::of('W3.black@B1', 'W1.black@B1', 'W2.black@B1')]),
        [[FindingCode::NotAlwaysOn, ['W3.black@B1']]],
    ],
    'the wrong way round' => [
        fn (Wiring $right) => Build::renamed($right, ['W3.black@B1' => 'W3.white@B1', 'W3.white@B1' => 'W3.black@B1']),
        [[FindingCode::NotAlwaysOn, ['W3.black@B1', 'W3.white@B1']]],
    ],
    'its bare off' => [
        fn (Wiring $right) => Build::without($right, 'W3.bare@B1'),
        [[FindingCode::EarthMissing, ['W3.bare@B1']]],
    ],
]);

it('names its far end only where a spare is live', function () {
    $right = porch(['type' => 'na-14-3']);
    $live = Mover::make($right, [Move::of('W3.red@B1', Move::CAP, 'W1.black@B1')]);

    expect(onwardCauses($live))->toBe([[FindingCode::LiveEndExposed, ['W3.red@HALL']]])
        ->and(RepairSearch::of(Checker::check($live))->repairs[0]->moves[0]->point)->toBe('W3.red@B1');
    $random = new RandomWiring(seed: 12);
    $failed = 0;
    for ($i = 0; $i < 60; $i++) {
        [$spoilt, $made] = $random->moved($right, 1 + $i % 3);
        $result = Checker::check($spoilt);
        $beyond = array_filter(
            array_merge(...array_map(fn (Finding $finding) => $finding->at, $result->findings), ...[[]]),
            fn (string $place) => str_ends_with($place, '@HALL') && $place !== 'W3.red@HALL',
        );
        expect($beyond)->toBe([]);
        if ($result->verdict === Verdict::Fail) {
            $failed++;
            expect(count(RepairSearch::of($result)->repairs[0]->moves))->toBeLessThanOrEqual($made);
        }
    }
    expect($failed)->toBeGreaterThan(30);
});

it('draws in the cable that feeds it, and nowhere else', function () {
    // A second way to the light: the neutral of what goes on returns by it, and both cables are out of balance.
    $array = porchArray();
    $array['cables'][] = ['id' => 'W4', 'type' => 'na-14-2', 'from' => 'SRC', 'to' => 'B1'];
    $right = Planner::plan(Build::board($array))->plans[0]->wiring;
    $apart = Mover::make($right, [
        Move::of('W3.white@B1', 'W1.white@B1', 'W4.white@B1'),
        Move::of('W4.white@SRC', Move::CAP, 'PS.neutral'),
    ]);
    $codes = array_map(fn (Finding $finding) => [$finding->code, $finding->params['cable'] ?? null], Checker::check($apart)->findings);

    expect($codes)->toContain([FindingCode::SeparateReturn, 'W1'])->toContain([FindingCode::SeparateReturn, 'W4'])
        ->not->toContain([FindingCode::SeparateReturn, 'W3']);
});

it('counts in the box that it leaves, and is no box itself', function () {
    $boxesOf = fn (Board $board) => (new FillCount($board, $board->edition))->boxes();
    $boxes = $boxesOf(porch()->board);
    $without = porchArray();
    array_pop($without['enclosures']);
    array_pop($without['cables']);

    expect(array_map(fn (BoxFill $box) => $box->enclosure->id, $boxes))->toBe(['B1', 'L1'])
        // Two conductors of 14 AWG more: 2.00 in³ each; NEC 314.16(B)(1) (memory).
        ->and($boxes[0]->usedIn3->minus($boxesOf(Build::board($without))[0]->usedIn3)->isEqualTo(4))->toBeTrue();
});

it('knows forgetting it as one mistake, and takes it back', function () {
    $right = porch();
    $mistake = array_values(array_filter(Mistakes::on($right), fn (Mistake $one) => $one->kind === MistakeKind::OnwardForgotten))[0];
    $result = Checker::check($mistake->madeOn($right));
    $first = RepairSearch::of($result)->repairs[0];

    expect(array_map(fn (Finding $finding) => $finding->code, $result->causes()))->toBe([FindingCode::NotAlwaysOn])
        ->and(array_map(fn (Mistake $one) => $one->id(), $first->undoes))->toBe([$mistake->id()])
        ->and(Checker::check(Mover::make($result->evidence->wiring, $first->moves))->verdict)->toBe(Verdict::Pass);
});

it('is read as it was written', function () {
    $board = porch()->board;

    expect(BoardArray::of(Build::board(BoardArray::of($board))))->toBe(BoardArray::of($board))
        ->and(BoardArray::of($board)['enclosures'][3])->toBe(['id' => 'HALL', 'kind' => 'onward', 'label' => 'Hall']);
});

it('is refused where it is no place beyond the board', function (Closure $changed, string $pointer, ProblemCode $code) {
    $problems = new Problems;
    $board = BoardReader::read((string) json_encode($changed(porchArray())), $problems);

    expect($board)->toBeNull()->and(array_map(fn ($problem) => [$problem->pointer, $problem->code], $problems->all()))
        ->toContain([$pointer, $code]);
})->with([
    'with a material' => [
        fn (array $board) => array_replace_recursive($board, ['enclosures' => [3 => ['material' => 'metal']]]),
        '/enclosures/3',
        ProblemCode::OnwardIsNoBox,
    ],
    'with a device' => [
        fn (array $board) => array_replace_recursive($board, ['devices' => [3 => ['id' => 'X', 'in' => 'HALL', 'model' => 'na-receptacle']]]),
        '/devices/3/in',
        ProblemCode::OnwardWithDevice,
    ],
    'with two cables' => [
        fn (array $board) => array_replace_recursive($board, [
            'cables' => [3 => ['id' => 'W4', 'type' => 'na-14-2', 'from' => 'L1', 'to' => 'HALL']],
        ]),
        '/enclosures/3',
        ProblemCode::OnwardNotOneCable,
    ],
    'by a single' => [
        fn (array $board) => array_replace_recursive($board, ['cables' => [2 => ['type' => 'na-14-single', 'colour' => 'black']]]),
        '/cables/2/type',
        ProblemCode::OnwardCable,
    ],
]);

it('is out of reach of hands, eyes and instruments', function (array $part, string $pointer) {
    $board = porch()->board;
    $problems = new Problems;
    $wiring = WiringReader::read(['format' => 'zwindle-wiring', 'version' => 1, 'board' => $board->title, 'joints' => [], ...$part], $board, $problems);

    expect($wiring)->toBeNull()->and(array_map(fn ($problem) => $problem->pointer, $problems->all()))->toContain($pointer);
})->with([
    'in a joint' => [['joints' => [['in' => 'HALL', 'points' => ['W3.black@HALL', 'W3.white@HALL'], 'by' => 'wire-nut']]], '/joints/0/points/0'],
    'capped' => [['caps' => ['W3.black@HALL']], '/caps/0'],
    'marked' => [['marks' => [['point' => 'W3.white@HALL', 'as' => 'line']]], '/marks/0/point'],
]);

it('is looked at and probed nowhere beyond', function () {
    $problems = new Problems;
    $seen = SeenReader::read([
        'format' => 'zwindle-seen', 'version' => 1, 'board' => 'Test board', 'states' => [],
        'looks' => [['point' => 'W3.black@HALL', 'with' => []]], 'probes' => [['point' => 'W3.white@HALL', 'live' => true]],
    ], porch()->board, $problems);

    expect($seen)->toBeNull()->and(array_map(fn ($problem) => $problem->pointer, $problems->all()))
        ->toBe(['/looks/0/point', '/probes/0/point']);
});

it('is carried over to the other practice as one cable, and planned alive there', function (string $type) {
    $carried = PracticeConverter::convert(Build::board(porchArray(['type' => $type])), Practice::from('gb'))->board;
    $onward = $carried->onwardCables();

    expect($onward)->toHaveCount(1)->and($onward[0]->type->id)->toBe('gb-1.5-te')
        ->and(BoardReader::read(BoardArray::of($carried), new Problems))->not->toBeNull()
        ->and(Planner::plan($carried)->plans[0]->result->verdict)->toBe(Verdict::Pass);
})->with(['na-14-2', 'na-14-3', 'na-14-2-2']);

it('is there on every seat of a task, under whatever ids', function () {
    $board = porch()->board;
    foreach ((new Variants($board, VariedAspects::cases()))->forSeats('monday', 6) as $variant) {
        $plan = Planner::plan($variant->board)->plans[0] ?? null;
        expect($variant->board->onwardCables())->toHaveCount(1)->and($plan?->result->verdict)->toBe(Verdict::Pass);
    }
});

it('goes dark with the box that it leaves', function () {
    $plan = Planner::plan(porch()->board)->plans[0];

    expect(OpenedBox::darkWithout($plan, 'B1'))->toBe(['LA', 'HALL'])->and(OpenedBox::darkWithout($plan, 'L1'))->toBe([]);
});
