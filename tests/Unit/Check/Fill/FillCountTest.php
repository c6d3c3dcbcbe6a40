<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Zwindle\Board\Board;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Devices\StandardBox;
use Zwindle\Catalogue\Editions\Editions;
use Zwindle\Check\Fill\Allowance;
use Zwindle\Check\Fill\BoxFill;
use Zwindle\Check\Fill\FillCount;
use Zwindle\Check\Fill\NoBoxFill;
use Zwindle\Check\Fill\OneMoreCable;

/**
 * A box with cables from the supply into it.
 *
 * @param  list<string>  $cables  types
 * @param  array<string, mixed>  $box
 * @param  list<string>  $models
 */
function boxBoard(array $cables, array $box, array $models = [], string $code = 'NEC-2023'): Board
{
    $runs = array_map(fn (string $type, int $i) => [
        'id' => "W$i",
        'type' => $type,
        'from' => 'SRC',
        'to' => 'B1',
    ], $cables, array_keys($cables));
    $devices = array_map(fn (string $model, int $i) => ['id' => "D$i", 'in' => 'B1', 'model' => $model], $models, array_keys($models));

    return Build::board(Build::boardArray([
        'code' => $code,
        'enclosures' => [['id' => 'SRC', 'kind' => 'supply'], ['id' => 'B1', 'kind' => 'switch-box', 'material' => 'metal', ...$box]],
        'devices' => [['id' => 'PS', 'in' => 'SRC', 'model' => 'na-supply'], ...$devices],
        'cables' => $runs,
    ]));
}

function fillOf(Board $board, ?string $edition = null): BoxFill
{
    return (new FillCount($board, Editions::find($edition ?? $board->edition->id)))->boxes()[0];
}

it('counts what the published rule counts', function (
    array $cables,
    array $box,
    array $models,
    string $edition,
    string $used,
    string $volume,
    bool $fits,
) {
    $fill = fillOf(boxBoard($cables, $box, $models), $edition);

    expect((string) $fill->usedIn3->toScale(4))->toBe($used)
        ->and((string) $fill->volumeIn3?->toScale(4))->toBe($volume)
        ->and($fill->fits())->toBe($fits);
})->with([
    // The worked example of the trade (common practice): 10 × 2.25 + 2.25 + 4 × 2.25 + 2.25 + 2.25/4 = 36.5625 of 30.3 + 7.8.
    'five 12-2, switch, receptacle, clamps, half-inch ring' => [
        array_fill(0, 5, 'na-12-2'),
        ['box' => 'square-4x2.125', 'addedIn3' => 7.8, 'clamps' => 'internal'],
        ['na-switch-1p', 'na-receptacle'],
        'NEC-2023',
        '36.5625',
        '38.1000',
        true,
    ],
    'the same before 2020: all grounds are one' => [
        array_fill(0, 5, 'na-12-2'),
        ['box' => 'square-4x2.125', 'addedIn3' => 7.8, 'clamps' => 'internal'],
        ['na-switch-1p', 'na-receptacle'],
        'NEC-2017',
        '36.0000',
        '38.1000',
        true,
    ],
    // NEC 2023 Table 314.16(A): 3 × 2 × 3½ = 18.0 in³; (B)(1): 14 AWG = 2.00 in³.
    'clamps, 14-2 in, 14-3 out, one switch: exactly full' => [
        ['na-14-2', 'na-14-3'],
        ['box' => 'device-3x2x3.5', 'clamps' => 'internal'],
        ['na-switch-3way'],
        'NEC-2023',
        '18.0000',
        '18.0000',
        true,
    ],
    'one conductor more' => [
        ['na-14-3', 'na-14-3'],
        ['box' => 'device-3x2x3.5', 'clamps' => 'internal'],
        ['na-switch-3way'],
        'NEC-2023',
        '20.0000',
        '18.0000',
        false,
    ],
    'four grounds are one allowance' => [array_fill(0, 4, 'na-14-2'), ['volumeIn3' => 18], [], 'NEC-2020', '18.0000', '18.0000', true],
    'the fifth is a quarter' => [array_fill(0, 5, 'na-14-2'), ['volumeIn3' => 22.4], [], 'NEC-2020', '22.5000', '22.4000', false],
    'two sizes: clamps and device by the larger' => [
        ['na-14-2', 'na-12-2'],
        ['volumeIn3' => 20, 'clamps' => 'internal'],
        ['na-switch-1p'],
        'NEC-2023',
        '17.5000',
        '20.0000',
        true,
    ],
    'lampholders take nothing' => [
        ['na-14-2'],
        ['volumeIn3' => 10],
        ['na-lampholder', 'na-luminaire'],
        'NEC-2023',
        '6.0000',
        '10.0000',
        true,
    ],
    'a marked volume counts before a named size' => [['na-14-2'], [
        'volumeIn3' => 5.5,
        'box' => 'device-3x2x3.5',
    ], [], 'NEC-2023', '6.0000', '5.5000', false],
]);

