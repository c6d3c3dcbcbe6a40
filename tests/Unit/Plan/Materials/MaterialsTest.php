<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Plan\Materials\AbsurdAllowance;
use Zwindle\Plan\Materials\Cut;
use Zwindle\Plan\Materials\CutAllowances;
use Zwindle\Plan\Materials\CutList;
use Zwindle\Plan\Materials\Estimate;
use Zwindle\Plan\Materials\Materials;
use Zwindle\Plan\Materials\Part;
use Zwindle\Plan\Materials\PartKind;
use Zwindle\Plan\Materials\RunLength;
use Zwindle\Plan\Materials\ShelfLine;
use Zwindle\Plan\Planner;

/** @return array<string, float> */
function amounts(string $slug, int $sets = 1): array
{
    $plan = Planner::plan(Files::board("database/demo/$slug/board.json"))->plans[0];
    $cuts = CutList::of($plan->wiring->board, CutAllowances::usualIn($plan->wiring->board->practice));

    return array_combine(
        array_map(fn (Part $part) => "{$part->kind->value} $part->what", Materials::of($plan, $cuts, $sets)),
        array_map(fn (Part $part) => $part->amount, Materials::of($plan, $cuts, $sets)),
    );
}

it('runs along and up where the board gives no length, and does not guess where it gives no place', function () {
    $board = fn (array $cable, ?array $at) => Build::board(Build::boardArray([
        'enclosures' => [
            ['id' => 'SRC', 'kind' => 'supply', ...($at === null ? [] : ['at' => [100, 900]])],
            ['id' => 'L1', 'kind' => 'light-box', 'material' => 'plastic', 'at' => $at ?? [0, 0]],
        ],
        'cables' => [['id' => 'W1', 'type' => 'na-14-2', 'from' => 'SRC', 'to' => 'L1', ...$cable]],
    ]));
    $length = fn ($made) => RunLength::of($made, $made->cables['W1']);

    // 1.1 m along and 0.7 m up; 1.30 m as the crow flies.
    expect($length($board([], [1200, 200])))->toBe(1.8)
        ->and($length($board(['lengthM' => 2.5], [1200, 200])))->toBe(2.5)
        ->and($length($board([], null)))->toBeNull();
});

it('adds what both ends and the waste take, and rounds up', function (float $run, array $allowances, float $cut) {
    expect(CutAllowances::of(...$allowances)->cutM($run))->toBe($cut);
})->with([
    'two ends of 9 in and ¼ in of sheath, 5 % waste, to the decimetre: (2 + 0.4699) × 1.05 = 2.5934' => [
        2.0,
        [0.2286, 0.00635, 5.0, 0.1],
        2.6,
    ],
    'the same to the half foot: 17.02 of them' => [2.0, [0.2286, 0.00635, 5.0, 0.1524], 2.7432],
    'on the mark it stays there' => [1.6, [0.15, 0.05, 0.0, 0.1], 2.0],
    'a hair above it does not' => [1.601, [0.15, 0.05, 0.0, 0.1], 2.1],
    'to the half metre' => [2.0, [0.25, 0.0, 10.0, 0.5], 3.0],
    'no run at all still has its ends' => [0.0, [0.1, 0.05, 0.0, 0.05], 0.3],
]);

it('refuses absurd allowances', function (array $allowances) {
    expect(fn () => CutAllowances::of(...$allowances))->toThrow(AbsurdAllowance::class);
})->with([[[-0.1, 0.0, 5.0, 0.1]], [[0.2, 5.1, 5.0, 0.1]], [[0.2, 0.0, 101.0, 0.1]], [[0.2, 0.0, 5.0, 0.0]], [[NAN, 0.0, 5.0, 0.1]]]);

it('prices a list and counts what the shelf is short of', function () {
    $parts = [
        new Part(PartKind::Device, 'na-switch-3way', 24.0),
        new Part(PartKind::Cable, 'na-14-2', 3.048),
        new Part(PartKind::Cap, 'cap', 2.0),
        new Part(PartKind::Cable, 'na-14-3', 0.0),
    ];
    $shelf = [
        'device na-switch-3way' => new ShelfLine(349, 20.0),
        'cable na-14-2' => new ShelfLine(52, 250.0),
        'cable na-14-3' => new ShelfLine(80, 0.0),
    ];
    $estimate = Estimate::of($parts, Practice::from('na'), $shelf);
    $lines = array_map(fn ($line) => [$line->amount, $line->costCents, $line->short], $estimate->lines);

    // 3.048 m are ten feet exactly; a run of unknown length has no cost and no shortfall.
    expect($lines)->toBe([[24.0, 8376, 4.0], [10.0, 520, 0.0], [2.0, null, null], [0.0, null, null]])
        ->and($estimate->totalCents())->toBe(8896)
        ->and($estimate->withoutPrice())->toBe(2)
        ->and(Estimate::of($parts, Practice::from('na'), [])->totalCents())->toBeNull();
});

