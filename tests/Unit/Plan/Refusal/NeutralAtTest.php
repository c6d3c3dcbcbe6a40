<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Practices\Colour;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Refusal\BoardChange;
use Zwindle\Plan\Refusal\CableChange;
use Zwindle\Plan\Refusal\NeutralAnswer;
use Zwindle\Plan\Refusal\NeutralAt;

/** @return array<string, array{NeutralAnswer, array<string, mixed>}> */
function neutralsOf(string $path): array
{
    $answers = [];
    foreach (NeutralAt::everySwitchBox(Files::board($path)) as $at) {
        $answers[$at->enclosure] = [$at->answer, changeArray($at->change)];
    }

    return $answers;
}

/** @return array<string, mixed> */
function changeArray(BoardChange $change): array
{
    $ids = fn (array $types) => array_map(fn (CableType $type) => $type->id, $types);
    $colours = fn (array $singles) => array_map(fn (array $own) => array_map(fn (Colour $colour) => $colour->value, $own), $singles);

    return array_filter(['instead' => $ids($change->types), 'beside' => $ids($change->beside), 'singles' => $colours($change->singles)]);
}

it('says for each switch box whether a neutral is there, or which cable would bring one', function (string $path, array $answers) {
    expect(neutralsOf($path))->toBe($answers);
})->with([
    'feed-through: the white passes both boxes' => ['database/demo/propagation-house/board.json', [
        'B1' => [NeutralAnswer::There, []],
        'B2' => [NeutralAnswer::There, []],
    ]],
    'dead-end: the white of the 14/3 is the line' => ['database/demo/seed-store/board.json', [
        'B1' => [NeutralAnswer::There, []],
        'B2' => [NeutralAnswer::OtherCable, ['instead' => ['W3' => 'na-14-4']]],
    ]],
    'switch loop of three cores: a spare white' => ['database/demo/tool-locker/board.json', ['B1' => [NeutralAnswer::There, []]]],
    'British switch drop: a core of a three-core is sleeved blue' => [
        'database/demo/boat-store/board.json',
        ['K1' => [NeutralAnswer::OtherCable, ['instead' => ['W2' => 'gb-1.5-3ce']]]],
    ],
    'singles: one more from the feed, or from the lamp' => ['tests/Corpus/right/five-switches-in-singles/board.json', [
        'K1' => [NeutralAnswer::OtherCable, ['singles' => ['FL' => ['blue']]]],
        'K2' => [NeutralAnswer::OtherCable, ['singles' => ['FL' => ['blue'], 'A1' => ['blue']]]],
        'K3' => [NeutralAnswer::OtherCable, ['singles' => ['A3' => ['blue'], 'A4' => ['blue'], 'SL' => ['blue']]]],
        'K4' => [NeutralAnswer::OtherCable, ['singles' => ['A4' => ['blue'], 'SL' => ['blue']]]],
        'K5' => [NeutralAnswer::OtherCable, ['singles' => ['SL' => ['blue']]]],
    ]],
]);

it('finds the neutral by another plan where the preferred one leaves it out', function () {
    // Three cores to a switch fed at the light, by an edition that asks for no neutral: black down, red back, the white to spare.
    $array = json_decode(Files::text('database/demo/tool-locker/board.json'), true);
    [$at] = NeutralAt::everySwitchBox(Build::board([...$array, 'code' => 'NEC-2008']));

    expect($at->answer)->toBe(NeutralAnswer::OtherPlan)->and($at->change->isNone())->toBeTrue();
});

it('makes a board that can be wired so by every change that it names', function (string $path, string $box) {
    $board = Files::board($path);
    $wanting = $board->with([], $board->requirements->withNeutralIn($box));
    $change = CableChange::of(Planner::plan($wanting), $wanting);
    $plan = Planner::plan($wanting->withCables($change->types))->plans[0] ?? null;
    $roles = array_map(
        fn ($core) => $plan?->result->evidence->roles->at($core->endIn($box))[0]->value,
        array_merge(...array_map(fn ($cable) => array_values($cable->cores), $plan?->wiring->board->cablesIn($box) ?? [[]])),
    );

    expect($change->isNone())->toBeFalse()->and($roles)->toContain('neutral');
})->with([['database/demo/seed-store/board.json', 'B2']]);

it('draws a single into a conduit that is short of one, and no more', function (string $gone, array $change) {
    $array = json_decode(Files::text('tests/Corpus/right/five-switches-in-singles/board.json'), true);
    $board = Build::board([
        ...$array,
        'cables' => array_values(array_filter($array['cables'], fn (array $cable) => $cable['id'] !== $gone)),
    ]);
    $planning = Planner::plan($board);

    expect($planning->plans)->toBe([])->and(changeArray(CableChange::of($planning, $board)))->toBe($change);
})->with(fn () => [
    'a strapper' => ['A1', ['singles' => ['B1' => ['brown']]]],
]);

it('has no answer for a board that cannot be wired', function () {
    $array = json_decode(str_replace('"na-14-3"', '"na-14-2"', Files::text('database/demo/propagation-house/board.json')), true);

    expect(NeutralAt::everySwitchBox(Build::board($array)))->toBe([]);
});
