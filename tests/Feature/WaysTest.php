<?php

declare(strict_types=1);

use App\Paper\Layout\BoxShape;
use App\Paper\Layout\LaidRun;
use App\Paper\Layout\Lanes;
use App\Paper\Layout\Way;
use App\Paper\Layout\Ways;
use Tests\Support\Files;

it('lays runs on paper as the browser lays them', function (array $case) {
    $boxes = array_map(
        fn (array $box) => new BoxShape($box['id'], (float) $box['at'][0], (float) $box['at'][1], $box['halfWidth'], $box['halfHeight']),
        $case['boxes'],
    );
    $runs = array_map(fn (array $run) => new LaidRun($run['id'], $run['from'], $run['to'], $run['width']), $case['runs']);
    $ways = Ways::of($runs, $boxes, new Lanes(...$case['lanes']));

    expect(array_map(fn (Way $way) => [$way->run->id, $way->points], $ways))->toEqual($case['ways']);
})->with(fn () => array_column(
    array_map(fn (array $case) => [$case['title'], [$case]], json_decode(Files::text('tests/Corpus/layout/ways.json'), true)),
    1,
    0,
));
