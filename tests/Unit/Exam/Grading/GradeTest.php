<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Zwindle\Bench\Step;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Check\Result;
use Zwindle\Exam\Grading\Attack;
use Zwindle\Exam\Grading\GradeLine;
use Zwindle\Exam\Grading\Grader;
use Zwindle\Exam\Grading\GradingScheme;
use Zwindle\Exam\Grading\MistakeDistance;
use Zwindle\Exam\Grading\Observation;
use Zwindle\Exam\Grading\OrderOfWork;
use Zwindle\Exam\Task\RulesInForce;
use Zwindle\Exam\Task\RuleWeight;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Exam\Task\TaskMode;
use Zwindle\Format\Read\GradingSchemeReader;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;
use Zwindle\Plan\PlanSteps;
use Zwindle\Plan\StepOrder;
use Zwindle\Problem\Problem;
use Zwindle\Problem\Problems;
use Zwindle\Repair\Move\Move;

function planned(string $slug = 'propagation-house'): Plan
{
    return Planner::plan(Files::board("database/demo/$slug/board.json"))->plans[0];
}

function judged(Wiring $wiring, RulesInForce $rules = new RulesInForce): Result
{
    return $rules->judge(Checker::check($wiring));
}

/** @return array<string, float|null> part and what it is for → what was earned */
function earned(Zwindle\Exam\Grading\Grade $grade): array
{
    return array_combine(
        array_map(fn (GradeLine $line) => trim("{$line->part->value} $line->what"), $grade->lines),
        array_map(fn (GradeLine $line) => $line->got, $grade->lines),
    );
}

it('gives a right wiring everything', function (string $slug) {
    $scheme = new GradingScheme('all', 100, 70, behaviour: 50, safety: 30, order: 10, rules: ['line-unmarked' => 10]);
    $grade = (new Grader($scheme, inOrder: 1.0))->ofWiring(judged(planned($slug)->wiring));
    $unordered = (new Grader($scheme))->ofWiring(judged(planned($slug)->wiring));

    expect($grade->got())->toBe(100.0)->and($grade->passes())->toBeTrue()->and($grade->isOpen())->toBeFalse()
        // An order that is not judged carries no points, and the pass mark keeps its share.
        ->and([$unordered->got(), $unordered->total, $unordered->passMark, $unordered->passes()])->toBe([90.0, 90, 63, true]);
})->with(['propagation-house', 'seed-store', 'boat-store', 'towpath-workshop', 'packing-barn']);

// Trade-facts 3: exchanging common and a traveler at one switch lights the lamp in one position of four.
it('marks behaviour by the states that are right, after allowing for guessing', function () {
    $scheme = new GradingScheme('states', 40, 20, behaviour: 40, critical: []);
    $right = planned()->wiring;
    $grades = fn (Wiring $wiring) => (new Grader($scheme))->ofWiring(judged($wiring))->got();

    // Lit in 1 of 4: three states agree with a right circuit, 2 × 3/4 − 1 is a half. Never lit agrees with two of four: nothing.
    expect($grades(Build::exchange($right, 'S2.common', 'S2.t1')))->toBe(20.0)
        ->and($grades(Build::without($right, 'S1.common')))->toBe(0.0)
        ->and($grades(Wiring::bare($right->board)))->toBe(0.0)
        ->and($grades($right))->toBe(40.0);
});

it('makes one exchange cost one mistake, and two two', function () {
    $right = planned()->wiring;
    $one = Build::exchange($right, 'S2.common', 'S2.t1');
    $two = Build::exchange($one, 'S1.common', 'S1.t2');
    $scheme = new GradingScheme('distance', 40, 20, behaviour: 40, perMistake: 15, critical: []);
    $grade = fn (Wiring $wiring) => (new Grader($scheme, MistakeDistance::of(judged($wiring))))->ofWiring(judged($wiring));

    expect(MistakeDistance::of(judged($right)))->toBe(0)
        ->and(MistakeDistance::of(judged($one)))->toBe(1)
        ->and(MistakeDistance::of(judged($two)))->toBe(2)
        ->and($grade($right)->got())->toBe(40.0)->and($grade($one)->got())->toBe(25.0)->and($grade($two)->got())->toBe(10.0)
        ->and($grade($one)->lines[0]->findings)->not->toBe([])
        ->and($grade(Wiring::bare($right->board))->got())->toBe(0.0);
});

it('counts moves that go round as the exchanges that make them', function (array $moves, int $mistakes) {
    $wiring = planned()->wiring;

    expect(MistakeDistance::count(
        array_map(fn (array $move) => count($move) === 3 ? Move::of(...$move) : Move::fit(...$move), $moves),
        $wiring,
    ))->toBe($mistakes);
})->with([
    'nothing' => [[], 0],
    'one conductor brought where it belongs' => [[['W1.black@B1', 'S1.t1', 'S1.common']], 1],
    'two that change places' => [[['W1.black@B1', 'S1.t1', 'S1.common'], ['W2.black@B1', 'S1.common', 'S1.t1']], 1],
    'three that go round' => [[
        ['W1.black@B1', 'S1.t1', 'S1.common'],
        ['W2.black@B1', 'S1.common', 'S1.t2'],
        ['W2.red@B1', 'S1.t2', 'S1.t1'],
    ], 2],
    'an exchange and a capped end' => [[
        ['W1.black@B1', 'S1.t1', 'S1.common'],
        ['W2.black@B1', 'S1.common', 'S1.t1'],
        ['W2.red@B2', 'cap', 'S2.t2'],
    ], 2],
    'a part exchanged' => [[['S1', 'na-switch-3way']], 1],
]);

