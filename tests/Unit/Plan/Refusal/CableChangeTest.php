<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Chain as ChainFiles;
use Tests\Support\Files;
use Zwindle\Board\Board;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Refusal\CableChange;

const PROPAGATION_HOUSE = 'database/demo/propagation-house/board.json';

/**
 * @param  array<string, mixed>  $board  a board file
 * @param  array<string, string>  $types  cable → type
 */
function retyped(array $board, array $types): Board
{
    return Build::board([
        ...$board,
        'cables' => array_map(fn (array $cable) => [...$cable, 'type' => $types[$cable['id']] ?? $cable['type']], $board['cables']),
    ]);
}

/** @return array<string, string> */
function changeFor(Board $board, ?string $scheme = null): array
{
    return array_map(fn (CableType $type) => $type->id, CableChange::of(Planner::plan($board, $scheme), $board, $scheme)->types);
}

it('names the cable that would do', function (string $path, array $types, ?string $scheme, array $change) {
    expect(changeFor(retyped(json_decode(Files::text($path), true), $types), $scheme))->toBe($change);
})->with([
    'nothing is short' => [PROPAGATION_HOUSE, [], null, []],
    'travelers on two cores' => [PROPAGATION_HOUSE, ['W2' => 'na-14-2'], null, ['W2' => 'na-14-3']],
    'another scheme needs more' => [PROPAGATION_HOUSE, [], 'common-link', ['W2' => 'na-14-4']],
    'no cable makes it a dead-end' => [PROPAGATION_HOUSE, [], 'dead-end', []],
    'a neutral in a British three-core is sleeved blue' => ['database/demo/boat-store/board.json', ['W1' => 'gb-1.5-3ce'], null, []],
]);

it('changes two cables where one is not enough, and all that are short past its limit', function (int $switches, array $short) {
    $types = array_fill_keys($short, 'na-14-2');

    expect(changeFor(retyped(ChainFiles::files($switches)[0], $types)))->toBe(array_fill_keys($short, 'na-14-3'));
})->with([
    'two of four' => [4, ['W1', 'W3']],
    'three of six' => [6, ['W1', 'W3', 'W5']],
]);

it('never changes more cables than must be, nor to more cores', function () {
    $board = json_decode(Files::text(PROPAGATION_HOUSE), true);
    $cores = ['na-14-2' => 2, 'na-14-3' => 3, 'na-14-4' => 4];
    $all = [];
    foreach (array_keys($cores) as $one) {
        foreach (array_keys($cores) as $two) {
            foreach (array_keys($cores) as $three) {
                $all[] = ['W1' => $one, 'W2' => $two, 'W3' => $three];
            }
        }
    }
    $works = array_filter($all, fn (array $types) => Planner::plan(retyped($board, $types))->plans !== []);
    $asked = 0;
    foreach (array_udiff($all, $works, fn (array $one, array $other) => $one <=> $other) as $types) {
        $change = changeFor(retyped($board, $types));
        $least = min(array_map(function (array $other) use ($types, $cores): array {
            $changed = array_diff_assoc($other, $types);

            return [count($changed), array_sum(array_map(fn (string $type) => $cores[$type], $changed))];
        }, $works));

        expect([count($change), array_sum(array_map(fn (string $type) => $cores[$type], $change))])->toBe($least);
        $asked++;
    }
    expect($asked)->toBeGreaterThan(5);
});
