<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\StandingBoard;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Survey;
use Zwindle\Diagnosis\Diagnosis;
use Zwindle\Diagnosis\Likelihood;
use Zwindle\Diagnosis\Mending;
use Zwindle\Diagnosis\NextTest;
use Zwindle\Diagnosis\Seen;
use Zwindle\Diagnosis\SeenState;
use Zwindle\Diagnosis\Suspect;
use Zwindle\Format\Read\SeenReader;
use Zwindle\Plan\Planner;
use Zwindle\Problem\Problem;
use Zwindle\Problem\Problems;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Mistake\Mistakes;
use Zwindle\Repair\Move\Mover;

function meantOf(string $slug): Wiring
{
    return Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/right.wiring.json");
}

/** @return list<Suspect> every single usual mistake */
function spoiled(string $slug): array
{
    $right = meantOf($slug);
    $mistakes = Mistakes::on($right);

    return array_map(fn (int $i, Mistake $mistake) => new Suspect($right, [$i => $mistake]), array_keys($mistakes), $mistakes);
}

it('lists the true one, whichever way the switches hang, and finds what can be told apart', function (string $slug) {
    // Every second one: timings/diagnose.php walks through all of them.
    foreach (array_filter(spoiled($slug), fn (int $k) => $k % 2 === 0, ARRAY_FILTER_USE_KEY) as $k => $truth) {
        $bits = $truth->reversible();
        $turned = array_sum(array_filter($bits, fn (int $i) => ($k >> $i & 1) === 1, ARRAY_FILTER_USE_KEY));
        $found = (new StandingBoard($truth, (int) $turned))->findOut(meantOf($slug));
        $id = array_values($truth->mistakes)[0]->id();

        expect($found['isListed'])->toBeTrue("$slug: $id");
        if (! array_values($truth->mistakes)[0]->kind->isHidden() && ! Suspect::isLoose(array_values($truth->mistakes)[0])) {
            expect($found['diagnosis']->fits)->toBeLessThanOrEqual(2, "$slug: $id");
        }
    }
})->with(['propagation-house', 'boat-store']);

it('takes a mistake back with the moves that it gives', function (string $slug) {
    $right = (new Survey(Circuit::of(meantOf($slug))))->truthTable;
    foreach (spoiled($slug) as $truth) {
        $mistake = array_values($truth->mistakes)[0];
        if ($mistake->fault !== null || $mistake->kind === MistakeKind::CoreOpen || Suspect::isLoose($mistake)) {
            continue;
        }
        $mended = Mover::make($truth->look(), Mending::of($truth));
        $joints = fn (Wiring $wiring): array => array_map(function ($joint): string {
            $points = $joint->points;
            sort($points);

            return implode(' ', $points);
        }, $wiring->joints);

        expect((new Survey(Circuit::of($mended)))->truthTable->lamps)->toBe($right->lamps, $mistake->id())
            ->and($joints($mended))->toEqualCanonicalizing($joints(meantOf($slug)));
    }
})->with(['propagation-house', 'packing-barn', 'boat-store', 'towpath-workshop', 'seed-store']);

it('leads "works from one switch only" to one screw in two looks', function () {
    $right = meantOf('propagation-house');
    $exchanged = array_values(array_filter(
        spoiled('propagation-house'),
        fn (Suspect $one) => array_values($one->mistakes)[0]->kind === MistakeKind::CommonExchanged,
    ));
    foreach ($exchanged as $truth) {
        $found = (new StandingBoard($truth, 0))->findOut($right);
        expect($found['looks'])->toBeLessThanOrEqual(2)->and($found['diagnosis']->fits)->toBe(1);
    }
});

it('says which entry contradicts an earlier one, and looks no further', function () {
    $seen = new Seen(
        null, [],
        [new SeenState(0, ['LA' => 'on'], null), new SeenState(1, ['LA' => 'off'], null), new SeenState(0, ['LA' => 'off'], null)],
        [['point' => 'S1.common', 'with' => ['W1.black@B1']], ['point' => 'W1.black@B1', 'with' => []]],
        [['point' => 'S1.t1', 'live' => true], ['point' => 'S1.t1', 'live' => false]],
        [],
    );
    $diagnosis = Diagnosis::of([meantOf('propagation-house')], $seen);

    expect($diagnosis->contradictions)->toBe(['/states/2', '/looks/1', '/probes/1'])->and($diagnosis->suspects)->toBe([]);
});

it('takes a flicker for a loose screw, a switch that hangs either way, and a board that may be right', function () {
    $right = meantOf('propagation-house');
    $table = (new Survey(Circuit::of($right)))->truthTable->lamps['LA'];
    $states = [];
    foreach (str_split($table) as $state => $letter) {
        $states[] = new SeenState($state, ['LA' => $letter === '1' ? 'flickers' : 'off'], null);
    }
    $found = Diagnosis::of([$right], new Seen(null, [], $states, [], [], []));
    $kinds = array_map(fn (Suspect $one) => array_values($one->mistakes)[0]->kind, $found->suspects);
    expect($kinds)->not->toBe([])->and(array_unique($kinds, SORT_REGULAR))->toBe([MistakeKind::LooseTerminal]);

    // Both switches hung the other way round: nothing is wrong.
    $turned = array_map(fn (int $state) => new SeenState($state, ['LA' => $table[$state ^ 1] === '1' ? 'on' : 'off'], null), range(0, 3));
    expect(Diagnosis::of([$right], new Seen(null, [], $turned, [], [], []))->mayBeRight)->toBeTrue();
});