it('fails the whole for a danger, whatever the points', function () {
    $right = planned()->wiring;
    $bare = Build::without($right, 'LA.neutral');
    $danger = Build::exchange($right, 'LA.hot', 'LA.neutral');
    $scheme = new GradingScheme('critical', 100, 10, behaviour: 60, safety: 40);
    $grade = (new Grader($scheme))->ofWiring(judged($danger));

    expect($grade->critical)->not->toBe([])->and($grade->passes())->toBeFalse()->and($grade->got())->toBeGreaterThan(10.0)
        ->and(earned($grade)['safety'])->toBe(0.0)
        ->and((new Grader(new GradingScheme(
            'code',
            100,
            0,
            behaviour: 100,
            critical: ['open-neutral'],
        )))->ofWiring(judged($bare))->passes())->toBeFalse();
});

it('earns nothing for breaking no rule on a bare board, and half on half of one', function () {
    $right = planned('packing-barn')->wiring;
    $scheme = new GradingScheme('rules', 20, 10, rules: ['line-unmarked' => 10, 'crowded-terminal' => 10], critical: []);
    $grades = fn (Wiring $wiring) => (new Grader($scheme))->ofWiring(judged($wiring))->got();
    $half = Wiring::of($right->board, array_slice($right->joints, 0, intdiv(count($right->joints), 2)));

    expect($grades(Wiring::bare($right->board)))->toBe(0.0)->and($grades($half))->toBeGreaterThan(4.0)->toBeLessThan(16.0);
});

it('raises a remark to a fault, or leaves it out, and touches nothing else', function () {
    $plan = planned('seed-store');
    $unmarked = Wiring::of($plan->wiring->board, $plan->wiring->joints, $plan->wiring->caps, [], $plan->wiring->fitted);
    $verdict = fn (array $weights) => judged($unmarked, new RulesInForce($weights))->verdict->value;
    $codes = fn (array $weights) => array_unique(array_map(
        fn ($finding) => $finding->code->value,
        judged($unmarked, new RulesInForce($weights))->findings,
    ));

    expect($verdict([]))->toBe('remarks')
        ->and($verdict(['line-unmarked' => RuleWeight::Fault]))->toBe('fail')
        ->and($verdict(['line-unmarked' => RuleWeight::Off]))->toBe('pass')
        ->and($codes([]))->toContain('line-unmarked')->and($codes(['line-unmarked' => RuleWeight::Off]))->not->toContain('line-unmarked');
    $dangerous = Build::exchange($plan->wiring, 'LA.hot', 'LA.neutral');
    expect(judged($dangerous, new RulesInForce(['shell-live' => RuleWeight::Off]))->verdict->value)->toBe('fail');
});

it('waiting for inspection, and for nobody else\'s', function () {
    $scheme = new GradingScheme('eye', 20, 10, behaviour: 10, workmanship: [
        new Observation('tug', 'holds a tug', 6),
        new Observation('loop', 'loops run clockwise', 4),
    ]);
    $grade = fn (array $observed) => (new Grader($scheme, observed: $observed))->ofWiring(judged(planned()->wiring));

    expect($grade([])->isOpen())->toBeTrue()->and($grade([])->got())->toBe(10.0)
        ->and($grade(['tug' => true])->isOpen())->toBeTrue()->and($grade(['tug' => true])->got())->toBe(16.0)
        ->and($grade(['tug' => true, 'loop' => false])->isOpen())->toBeFalse()
        ->and($grade(['tug' => true, 'loop' => false])->got())->toBe(16.0);
});

it('gives points for time within the limit, on the minute too', function () {
    $scheme = new GradingScheme('time', 10, 5, time: 10, withinMinutes: 15);
    $got = fn (?float $minutes) => (new Grader($scheme, minutes: $minutes))->ofWiring(judged(planned()->wiring))->got();

    expect($got(14.9))->toBe(10.0)->and($got(15.0))->toBe(10.0)->and($got(15.1))->toBe(0.0)->and($got(null))->toBe(0.0);
});

it('marks answers by how many are right', function () {
    $grader = new Grader(new GradingScheme('answers', 20, 14, answers: 20));

    expect($grader->ofAnswers(4, 4)->got())->toBe(20.0)
        ->and($grader->ofAnswers(3, 4)->passes())->toBeTrue()
        ->and($grader->ofAnswers(2, 4)->passes())->toBeFalse()
        ->and($grader->ofAnswers(1, 3)->got())->toBe(6.5)->and($grader->ofAnswers(0, 0)->got())->toBe(0.0);
});