it('shows every allowance', function () {
    $fill = fillOf(boxBoard(array_fill(0, 5, 'na-12-2'), ['volumeIn3' => 40, 'clamps' => 'internal'], ['na-switch-1p']));

    expect(array_map(fn (Allowance $allowance) => [
        $allowance->kind->value,
        $allowance->count,
        $allowance->eachIn3->toFloat(),
    ], $fill->allowances))
        ->toBe([['conductors', 10, 2.25], ['clamps', 1, 2.25], ['devices', 2, 2.25], ['earths', 1, 2.25], ['further-earths', 1, 0.5625]]);
});

it('gives a device two of the largest conductor on it where the wiring is known', function () {
    $board = boxBoard(['na-14-2', 'na-12-2'], ['volumeIn3' => 40], ['na-switch-1p']);
    $joint = new Zwindle\Board\Wiring\Joint('B1', ['D0.a', 'W0.black@B1'], Zwindle\Board\Wiring\JoinedBy::Terminal);
    $wiring = Zwindle\Board\Wiring\Wiring::of($board, [$joint]);
    $devices = fn (FillCount $count) => array_values(array_filter(
        $count->boxes()[0]->allowances,
        fn (Allowance $allowance) => $allowance->kind->value === 'devices',
    ))[0]->awg;

    expect($devices(new FillCount($board, $board->edition, $wiring)))->toBe('14')
        ->and($devices(new FillCount($board, $board->edition)))->toBe('12');
});

it('knows the volumes of the published table', function (string $box, float $in3) {
    expect((float) StandardBox::find($box)?->volumeIn3)->toBe($in3);
})->with([
    // NEC Table 314.16(A) (memory)
    ['octagon-4x1.25', 12.5], ['octagon-4x1.5', 15.5], ['octagon-4x2.125', 21.5],
    ['square-4x1.25', 18.0], ['square-4x1.5', 21.0], ['square-4x2.125', 30.3],
    ['square-4.6875x1.25', 25.5], ['square-4.6875x1.5', 29.5], ['square-4.6875x2.125', 42.0],
    ['device-3x2x1.5', 7.5],
    ['device-3x2x2', 10.0],
    ['device-3x2x2.25', 10.5],
    ['device-3x2x2.5', 12.5],
    ['device-3x2x2.75', 14.0],
    ['device-3x2x3.5', 18.0],
    ['device-4x2.125x1.5', 10.3], ['device-4x2.125x1.875', 13.0], ['device-4x2.125x2.125', 14.5],
]);

it('names the smallest box that would do, a common one before a rare one, of its own shape first', function (array $cables, array $box, ?string $smallest) {
    expect(fillOf(boxBoard($cables, $box, ['na-switch-3way']))->smallestBox()?->id)->toBe($smallest);
})->with([
    '12.0 in a device box' => [['na-14-2'], ['box' => 'device-3x2x2'], 'device-3x2x2.5'],
    '16.0 in a device box' => [['na-14-2', 'na-14-3'], ['box' => 'device-3x2x2'], 'device-3x2x3.5'],
    '18.0 with a ring of 3: the ring stays' => [['na-14-3', 'na-14-3'], ['box' => 'square-4x1.25', 'addedIn3' => 3], 'square-4x1.5'],
    '22.0: no device box, so a square one' => [['na-14-4', 'na-14-4'], ['box' => 'device-3x2x3.5'], 'square-4x2.125'],
    'more than any square of four inches' => [array_fill(0, 5, 'na-14-3'), ['box' => 'square-4x1.25'], 'square-4.6875x2.125'],
    'more than any' => [array_fill(0, 12, 'na-14-3'), ['box' => 'square-4x1.25'], null],
]);

it('tells whether one more cable fits and what is short', function () {
    $board = boxBoard(['na-14-2', 'na-14-3'], ['box' => 'device-3x2x3.5'], ['na-switch-3way']);
    $more = OneMoreCable::into($board->enclosures['B1'], $board, new FillCount($board, $board->edition));

    expect(array_map(fn (OneMoreCable $one) => [$one->type->id, $one->fill->fits(), $one->fill->shortIn3()?->toFloat()], $more))
        ->toBe([['na-14-2', false, 2.0], ['na-14-3', false, 4.0]]);
});

it('leaves a box without a volume open', function () {
    $fill = fillOf(boxBoard(['na-14-2'], []));

    expect($fill->fits())->toBeNull()->and($fill->volumeIn3)->toBeNull()->and($fill->shortIn3())->toBeNull();
});

it('counts every enclosure but the supply', function () {
    $board = Files::board('database/demo/propagation-house/board.json');
    $boxes = (new FillCount($board, $board->edition))->boxes();

    expect(array_map(fn (BoxFill $box) => $box->enclosure->id, $boxes))->toBe(['B1', 'B2', 'L1'])
        ->and(CableType::find('na-14-2')?->size)->toBe('14');
});

it('has no box fill in Britain', function () {
    new FillCount(Files::board('database/demo/boat-store/board.json'), Editions::find('BS7671-2018'));
})->throws(NoBoxFill::class);
