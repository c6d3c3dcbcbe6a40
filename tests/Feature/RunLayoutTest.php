<?php

declare(strict_types=1);

use App\Paper\Route;
use App\Paper\RunLayout;
use Tests\Support\Files;

it('draws runs on paper as the browser draws them', function (array $case) {
    $found = array_map(fn (Route $route) => [
        'id' => $route->id, 'points' => $route->points, 'middle' => $route->middle, 'isUpright' => $route->isUpright,
    ], (new RunLayout($case['places']))->routes($case['runs']));

    expect($found)->toEqual($case['routes']);
})->with(fn () => array_column(
    array_map(fn (array $case) => [$case['title'], [$case]], json_decode(Files::text('tests/Corpus/layout/runs.json'), true)),
    1,
    0,
));
