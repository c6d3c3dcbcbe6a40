<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Prepare\FoldLayer;
use Zwindle\Plan\Prepare\FoldOrder;
use Zwindle\Plan\Prepare\LampReadings;
use Zwindle\Plan\Prepare\LookAlike;
use Zwindle\Plan\Prepare\OpenedBox;
use Zwindle\Plan\Prepare\RoseBlocks;
use Zwindle\Plan\Prepare\SettingOut;

function pattern(string $name): Plan
{
    return Planner::plan(Files::board("database/patterns/$name.board.json"))->plans[0];
}

/** Two rooms on one lighting circuit: the feed goes on from the first rose to the second. */
function twoRoses(): Plan
{
    $rose = fn (int $i) => [
        ['id' => "R$i", 'in' => "H$i", 'model' => 'gb-rose'],
        ['id' => "LA$i", 'in' => "H$i", 'model' => 'gb-pendant'],
        ['id' => "S$i", 'in' => "B$i", 'model' => 'gb-switch-1way'],
    ];

    return Planner::plan(Build::board(Build::boardArray([
        'practice' => 'gb', 'code' => 'BS7671-2018',
        'enclosures' => [
            ['id' => 'SRC', 'kind' => 'supply'],
            ['id' => 'H1', 'kind' => 'ceiling-rose', 'material' => 'plastic'],
            ['id' => 'H2', 'kind' => 'ceiling-rose', 'material' => 'plastic'],
            ['id' => 'B1', 'kind' => 'switch-box', 'material' => 'plastic'],
            ['id' => 'B2', 'kind' => 'switch-box', 'material' => 'plastic'],
        ],
        'devices' => [['id' => 'PS', 'in' => 'SRC', 'model' => 'gb-supply', 'breakerA' => 6, 'rcdMa' => 30], ...$rose(1), ...$rose(2)],
        'cables' => [
            ['id' => 'W1', 'type' => 'gb-1.5-te', 'from' => 'SRC', 'to' => 'H1'],
            ['id' => 'W2', 'type' => 'gb-1.5-te', 'from' => 'H1', 'to' => 'B1'],
            ['id' => 'W3', 'type' => 'gb-1.5-te', 'from' => 'H1', 'to' => 'H2'],
            ['id' => 'W4', 'type' => 'gb-1.5-te', 'from' => 'H2', 'to' => 'B2'],
        ],
        'controls' => [['lamps' => ['LA1'], 'switches' => ['S1']], ['lamps' => ['LA2'], 'switches' => ['S2']]],
    ])))->plans[0];
}

it('marks out boxes from the left, above the lower edge, beside the nearest stud', function () {
    $box = fn (string $id, array $at, array $more = []) => ['id' => $id, 'kind' => 'switch-box', 'at' => $at, ...$more];
    $board = Build::board(Build::boardArray([
        'wall' => ['widthMm' => 2438.4, 'heightMm' => 1219.2, 'studsMm' => 406.4, 'firstStudMm' => 19.05],
        'enclosures' => [
            ['id' => 'SRC', 'kind' => 'supply', 'at' => [100, 100]],
            ['id' => 'L1', 'kind' => 'light-box', 'at' => [1600, 200], 'box' => 'octagon-4x2.125'],
            $box('B2', [880, 700]),
            $box('B1', [380, 700], ['box' => 'device-3x2x3.5']),
            $box('B3', [830, 700]),
            ['id' => 'B4', 'kind' => 'switch-box'],
        ],
        'devices' => [['id' => 'PS', 'in' => 'SRC', 'model' => 'na-supply'], ['id' => 'LA', 'in' => 'L1', 'model' => 'na-lampholder']],
        'cables' => [
            ['id' => 'W1', 'type' => 'na-14-2', 'from' => 'SRC', 'to' => 'B1'],
            ['id' => 'W2', 'type' => 'na-14-2', 'from' => 'B1', 'to' => 'B2'],
            ['id' => 'W3', 'type' => 'na-14-2', 'from' => 'B2', 'to' => 'B3'],
            ['id' => 'W4', 'type' => 'na-14-2', 'from' => 'B3', 'to' => 'B4'],
            ['id' => 'W5', 'type' => 'na-14-2', 'from' => 'B4', 'to' => 'L1'],
        ],
    ]));
    $rows = array_map(fn ($place) => [
        $place->enclosure->id,
        $place->fromLeftMm,
        round($place->heightMm ?? -1, 1),
        $place->stud,
        $place->side?->value,
        $place->depthIn,
    ], SettingOut::of($board));

    // Studs stand at 19.05, 425.45, 831.85, … and are 38.1 mm wide; B4 has no place, the supply hangs on nothing.
    expect($rows)->toBe([
        ['B1', 380.0, 519.2, 2, 'left', 3.5],
        ['B3', 830.0, 519.2, 3, 'on', null],
        ['B2', 880.0, 519.2, 3, 'right', null],
        ['L1', 1600.0, 1019.2, 5, 'left', 2.125],
    ]);
});

it('says nothing of heights and studs on a board without a size', function () {
    $place = SettingOut::of(Files::board('database/patterns/na-04-three-way-dead-end.board.json'))[0];

    expect([$place->heightMm, $place->stud, $place->side, $place->fromTopMm])->toBe([null, null, null, 300.0]);
});

// Common practice, trade-facts 2: the loop block takes every permanent line, the switch block the return and the flex.
it('counts the holes of a rose', function () {
    expect(RoseBlocks::of(pattern('gb-02-loop-in-at-the-rose'))[0]->blocks)->toBe([
        'loop' => [2, 6],
        'switched' => [2, 4],
        'neutral' => [2, 6],
        'earth' => [2, 6],
    ]);
});

