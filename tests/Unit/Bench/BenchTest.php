<?php

declare(strict_types=1);

use Tests\Support\Files;
use Zwindle\Bench\Bench;
use Zwindle\Bench\BenchJoint;
use Zwindle\Bench\MalformedStep;
use Zwindle\Bench\PlaceMap;
use Zwindle\Bench\Step;
use Zwindle\Bench\StepDoesNotFit;
use Zwindle\Bench\StepLog;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Format\Read\StepReader;

/** The same cases are run by the browser's bench in resources/js/shared/bench/bench.test.ts. */
it('does as the browser does', function (array $case) {
    $log = StepLog::on(Files::board("database/demo/{$case['board']}/board.json"));
    $refused = null;
    foreach ($case['steps'] as $i => $step) {
        try {
            $log->add(Step::of($step));
        } catch (StepDoesNotFit $misfit) {
            $refused = [$i, $misfit->getMessage()];
        }
    }
    $bench = $log->bench();

    expect($refused)->toBe($case['refused'])
        ->and(array_map(fn (BenchJoint $joint) => [
            'by' => $joint->by->value,
            'ports' => $joint->ports,
            'points' => $joint->points,
        ], $bench->joints))->toBe($case['joints'])
        ->and($bench->caps)->toBe($case['caps'])
        ->and(array_map(fn (MarkedAs $mark) => $mark->value, $bench->marks))->toBe($case['marks']);
})->with(fn () => array_column(
    array_map(
        fn (array $case) => ['title' => $case['title'], 'case' => [$case]],
        json_decode(Files::text('tests/Corpus/bench/cases.json'), true),
    ),
    'case',
    'title',
));

/** The bench fits no other parts and overfills no connector. */
function canBeMadeAtTheBench(Wiring $wiring): bool
{
    return $wiring->fitted === []
        && array_filter($wiring->joints, fn (Joint $joint) => count($joint->points) > ($joint->ports ?? PHP_INT_MAX)) === [];
}

it('comes to the wiring that the steps describe', function (string $board, string $wiring) {
    $expected = Files::wiring($board, $wiring);
    $steps = array_map(Step::of(...), Zwindle\Bench\WiringAsSteps::of($expected));
    $wired = StepLog::replay($expected->board, $steps)->bench()->wiring();
    $joints = fn ($wiring) => collect($wiring->joints)->map(fn ($joint) => collect($joint->points)->sort()->implode(' '))
        ->sort()
        ->values()
        ->all();

    expect($joints($wired))->toBe($joints($expected))
        ->and($wired->caps)->toBe($expected->caps)
        ->and($wired->marks)->toEqual($expected->marks);
})->with(array_filter(Files::everyWiring(), fn (array $pair) => canBeMadeAtTheBench(Files::wiring(...$pair))));

it('counts ends and leads that are placed', function () {
    $wiring = Files::wiring('database/demo/boat-store/board.json', 'database/demo/boat-store/right.wiring.json');
    $steps = array_map(Step::of(...), Zwindle\Bench\WiringAsSteps::of($wiring));

    // Two cables of three cores with two ends each, and the two leads of the pendant.
    expect(Bench::bare($wiring->board)->wiring()->placed())->toBe(0)
        ->and(StepLog::replay($wiring->board, $steps)->bench()->wiring()->placed())->toBe(14);
});

it('names terminals by place and never by what they are', function (string $path) {
    $board = Files::board($path);
    $look = json_encode(Zwindle\Bench\Look::of($board));
    $map = new PlaceMap($board);

    foreach ($board->points() as $point) {
        expect($map->pointAt($map->placeOf($point->id)))->toBe($point->id);
    }
    expect($look)->not->toContain('common')->not
        ->toContain('"t1"')->not
        ->toContain('.a1')->not
        ->toContain('switch-3way')->not
        ->toContain('model');
})->with(Files::demoBoards());

it('refuses a step that cannot be read', function (array $json, string $field) {
    expect(fn () => StepReader::read($json))->toThrow(MalformedStep::class, $field);
})->with([
    'nothing' => [[], 'do'],
    'an unknown kind' => [['do' => 'solder', 'points' => ['A']], 'do'],
    'no points' => [['do' => 'land', 'on' => 'S1#1'], 'points'],
    'points that are no list' => [['do' => 'land', 'points' => ['x' => 'A'], 'on' => 'S1#1'], 'points'],
    'a point that is no text' => [['do' => 'take', 'points' => [1]], 'points'],
    'too many points' => [['do' => 'take', 'points' => array_fill(0, 61, 'A')], 'points'],
    'points in an undo' => [['do' => 'undo', 'points' => ['A']], 'points'],
    'a connector that is a terminal' => [['do' => 'gather', 'points' => ['A', 'B'], 'by' => 'terminal'], 'by'],
    'ports that are no number' => [['do' => 'gather', 'points' => ['A', 'B'], 'by' => 'lever', 'ports' => 'many'], 'ports'],
    'a mark that says nothing' => [['do' => 'mark', 'points' => ['A'], 'as' => 'phase'], 'as'],
    'nowhere to land' => [['do' => 'land', 'points' => ['A']], 'on'],
]);
