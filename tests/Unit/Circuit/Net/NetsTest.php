<?php

declare(strict_types=1);

use Tests\Support\Files;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Net\DisjointSets;
use Zwindle\Circuit\Net\Nets;

it('joins sets and names each by its smallest member', function () {
    $sets = DisjointSets::of(6);
    $sets->join(5, 3);
    $sets->join(1, 5);
    $sets->join(0, 2);

    expect(array_map($sets->find(...), range(0, 5)))->toBe([0, 1, 0, 1, 4, 1]);
});

it('makes one net of a core\'s two ends and of a joint\'s points', function () {
    $nets = Nets::of(Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json'));

    expect($nets->at('PS.neutral'))->toBe($nets->at('LA.neutral'))
        ->and($nets->at('PS.line'))->toBe($nets->at('S1.common'))
        ->and($nets->at('S1.t1'))->toBe($nets->at('S2.t1'))
        ->and($nets->at('S1.t1'))->not->toBe($nets->at('S1.t2'))
        ->and($nets->at('S2.common'))->toBe($nets->at('LA.hot'))
        ->and($nets->count())->toBe(6);
});

it('keeps every core of a bare board a net of its own', function () {
    $board = Files::board('database/demo/propagation-house/board.json');
    $nets = Nets::of(Wiring::bare($board));
    $cores = array_sum(array_map(fn ($cable) => count($cable->cores), $board->cables));

    // One net a core, and one for each terminal and enclosure earth.
    expect($nets->count())->toBe(count($board->points()) - $cores);
});

it('counts states with the first switch slowest and all up first', function () {
    $circuit = Circuit::of(Files::wiring('database/demo/packing-barn/board.json', 'database/demo/packing-barn/right.wiring.json'));
    $positions = fn (int $state) => array_map(fn (int $i) => $circuit->isDown($i, $state) ? 'd' : 'u', array_keys($circuit->switches));

    expect($circuit->stateCount())->toBe(8)
        ->and(implode('', $positions(0)))->toBe('uuu')
        ->and(implode('', $positions(1)))->toBe('uud')
        ->and(implode('', $positions(6)))->toBe('ddu')
        ->and($circuit->bitOf(0))->toBe(4);
});

it('closes the contacts of a state and no others', function () {
    $circuit = Circuit::of(Files::wiring('database/demo/packing-barn/board.json', 'database/demo/packing-barn/right.wiring.json'));
    $one = fn (
        string $a,
        string $b,
        int $state,
    ) => $circuit->nodesIn($state)[$circuit->nets->at($a)] === $circuit->nodesIn($state)[$circuit->nets->at($b)];

    expect($one('S2.a1', 'S2.b1', 0))->toBeTrue()
        ->and($one('S2.a1', 'S2.b2', 0))->toBeFalse()
        ->and($one('S2.a1', 'S2.b2', 2))->toBeTrue()
        ->and($one('S2.a1', 'S2.b1', 2))->toBeFalse();
});
