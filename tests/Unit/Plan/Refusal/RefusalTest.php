<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Zwindle\Board\Board;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Refusal\Alternative;
use Zwindle\Plan\Refusal\AskedBy;
use Zwindle\Plan\Refusal\Refusal;
use Zwindle\Plan\Shortage;

/**
 * A light in the middle with a three-way to either side, each on a cable of its own.
 *
 * @param  array<string, mixed>  $change  laid over the board
 */
function star(string $type = 'na-14-3', array $change = []): Board
{
    return Build::board([
        'format' => 'zwindle-board', 'version' => 1, 'title' => 'Light in the middle', 'practice' => 'na', 'code' => 'NEC-2023',
        'enclosures' => [
            ['id' => 'SRC', 'kind' => 'supply', 'label' => 'Panel'],
            ['id' => 'L1', 'kind' => 'light-box', 'label' => 'Light', 'material' => 'plastic'],
            ['id' => 'B1', 'kind' => 'switch-box', 'label' => 'Left', 'material' => 'plastic'],
            ['id' => 'B2', 'kind' => 'switch-box', 'label' => 'Right', 'material' => 'plastic'],
        ],
        'devices' => [
            ['id' => 'PS', 'in' => 'SRC', 'model' => 'na-supply', 'breakerA' => 15],
            ['id' => 'S1', 'in' => 'B1', 'model' => 'na-switch-3way'],
            ['id' => 'S2', 'in' => 'B2', 'model' => 'na-switch-3way'], ['id' => 'LA', 'in' => 'L1', 'model' => 'na-lampholder'],
        ],
        'cables' => [
            ['id' => 'W1', 'type' => 'na-14-2', 'from' => 'SRC', 'to' => 'L1'],
            ['id' => 'W2', 'type' => $type, 'from' => 'L1', 'to' => 'B1'],
            ['id' => 'W3', 'type' => $type, 'from' => 'L1', 'to' => 'B2'],
        ],
        'controls' => [['lamps' => ['LA'], 'switches' => ['S1', 'S2']]], 'alwaysOn' => [], ...$change,
    ]);
}

/** @return list<string> */
function waysOf(Board $board, ?string $scheme = null): array
{
    return array_map(fn (Alternative $way) => $way->kind->value, Refusal::of(Planner::plan($board, $scheme), $board, $scheme)->ways);
}

it('names the rule that asks for the missing core, and everything that would do', function (Board $board, ?AskedBy $askedBy, array $ways) {
    expect(Refusal::of(Planner::plan($board), $board)->askedBy)->toBe($askedBy)->and(waysOf($board))->toBe($ways);
})->with([
    'the code asks for a neutral' => [fn () => star(), AskedBy::NeutralByCode, ['cables', 'no-neutral', 'edition']],
    'the board asks for one in every box' => [
        fn () => star(change: ['code' => 'NEC-2008', 'requirements' => ['scheme' => 'any', 'neutralAtSwitches' => 'every']]),
        AskedBy::NeutralByBoard,
        ['cables', 'no-neutral'],
    ],
    'short whatever is asked' => [fn () => star('na-14-2'), null, ['cables']],
    'the scheme is insisted on' => [
        fn () => star('na-14-4', ['requirements' => ['scheme' => 'dead-end', 'neutralAtSwitches' => 'by-code']]),
        AskedBy::Scheme,
        ['any-scheme'],
    ],
    'it can be wired' => [fn () => star('na-14-4'), null, []],
]);

it('names ways out that work', function () {
    $board = star();
    foreach (Refusal::of(Planner::plan($board), $board)->ways as $way) {
        $changed = match ($way->kind->value) {
            'cables' => $board->withCables($way->cables->types),
            'no-neutral' => star(change: ['requirements' => ['scheme' => 'any', 'neutralAtSwitches' => 'none']]),
            default => star(change: ['code' => $way->edition?->id]),
        };
        expect(Planner::plan($changed)->plans)->not->toBe([]);
    }
});

it('goes by the edition: 2014 asks for none where several switches serve a light, 2017 for one', function (string $code, bool $canBe) {
    expect(Planner::plan(star(change: ['code' => $code]))->plans !== [])->toBe($canBe);
})->with([
    // trade-facts section 5 (memory)
    ['NEC-2008', true], ['NEC-2011', false], ['NEC-2014', true], ['NEC-2017', false], ['NEC-2020', false], ['NEC-2023', false],
]);

it('counts no white single as a line conductor, and says so', function () {
    // NEC 200.7(C) (memory): only a core of a cable may be re-identified.
    $array = json_decode(Files::text('tests/Corpus/findings/white-single-as-line/board.json'), true);
    $array['cables'] = array_values(array_filter($array['cables'], fn (array $cable) => $cable['id'] !== 'C4'));
    $planning = Planner::plan(Build::board($array));
    $short = array_values(array_filter($planning->shortages, fn (Shortage $shortage) => $shortage->cable === 'C5'))[0];

    expect($planning->plans)->toBe([])->and([$short->has, $short->needs, $short->neverLine])->toBe([2, 2, 2])
        ->and(Planner::plan(Files::board('tests/Corpus/findings/white-single-as-line/board.json'))->plans)->not->toBe([]);
});