it('tells who goes dark when a rose is opened: all that is fed through it, and nobody before it', function () {
    $roses = RoseBlocks::of(twoRoses());

    // Loop of the first: line in, on to the next rose, and down to the switch.
    expect($roses[0]->blocks['loop'])->toBe([3, 6])
        ->and($roses[0]->darkWhenOpened)->toContain('LA2')->not->toContain('LA1')
        ->and($roses[1]->darkWhenOpened)->toBe([]);
});

it('finds a receptacle dead when the box that feeds it is opened', function () {
    $board = Build::board(Build::boardArray([
        'enclosures' => [
            ['id' => 'SRC', 'kind' => 'supply'],
            ['id' => 'B1', 'kind' => 'switch-box', 'material' => 'plastic'],
            ['id' => 'B2', 'kind' => 'switch-box', 'material' => 'plastic'],
            ['id' => 'L1', 'kind' => 'light-box', 'material' => 'plastic'],
        ],
        'devices' => [
            ['id' => 'PS', 'in' => 'SRC', 'model' => 'na-supply'],
            ['id' => 'S1', 'in' => 'B1', 'model' => 'na-switch-1p'],
            ['id' => 'D1', 'in' => 'B2', 'model' => 'na-receptacle'],
            ['id' => 'LA', 'in' => 'L1', 'model' => 'na-lampholder'],
        ],
        'cables' => [
            ['id' => 'W1', 'type' => 'na-14-2', 'from' => 'SRC', 'to' => 'B1'],
            ['id' => 'W2', 'type' => 'na-14-2', 'from' => 'B1', 'to' => 'L1'],
            ['id' => 'W3', 'type' => 'na-14-2', 'from' => 'B1', 'to' => 'B2'],
        ],
        'controls' => [['lamps' => ['LA'], 'switches' => ['S1']]], 'alwaysOn' => ['D1'],
    ]));
    $plan = Planner::plan($board)->plans[0];

    expect(OpenedBox::darkWithout($plan, 'B1'))->toBe(['D1', 'LA'])->and(OpenedBox::darkWithout($plan, 'B2'))->toBe([]);
});

// Trade-facts 4 (common practice): a cold lamp is 16 Ω at 120 V, about 60 Ω at 230 V.
it('expects nominal volts lit, none dark, a cold lamp through closed switches, and no way to earth', function (
    string $pattern,
    float $volt,
    float $ohm,
) {
    $reading = LampReadings::of(pattern($pattern))[0];

    expect($reading->litV)->toBe($volt)->and($reading->darkV)->toBe(0.0)
        ->and(round((float) $reading->litOhm))->toBe($ohm)
        ->and($reading->darkOhm)->toBeNull()->and($reading->lineToEarthOhm)->toBeNull()
        ->and($reading->lit)->not->toBe($reading->dark);
})->with([
    ['na-03-three-way-feed-through', 120.0, 16.0],
    ['na-04-three-way-dead-end', 120.0, 16.0],
    ['gb-02-loop-in-at-the-rose', 230.0, 59.0],
    ['gb-06-intermediate-in-conduit', 230.0, 59.0],
]);

it('folds full boxes only: grounds to the back, the device last', function () {
    $board = json_decode(Files::text('database/patterns/na-04-three-way-dead-end.board.json'), true);
    $board['enclosures'][1]['box'] = 'device-3x2x3.5';
    $orders = (new FoldOrder(Planner::plan(Build::board($board))->plans[0]))->ofFullBoxes();

    // 14-2, 14-3 and 14-2 are seven conductors, the grounds one, the switch two: 20 in³ in 18; the far box holds 3 + 1 + 2: 12 in³ of 18.
    expect(array_keys($orders))->toBe(['B1'])
        ->and($orders['B1'][0]->layer)->toBe(FoldLayer::Earths)
        ->and(end($orders['B1'])->layer)->toBe(FoldLayer::Device)
        ->and((new FoldOrder(pattern('na-04-three-way-dead-end')))->ofFullBoxes())->toBe([]);
});

it('leaves no joint of a full box out of its fold, and takes none twice', function () {
    $board = json_decode(Files::text('database/patterns/na-08-station-fed-at-the-four-way.board.json'), true);
    foreach ($board['enclosures'] as &$box) {
        $box = [...$box, ...($box['kind'] === 'switch-box' ? ['box' => 'device-3x2x1.5'] : [])];
    }
    $plan = Planner::plan(Build::board($board))->plans[0];
    $orders = (new FoldOrder($plan))->ofFullBoxes();

    expect(count($orders))->toBe(3);
    foreach ($orders as $box => $steps) {
        $folded = array_merge(...array_map(fn ($step) => array_merge(...$step->bundles), $steps));
        $there = [];
        foreach ($plan->wiring->joints as $joint) {
            $there = $joint->enclosure === $box && $plan->wiring->points[$joint->points[0]]->enclosure === $box
                ? [...$there, ...$joint->points]
                : $there;
        }
        $spare = array_filter($plan->wiring->caps, fn (string $end) => str_ends_with($end, "@$box"));

        expect($folded)->toEqualCanonicalizing([...$there, ...$spare]);
    }
});

it('warns of the part that looks like a four-way, on boards that need one only', function () {
    $functions = fn (string $pattern) => array_map(
        fn ($function) => $function->value,
        LookAlike::of(Files::board("database/patterns/$pattern.board.json")),
    );

    expect($functions('na-08-station-fed-at-the-light'))->toBe(['three-way' => 'one-pole', 'four-way' => 'two-pole'])
        ->and($functions('na-01-single-at-the-switch'))->toBe([]);
});