it('finds two mistakes where no single one fits, and the nearest where nothing does', function () {
    $right = meantOf('propagation-house');
    $mistakes = Mistakes::on($right);
    $two = [];
    foreach ($mistakes as $i => $mistake) {
        if (in_array($mistake->id(), ['common-and-traveller-exchanged S1.common S1.t1', 'common-and-traveller-exchanged S2.common S2.t2'], true)) {
            $two[$i] = $mistake;
        }
    }
    expect($two)->toHaveCount(2);
    $truth = new Suspect($right, $two);
    $board = (new StandingBoard($truth, 0))->tellAll();
    foreach (['S1.common', 'S2.common', 'S1.t1', 'S2.t2'] as $point) {
        $board->answer(NextTest::look($point));
    }
    $found = Diagnosis::of([$right], $board->seen());
    expect($board->isListed($found))->toBeTrue()->and(count(array_values($found->suspects)[0]->mistakes))->toBe(2);

    $odd = array_map(fn (int $state) => new SeenState($state, ['LA' => 'dim'], 'none'), range(0, 3));
    $nothing = Diagnosis::of([$right], new Seen(null, [], $odd, [['point' => 'S1.common', 'with' => []]], [], [['device' => 'LA', 'good' => false]]));
    expect($nothing->fits)->toBe(0)->and($nothing->nearest)->toHaveCount(5)->and($nothing->nearest[0][1])->not->toBe([]);
});

it('learns from what a class confirmed, and forgets no kind', function () {
    $right = meantOf('propagation-house');
    $mistakes = Mistakes::on($right);
    $blown = new Suspect($right, array_filter($mistakes, fn (Mistake $mistake) => $mistake->kind === MistakeKind::LampBlown));
    $priors = new Likelihood([], $mistakes);
    $learned = new Likelihood(['lamp-blown' => 100.0], $mistakes);
    $pushed = new Likelihood(['core-open' => 1e6], $mistakes);

    expect(Likelihood::missing())->toBe([])
        ->and($learned->of($blown))->toBeGreaterThan(5 * $priors->of($blown))
        ->and($pushed->of($blown))->toEqualWithDelta($priors->of($blown) / 10, 1e-9);
});

it('learns where a class makes a mistake, and takes nothing from its other kinds', function () {
    $right = meantOf('propagation-house');
    $mistakes = Mistakes::on($right);
    $crossed = array_values(array_filter($mistakes, fn (Mistake $mistake) => $mistake->kind === MistakeKind::CommonExchanged));
    $priors = new Likelihood([], $mistakes);
    $learned = new Likelihood([Likelihood::place($crossed[0]) => 5.0, 'pair-split nowhere' => 9.0], $mistakes);
    $of = fn (Likelihood $likelihood, Mistake $mistake): float => $likelihood->of(new Suspect($right, [$mistake]));
    $sum = fn (Likelihood $likelihood): float => array_sum(array_map(fn (Mistake $one) => $of($likelihood, $one), $crossed));
    expect($of($learned, $crossed[0]))->toEqualWithDelta(6 * $of($learned, $crossed[1]), 1e-9)
        ->and($sum($learned))->toEqualWithDelta($sum($priors), 1e-9);
    foreach (array_filter($mistakes, fn (Mistake $mistake) => $mistake->kind !== MistakeKind::CommonExchanged) as $other) {
        expect($of($learned, $other))->toEqualWithDelta($of($priors, $other), 1e-12);
    }
});

it('asks for no flip once every combination is told, and for nothing when one repair mends all that are left', function () {
    foreach (array_slice(spoiled('packing-barn'), 0, 12) as $truth) {
        $board = (new StandingBoard($truth, 0))->tellAll();
        for ($i = 0; $i < 8; $i++) {
            $next = Diagnosis::of([meantOf('packing-barn')], $board->seen())->next;
            expect(array_filter($next, fn (NextTest $test) => $test->kind === 'flip'))->toBe([]);
            if ($next === []) {
                break;
            }
            $board->answer($next[0]);
        }
    }
    // With nothing told a flip comes first.
    $none = Diagnosis::of([meantOf('packing-barn')], new Seen(null, [], [], [], [], []));
    expect($none->next[0]->kind)->toBe('flip');
});

it('finds a line without its tape where looks tell of tape, and never asks for it where they do not', function (string $path) {
    $right = Planner::plan(Files::board($path))->plans[0]->wiring;
    $unmarked = array_filter(Mistakes::on($right), fn (Mistake $mistake) => $mistake->kind === MistakeKind::LineUnmarked);

    expect($unmarked)->not->toBe([]);
    foreach ($unmarked as $i => $mistake) {
        $truth = new Suspect($right, [$i => $mistake]);
        $told = (new StandingBoard($truth, 0, tellsTape: true))->findOut($right);
        $silent = (new StandingBoard($truth, 0))->findOut($right);
        expect($told['isFound'])->toBeTrue()->and($told['diagnosis']->fits)->toBe(1)
            ->and($silent['isFound'])->toBeFalse()->and($silent['diagnosis']->next)->toBe([]);
    }
})->with(['database/patterns/na-04-three-way-dead-end.board.json', 'database/patterns/gb-05-two-way-at-the-rose.board.json']);

it('refuses tape on what is no point of the board', function () {
    $problems = new Problems;
    $board = Files::board('database/patterns/na-04-three-way-dead-end.board.json');
    $look = ['point' => 'S1.common', 'with' => [], 'taped' => ['W9.white@B9']];
    $text = json_encode(['format' => 'zwindle-seen', 'version' => 1, 'tellsTape' => true, 'looks' => [$look]]);

    expect(SeenReader::read((string) $text, $board, $problems))->toBeNull()
        ->and(array_map(fn (Problem $problem) => $problem->pointer, $problems->all()))->toBe(['/looks/0/taped/0']);
});
