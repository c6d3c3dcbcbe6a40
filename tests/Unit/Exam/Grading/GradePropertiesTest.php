<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\RandomWiring;
use Tests\Support\Share;
use Zwindle\Bench\Bench;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Check\Result;
use Zwindle\Exam\Grading\Grade;
use Zwindle\Exam\Grading\GradeLine;
use Zwindle\Exam\Grading\GradePart;
use Zwindle\Exam\Grading\Grader;
use Zwindle\Exam\Grading\GradingScheme;
use Zwindle\Exam\Grading\MistakeDistance;
use Zwindle\Exam\Task\RulesInForce;
use Zwindle\Format\Read\GradingSchemeReader;
use Zwindle\Plan\Planner;
use Zwindle\Problem\Problems;
use Zwindle\Repair\Mistake\Mistakes;
use Zwindle\Repair\Mistake\OddButRight;

// Not for every save.
pest()->group('long');

/** @return array<string, array{string}> every board of the demo and every pattern */
function markedBoards(): array
{
    $paths = [...(glob(Files::path('database/patterns/*.board.json')) ?: []), ...(glob(Files::path('database/demo/*/board.json')) ?: [])];

    return array_combine(
        $paths = array_map(fn (string $path) => substr($path, strlen(Files::path(''))), $paths),
        array_map(fn (string $path) => [$path], $paths),
    );
}

function house(): GradingScheme
{
    static $house = null;

    return $house ??= GradingSchemeReader::read(Files::text('database/markings/wiring.marking.json'), new Problems)
        ?? throw new RuntimeException('no house marking');
}

function judgedOf(Wiring $wiring): Result
{
    return (new RulesInForce)->judge(Checker::check($wiring));
}

/** By the house's marking with every observation seen, so that nothing waits for the eye. */
function gradeOf(Result $judged, int $stood = 0): Grade
{
    $seen = array_fill_keys(array_map(fn ($one) => $one->id, house()->workmanship), true);

    return (new Grader(house(), MistakeDistance::of($judged), $seen, 1.0, 10.0, $stood))->ofWiring($judged);
}

function soundness(Grade $grade): void
{
    $of = array_sum(array_map(fn (GradeLine $line) => $line->of, $grade->lines));
    $got = array_sum(array_map(fn (GradeLine $line) => $line->got ?? 0.0, $grade->lines));
    $outside = array_filter(
        $grade->lines,
        fn (GradeLine $line) => $line->got !== null && ($line->got < 0 || $line->got > $line->of || fmod(2 * $line->got, 1.0) !== 0.0),
    );

    expect($of)->toBe($grade->total)->and($grade->got())->toEqual($got)->and($outside)->toBe([]);
}

it('gives everything to a right wiring and less to every usual mistake, in half points that add up', function (string $board) {
    $right = Planner::plan(Files::board($board))->plans[0]->wiring;
    $whole = gradeOf(judgedOf($right));
    soundness($whole);
    expect($whole->got())->toEqual($whole->total)->and($whole->passes())->toBeTrue();
    $free = [];
    foreach (Mistakes::ofHandOn($right) as $mistake) {
        $judged = judgedOf($mistake->madeOn($right));
        $grade = gradeOf($judged);
        soundness($grade);
        // A failing board never earns all, and never passes.
        expect($judged->verdict === Verdict::Fail && ($grade->got() >= $whole->got() || $grade->passes()))->toBeFalse($mistake->id());
        $free = $grade->got() >= $whole->got() ? [...$free, $mistake->kind->value] : $free;
    }

    // What costs nothing is what the rules only note, the leads of a luminaire, a neutral that nothing needed, and an earth that a
    // second cable between the same boxes brings too.
    $pairs = array_map(fn ($cable) => implode(' ', [$cable->from, $cable->to]), $right->board->cables);
    $harmless = ['line-and-neutral-exchanged', 'neutral-open', ...count(array_unique($pairs)) < count($pairs) ? ['earth-off'] : []];
    expect(array_values(array_diff(array_unique($free), $harmless)))->toBe([]);
})->with(markedBoards());

it('takes nothing from a right wiring that looks odd', function (string $board) {
    $right = Planner::plan(Files::board($board))->plans[0]->wiring;
    foreach (OddButRight::on($right) as $odd) {
        $grade = gradeOf(judgedOf($odd->wiring));

        expect($grade->got())->toEqual($grade->total, $odd->change->value)->and($grade->passes())->toBeTrue();
    }
})->with(markedBoards());

it('gives a bare board nothing but what the eye and the clock give', function (string $board) {
    $bare = Bench::bare(Planner::plan(Files::board($board))->plans[0]->wiring->board)->wiring();
    $grade = gradeOf(judgedOf($bare));
    soundness($grade);
    $earned = array_filter(
        $grade->lines,
        fn (GradeLine $line) => ($line->got ?? 0.0) > 0 && ! in_array($line->part, [GradePart::Workmanship, GradePart::Time], true),
    );

    expect($earned)->toBe([])->and($grade->passes())->toBeFalse();
})->with(markedBoards());

it('marks whatever was thrown together, and the same twice', function () {
    $random = new RandomWiring(seed: 77);
    foreach (['propagation-house', 'packing-barn', 'boat-store', 'three-sheds'] as $slug) {
        $right = Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/right.wiring.json");
        foreach (Share::of(12, least: 4, seconds: 1.0) as $i) {
            $wiring = $i % 2 === 0 ? $random->spoil($right) : $random->throwTogether($right->board);
            $grade = gradeOf(judgedOf($wiring));
            soundness($grade);
            expect(gradeOf(judgedOf($wiring))->got())->toEqual($grade->got());
        }
    }
});

it('counts from what stood already', function () {
    $right = Planner::plan(Files::board('database/patterns/na-03-three-way-feed-through.board.json'))->plans[0]->wiring;
    $half = Wiring::of($right->board, array_slice($right->joints, 0, intdiv(count($right->joints), 2)));
    $stood = $half->placed();
    $kept = fn (Grade $grade) => array_sum(array_map(
        fn (GradeLine $line) => $line->part === GradePart::Rule ? $line->got : 0.0,
        $grade->lines,
    ));

    expect($stood)->toBeGreaterThan(3)
        ->and($kept(gradeOf(judgedOf($half), $stood)))->toEqual(0)
        ->and($kept(gradeOf(judgedOf($half))))->toBeGreaterThan(0)
        ->and($kept(gradeOf(judgedOf($right), $stood)))->toEqual($kept(gradeOf(judgedOf($right))))
        // What was taken off again earns no less than nothing.
        ->and($kept(gradeOf(judgedOf(Wiring::bare($right->board)), $stood)))->toEqual(0);
});
