<?php

declare(strict_types=1);

use App\Paper\OpenBox\BoxLayout;
use App\Paper\OpenBox\Conductors;
use App\Paper\OpenBox\Connector;
use App\Paper\OpenBox\Slot;
use App\Paper\OpenBox\Spots;
use Tests\Support\Files;

/** @return list<float> */
function numbersOfPath(string $d): array
{
    preg_match_all('/-?[\d.]+/', $d, $found);

    return array_map(floatval(...), $found[0]);
}

/**
 * Where two lists of numbers differ by more than rounding.
 *
 * @param  list<float>  $one
 * @param  list<float>  $other
 */
function areNear(array $one, array $other): bool
{
    return count($one) === count($other)
        && array_filter(array_map(fn (float $a, float $b) => abs($a - $b) > 0.11, $one, $other)) === [];
}

it('lays an opened box out as the bench draws it', function (array $case) {
    $look = json_decode(Files::text('tests/Corpus/bench/looks.json'), true)[$case['board']];
    $box = array_column($look['enclosures'], null, 'id')[$case['box']];
    $connectors = array_values(array_filter($case['joints'], fn (array $joint) => $joint['by'] !== 'terminal'));
    $layout = BoxLayout::of(
        $box,
        $look['cables'],
        Spots::of($look['enclosures']),
        fn (string $id) => $id,
        'conduit',
        array_map(fn (array $joint) => Connector::sized(
            $joint['points'],
            $joint['by'],
            $joint['ports'],
            str_replace('-', ' ', $joint['by']),
        ), $connectors),
    );
    $frame = $layout->frame;
    $drawn = new Conductors($layout, array_column($case['joints'], 'points'), $case['caps'], array_column($look['marks'], 'colour', 'as'));
    $paths = [];
    foreach ($drawn->drawn($box['ends']) as $conductor) {
        $paths[$conductor->id] = numbersOfPath($conductor->path.$conductor->tip);
    }

    expect(areNear([$frame->left, $frame->right, $frame->top, $frame->bottom, $frame->width, $frame->height], $case['frame']))->toBeTrue()
        ->and(array_keys($layout->slots))->toBe(array_keys($case['slots']))
        ->and(array_filter($layout->slots, fn (Slot $slot, string $id) => ! areNear([$slot->x, $slot->y], $case['slots'][$id]), 1))->toBe([])
        ->and(areNear(
            array_merge(...array_map(fn (Connector $at) => [$at->x, $at->y], $layout->connectors), ...[[]]),
            array_merge(...$case['connectors'], ...[[]]),
        ))->toBeTrue()
        ->and(array_keys($paths))->toBe(array_keys($case['conductors']))
        ->and(array_keys(array_filter($paths, fn (array $path, string $id) => ! areNear($path, $case['conductors'][$id]), 1)))->toBe([]);
})->with(array_map(
    fn (array $case) => [$case],
    json_decode(Files::text('tests/Corpus/layout/boxes.json'), true),
));
