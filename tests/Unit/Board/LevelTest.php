<?php

declare(strict_types=1);

use Zwindle\Board\Level;

it('puts boards in the order in which they are taught', function (array $holds, int $level) {
    expect(Level::ofParts($holds)->value)->toBe($level);
})->with([
    'one switch, one light' => [['supply', 'one-pole', 'lamp'], 1],
    'two switches, each with its own light' => [['supply', 'one-pole', 'lamp', 'one-pole', 'lamp'], 1],
    'three of them in a plate' => [['one-pole', 'lamp', 'one-pole', 'lamp', 'one-pole', 'lamp'], 1],
    'one light from two places' => [['three-way', 'three-way', 'lamp'], 2],
    'one light from three places' => [['three-way', 'four-way', 'three-way', 'lamp'], 3],
    'two lights from two places' => [['three-way', 'three-way', 'lamp', 'lamp'], 4],
    'a bare wall' => [[], 1],
]);