it('counts supports near both boxes and between them', function (string $type, string $practice, float $length, int $supports) {
    $lamp = $practice === 'na' ? 'na-lampholder' : 'gb-batten-es';
    $board = Build::board(Build::boardArray([
        'practice' => $practice, 'code' => $practice === 'na' ? 'NEC-2023' : 'BS7671-2018',
        'devices' => [['id' => 'PS', 'in' => 'SRC', 'model' => "$practice-supply"], ['id' => 'LA', 'in' => 'L1', 'model' => $lamp]],
        'cables' => [['id' => 'W1', 'type' => $type, 'from' => 'SRC', 'to' => 'L1', 'lengthM' => $length]],
    ]));

    expect(CutList::of($board, CutAllowances::usualIn(Practice::from($practice)))[0]->supports)->toBe($supports);
})->with([
    // NEC 334.30 (memory): within 12 in of each box, and every 4½ ft between: 1.97 m leaves 1.37 m, one space.
    'one space' => ['na-14-2', 'na', 1.97, 2],
    'a little more: two spaces' => ['na-14-2', 'na', 1.98, 3],
    'shorter than both ends' => ['na-14-2', 'na', 0.5, 1],
    // Every 250 mm (On-Site Guide, memory): 1.3 m leaves 1.0 m, four spaces.
    'British clips' => ['gb-1.5-te', 'gb', 1.3, 5],
]);

it('lists what a planned board takes', function () {
    expect(amounts('propagation-house'))->toMatchArray([
        'device na-switch-3way' => 2.0, 'device na-lampholder' => 1.0, 'box device-3x2x3.5' => 1.0,
        // Two whites, and the grounds of both boxes.
        'connector wire-nut 2' => 2.0,
    ])->and(amounts('boat-store'))->toMatchArray([
        // The drop's blue at both ends, and both ends of every cpc.
        'mark line' => 2.0, 'mark earth' => 4.0, 'device gb-rose' => 1.0,
    ])->and(amounts('propagation-house', 12)['device na-switch-3way'])->toBe(24.0);
});

it('has a connector for every joint in one, a mark for every end, and every cable', function (string $board) {
    $plan = Planner::plan(Files::board($board))->plans[0] ?? null;
    $cuts = CutList::of($plan->wiring->board, CutAllowances::usualIn($plan->wiring->board->practice));
    $sum = fn (string $kind) => array_sum(array_map(
        fn (Part $part) => $part->kind->value === $kind ? $part->amount : 0.0,
        Materials::of($plan, $cuts),
    ));

    expect($sum('connector'))->toEqual(count(array_filter($plan->wiring->joints, fn (Joint $joint) => $joint->by->isConnector())))
        ->and($sum('mark'))->toEqual(count($plan->wiring->marks))
        ->and($sum('cap'))->toEqual(count($plan->wiring->caps))
        ->and($sum('device'))->toEqual(count($plan->wiring->board->devices))
        ->and(round($sum('cable'), 3))->toBe(round(array_sum(array_map(fn (Cut $cut) => $cut->cutM ?? 0.0, $cuts)), 3));
})->with(array_map(fn (array $files) => [$files[0]], Files::rightWirings()));

it('supports a cable nearer to a plastic single box without clamps', function (array $box, float $fromBoxM) {
    // NEC 314.17(C), 8 in; 334.30, 12 in (memory, trade-facts section 5).
    $board = Build::board(Build::boardArray([
        'enclosures' => [['id' => 'SRC', 'kind' => 'supply', 'label' => 'Feed'], [
            'id' => 'B1',
            'kind' => 'switch-box',
            'label' => 'Box',
            ...$box,
        ]],
        'devices' => [['id' => 'PS', 'in' => 'SRC', 'model' => 'na-supply'], ['id' => 'S1', 'in' => 'B1', 'model' => 'na-switch-1p']],
        'cables' => [['id' => 'W1', 'type' => 'na-14-2', 'from' => 'SRC', 'to' => 'B1']], 'controls' => [],
    ]));

    expect(CutList::fromBoxM($board, 'B1'))->toBe($fromBoxM);
})->with([
    'plastic without clamps' => [['material' => 'plastic'], 0.2],
    'plastic with clamps' => [['material' => 'plastic', 'clamps' => 'internal'], 0.3],
    'metal' => [['material' => 'metal'], 0.3],
]);