it('tells work in a recognised order from work against it', function (StepOrder $order) {
    $plan = planned('packing-barn');
    $bench = new WiringAsSteps($plan->wiring);
    $joints = array_values(array_filter(
        array_map(fn ($step) => $step->joint, PlanSteps::of($plan, $order)),
        fn (?int $joint) => $joint !== null,
    ));
    $steps = fn (array $inOrder) => array_map(
        Step::of(...),
        array_merge(...array_map(fn (int $joint) => $bench->joint($plan->wiring->joints[$joint]), $inOrder)),
    );
    $share = fn (array $inOrder) => OrderOfWork::share($plan->result, $steps($inOrder), $order);

    expect($share($joints))->toBe(1.0)->and($share(array_reverse($joints)))->toBe(0.0)
        ->and($share([...array_slice($joints, 1), $joints[0]]))->toBeGreaterThan(0.8)->toBeLessThan(1.0)
        ->and(OrderOfWork::share($plan->result, [], $order))->toBe(1.0);
})->with(StepOrder::cases());

it('refuses a marking that makes no sense, with every reason', function (array $change, string $pointer, string $code) {
    $file = json_decode(Files::text('database/markings/wiring.marking.json'), true);
    $problems = new Problems;
    $read = GradingSchemeReader::read((string) json_encode([...$file, ...$change]), $problems);

    expect($read)->toBeNull()
        ->and(array_map(fn (Problem $problem) => [
            $problem->pointer,
            $problem->code->value,
        ], $problems->all()))->toContain([$pointer, $code]);
})->with([
    'points that do not add up' => [['total' => 99], '/total', 'points-do-not-add-up'],
    'a pass mark that nobody reaches' => [['passMark' => 101], '/passMark', 'pass-mark-too-high'],
    'points for a rule that there is not' => [['rules' => ['tidy-van' => 25]], '/rules/tidy-van', 'unknown-rule'],
    'something critical that there is not' => [['critical' => ['bad-mood']], '/critical/0', 'unknown-critical'],
    'the same observation twice' => [
        ['workmanship' => [['id' => 'tug', 'text' => 'a', 'points' => 5], ['id' => 'tug', 'text' => 'b', 'points' => 5]]],
        '/workmanship/1/id',
        'twice-used-observation',
    ],
    'points for time without a limit' => [['points' => [
        'behaviour' => 40,
        'safety' => 20,
        'time' => 5,
    ]], '/withinMinutes', 'time-without-limit'],
    'negative points' => [['points' => ['behaviour' => -40]], '/points/behaviour', 'not-as-schema'],
]);

it('reads the house markings', function (string $file) {
    $problems = new Problems;
    $scheme = GradingSchemeReader::read(Files::text("database/markings/$file.marking.json"), $problems);

    expect($problems->all())->toBe([])->and($scheme?->sum())->toBe($scheme?->total);
})->with(['wiring', 'answers']);

it('attacks a marking: what would pass, and what right wiring would lose', function () {
    $problems = new Problems;
    $house = GradingSchemeReader::read(Files::text('database/markings/wiring.marking.json'), $problems);
    $task = new TaskFile('exam', TaskKind::Wire, TaskMode::Exam);
    $plan = planned('seed-store');
    $strict = Attack::on($task, $house, $plan);
    $lax = Attack::on($task, new GradingScheme('lax', 100, 0, behaviour: 100, critical: []), $plan);
    $told = array_map(fn ($attacked) => count($attacked->mistakes), $strict->passing);

    // Nobody fails a marking that asks for nothing; the house's lets no mistake pass that stops the light, and no danger.
    expect($lax->passing)->toHaveCount($lax->mistakes)->and($strict->mistakes)->toBe($lax->mistakes)
        ->and(count($strict->passing))->toBeGreaterThan(0)->toBeLessThan($strict->mistakes)
        ->and(array_filter(
            $strict->passing,
            fn ($attacked) => $attacked->grade->critical !== [] || Checker::check($attacked->wiring)->verdict->value === 'fail',
        ))->toBe([])
        ->and($told)->toBe(array_values([...array_filter($told, fn ($n) => $n === 1), ...array_filter($told, fn ($n) => $n === 2)]))
        ->and($strict->losing)->toBe([])->and($strict->oddities)->toBeGreaterThan(10)->and($strict->hasPairs)->toBeTrue();
    $picky = Attack::on($task, new GradingScheme('picky', 10, 10, rules: ['connector-overfilled' => 10], critical: []), $plan);
    expect($picky->losing)->toBe([]);
});

it('finds that a marking by states passes a traveler exchange that lights in one of four', function () {
    $byStates = new GradingScheme('states', 100, 40, behaviour: 100, critical: ['danger']);
    $passing = Attack::on(new TaskFile('t', TaskKind::Wire, TaskMode::Exam), $byStates, planned())->passing;
    $kinds = array_unique(array_map(
        fn ($attacked) => $attacked->mistakes[0]->kind->value,
        array_filter($passing, fn ($attacked) => count($attacked->mistakes) === 1),
    ));

    expect($kinds)->toContain('common-and-traveller-exchanged');
});
