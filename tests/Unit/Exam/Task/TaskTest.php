<?php

declare(strict_types=1);

use Tests\Support\Exam;
use Tests\Support\Files;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Check\Findings\Severity;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Exam\Task\Answers;
use Zwindle\Exam\Task\Dispute;
use Zwindle\Exam\Task\Help;
use Zwindle\Exam\Task\Question;
use Zwindle\Exam\Task\QuestionKind;
use Zwindle\Exam\Task\Questions;
use Zwindle\Exam\Task\RuleSet;
use Zwindle\Exam\Task\RulesInForce;
use Zwindle\Exam\Task\RuleWeight;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Exam\Task\TaskMode;
use Zwindle\Exam\Vary\Dice;
use Zwindle\Exam\Vary\VariedAspects;
use Zwindle\Format\Read\TaskReader;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Planner;
use Zwindle\Problem\Problem;
use Zwindle\Problem\Problems;

const TASK = ['format' => 'zwindle-task', 'version' => 1, 'title' => 'Evening exam', 'kind' => 'wire', 'mode' => 'exam'];

/** @return list<Question> */
function questionsOn(string $pattern, TaskKind $kind, int $count = 20, string $seed = 's'): array
{
    return (new Questions(planOf($pattern), new Dice($seed)))->of(new TaskFile('t', $kind, TaskMode::Exam, questions: $count));
}

function planOf(string $pattern): Plan
{
    return Planner::plan(Files::board("database/patterns/$pattern.board.json"))->plans[0];
}

it('reads everything that a task says', function () {
    $problems = new Problems;
    $task = TaskReader::read((string) json_encode([
        ...TASK,
        'brief' => 'Wire it.',
        'minutes' => 15,
        'rules' => ['return-on-white' => 'fault', 'end-not-capped' => 'off'],
        'help' => ['tester'],
        'tries' => 2,
        'order' => 'farthest-first',
        'positions' => ['white-as-return' => 'line-out-on-white'],
        'varying' => ['feed', 'faces'],
        'seed' => 'nov',
        'questions' => 6,
    ]), Files::board('database/demo/seed-store/board.json'), $problems);

    expect($problems->all())->toBe([])
        ->and([
            $task->kind,
            $task->mode,
            $task->minutes,
            $task->tries,
            $task->order?->value,
            $task->seed,
            $task->questions,
        ])->toBe([TaskKind::Wire, TaskMode::Exam, 15, 2, 'farthest-first', 'nov', 6])
        ->and($task->varying)->toBe([VariedAspects::Feed, VariedAspects::Faces])
        ->and($task->allows(Help::Tester))->toBeTrue()->and($task->allows(Help::Hints))->toBeFalse()
        ->and($task->positions)->toBe(['white-as-return' => 'line-out-on-white']);
});

it('refuses what no task can be, with its place', function (array $change, string $pointer, string $code) {
    $problems = new Problems;
    $task = TaskReader::read((string) json_encode([...TASK, ...$change]), Files::board('database/demo/seed-store/board.json'), $problems);

    expect($task)->toBeNull()
        ->and(array_map(fn (Problem $problem) => [
            $problem->pointer,
            $problem->code->value,
        ], $problems->all()))->toContain([$pointer, $code]);
})->with([
    'a kind that comes later' => [['kind' => 'find-the-fault'], '/kind', 'unknown-task-kind'],
    'a danger left out' => [['rules' => ['shell-live' => 'off']], '/rules/shell-live', 'not-a-remark'],
    'a position that nobody takes' => [['positions' => ['twisting' => 'sometimes']], '/positions/twisting', 'unknown-position-on-habit'],
    'a habit that nobody has' => [['positions' => ['whistling' => 'either']], '/positions/whistling', 'unknown-position-on-habit'],
    'a box that is not there' => [['done' => ['B9']], '/done/0', 'unknown-enclosure'],
    'no time at all' => [['minutes' => 0], '/minutes', 'not-as-schema'],
    'too many tries' => [['tries' => 99], '/tries', 'not-as-schema'],
]);

it('refuses a task on a board without a lamp', function () {
    $board = json_decode(Files::text('database/demo/seed-store/board.json'), true);
    $board['controls'] = [];
    $problems = new Problems;

    expect(TaskReader::read((string) json_encode(TASK), Tests\Support\Build::board($board), $problems))->toBeNull()
        ->and($problems->all()[0]->code->value)->toBe('task-without-lamp');
});

it('lets every remark be raised or left out, and every habit be taken either way', function () {
    expect(array_map(
        fn ($code) => $code->value,
        RulesInForce::remarks(),
    ))->toContain('return-on-white', 'line-unmarked', 'separate-return')->toHaveCount(20);
    foreach (Practice::all() as $practice) {
        foreach (Dispute::in($practice) as $dispute) {
            expect(count($dispute->positions($practice)))->toBeGreaterThan(1);
        }
    }
});

it('fails the reversed leads of a luminaire, whatever a stored task says of them, and tells that the rule was dropped', function () {
    $problems = new Problems;
    $task = TaskReader::read(
        Exam::json(['rules' => ['leads-reversed' => 'fault', 'line-unmarked' => 'fault']]),
        Files::board('tests/Corpus/findings/leads-reversed/board.json'),
        $problems,
    );
    $result = Checker::check(Files::wiring(
        'tests/Corpus/findings/leads-reversed/board.json',
        'tests/Corpus/findings/leads-reversed/has.wiring.json',
    ));

    expect($problems->any())->toBeFalse()->and($task->dropped)->toBe(['leads-reversed'])
        ->and($task->rules->judge($result)->verdict)->toBe(Verdict::Fail)
        ->and($task->rules->severityOf(FindingCode::LineUnmarked))->toBe(Severity::Fault);
});

it('has two ready sets of rules: a trainer\'s raises nothing, an inspector\'s every code violation and nothing else', function (
    Practice $practice,
    array $raised,
    array $not,
) {
    $weights = RuleSet::AsInspector->weights($practice);

    expect(RuleSet::AsTrainer->weights($practice))->toBe([])
        ->and(array_keys($weights))->toContain(...$raised)
        ->and(array_intersect($not, array_keys($weights)))->toBe([])
        ->and(array_unique(array_values($weights), SORT_REGULAR))->toBe([RuleWeight::Fault]);
})->with([
    [
        Practice::from('na'),
        ['return-on-white', 'box-overfilled', 'crowded-terminal', 'breaker-too-large', 'white-single-as-line', 'neutral-absent-at-switch'],
        ['house-layout', 'rocker-inverted', 'earth-unsleeved'],
    ],
    [
        Practice::from('gb'),
        ['earth-unsleeved', 'neutral-colour', 'rcd-absent', 'flex-reversed', 'crowded-terminal'],
        ['rocker-inverted', 'return-on-white', 'scheme-not-accepted-everywhere'],
    ],
]);

it('insists on L1 where the task does', function () {
    $result = Checker::check(Files::wiring(
        'tests/Corpus/findings/rocker-inverted/board.json',
        'tests/Corpus/findings/rocker-inverted/has.wiring.json',
    ));

    expect((new RulesInForce)->judge($result)->verdict)->not->toBe(Verdict::Fail)
        ->and((new RulesInForce(['rocker-inverted' => RuleWeight::Fault]))->judge($result)->verdict)->toBe(Verdict::Fail);
});

it('lets every note be raised, those on the board too', function () {
    $codes = array_map(fn ($code) => $code->value, RulesInForce::remarks());

    expect($codes)->toContain('rocker-inverted', 'house-layout', 'rcd-absent', 'breaker-too-large', 'parallel-path');
});

it('takes no position on what a practice does not dispute', function (
    string $practice,
    string $board,
    string $dispute,
    string $position,
    ?string $known,
) {
    $problems = new Problems;
    $task = TaskReader::read(
        (string) json_encode([...TASK, 'positions' => [$dispute => $position]]),
        Files::board("database/patterns/$board.board.json"),
        $problems,
    );

    expect($task?->positions)->toBe($known === null ? [$dispute => $position] : null)
        ->and(array_map(fn ($problem) => [$problem->code->value, $problem->pointer, $problem->params['detail']], $problems->all()))
        ->toBe($known === null ? [] : [['unknown-position-on-habit', "/positions/$dispute", $known]]);
})->with([
    ['na', 'na-01-single-at-the-switch', 'l1-or-l2', 'l1', 'twisting, white-as-return, order-of-work, neutral-at'],
    ['gb', 'gb-01-loop-at-the-switch', 'l1-or-l2', 'l1', null],
    ['gb', 'gb-01-loop-at-the-switch', 'neutral-at', 'by-code', 'every-switch, none'],
    ['na', 'na-01-single-at-the-switch', 'neutral-at', 'by-code', null],
    ['na', 'na-01-single-at-the-switch', 'luck', 'good', 'twisting, white-as-return, order-of-work, neutral-at'],
]);

it('asks for the common of every three-way, and for the cables from the feed and to the light', function () {
    $questions = array_column(questionsOn('na-04-three-way-dead-end', TaskKind::Names), null, 'id');

    // The near box has the feed, the run to the far box and the cable to the light; the far box has one cable only.
    expect(array_keys($questions))->toEqualCanonicalizing(['common-S1', 'common-S2', 'feed-cable-B1', 'light-cable-B1'])
        ->and($questions['common-S1']->options)->toEqualCanonicalizing(['S1.common', 'S1.t1', 'S1.t2'])
        ->and($questions['common-S1']->right)->toBe(['S1.common'])
        ->and($questions['feed-cable-B1']->right)->toBe(['W1'])->and($questions['light-cable-B1']->right)->toBe(['W3']);
});

it('asks nothing of cables where singles share a conduit', function () {
    $kinds = array_map(fn (Question $question) => $question->kind, questionsOn('gb-06-intermediate-in-conduit', TaskKind::Names));

    expect($kinds)->toBe([QuestionKind::Common, QuestionKind::Common]);
});

it('asks what the lamp does in every state but the one that is given, and knows', function () {
    $questions = questionsOn('na-08-station-fed-at-the-light', TaskKind::Predict, 20);
    $at = array_column(array_map(fn (Question $question) => [
        'key' => implode('', array_map(fn ($p) => $p[0], $question->positions)),
        'right' => $question->right[0],
    ], $questions), 'right', 'key');

    // Parity: from what is given, an odd number of flips changes the lamp and an even one does not.
    expect($questions)->toHaveCount(7)->and($at)->not->toHaveKey('uuu');
    foreach ($at as $positions => $right) {
        $isOdd = substr_count((string) $positions, 'd') % 2 === 1;
        expect($right === $questions[0]->given)->toBe(! $isOdd);
    }
});

// A three-way says nowhere which contact is made when it is up: without what is given there would be two right answers.
it('has an answer that holds whichever way the travelers of a three-way lie', function (string $pattern) {
    $plan = planOf($pattern);
    $asked = fn (Plan $plan) => (new Questions($plan, new Dice('s')))->of(new TaskFile('t', TaskKind::Predict, TaskMode::Exam, questions: 20));
    $here = $asked($plan);
    $exchanged = Tests\Support\Build::exchange($plan->wiring, 'S1.t1', 'S1.t2');
    $table = Checker::check($exchanged)->evidence->table;
    foreach ($here as $question) {
        $states = array_filter(range(0, $table->count() - 1), fn (int $state) => $table->positionsIn($state) === $question->positions);
        $does = $table->lampIn($question->at, array_values($states)[0])->value;
        $given = $table->lampIn($question->at, 0)->value;
        // With the travelers exchanged the lamp is the other way round everywhere: so is what would be given.
        expect($does === $given)->toBe($question->right[0] === $question->given);
    }
    expect($here)->not->toBe([]);
})->with(['na-03-three-way-feed-through', 'na-04-three-way-dead-end', 'na-08-station-fed-at-the-light']);

it('asks for the path of the current in order', function () {
    $questions = questionsOn('na-03-three-way-feed-through', TaskKind::Trace);
    $path = $questions[0]->right;

    // Out: feed, switch, traveler, switch, to the lamp; back: three whites.
    expect($questions)->toHaveCount(2)->and($path)->toHaveCount(9)
        ->and([$path[0], $path[1], $path[3], $path[5]])->toBe(['W1.black', 'S1', 'S2', 'L1'])
        ->and(array_slice($path, 6))->toBe(['W3.white', 'W2.white', 'W1.white'])
        ->and($questions[0]->options)->toEqualCanonicalizing($path)
        ->and($questions[0]->isRight($path))->toBeTrue()->and($questions[0]->isRight(array_reverse($path)))->toBeFalse();
});

// Trade-facts 1: the two-pole on/off is the look-alike of the four-way; a four-way can do a three-way's work.
it('puts look-alikes into the bin, and takes each part once', function () {
    $questions = array_column(questionsOn('na-08-station-fed-at-the-light', TaskKind::Parts), null, 'id');
    $bin = (new Questions(planOf('na-08-station-fed-at-the-light'), new Dice('s')))->bin();
    $slotsOf = fn (string $model) => array_keys(array_filter($bin->slots, fn ($part) => $part->id === $model));
    [$threes, $fours] = [$slotsOf('na-switch-3way'), $slotsOf('na-switch-4way')];

    expect($slotsOf('na-switch-2p'))->toHaveCount(1)
        ->and($slotsOf('na-switch-1p'))->toHaveCount(1)
        ->and($threes)->toHaveCount(3)
        ->and($fours)->toHaveCount(2)
        ->and($questions['part-S2']->right)->toBe($fours)
        ->and($questions['part-S1']->right)->toEqualCanonicalizing([...$threes, ...$fours]);
    $judge = fn (array $answers) => array_sum((new Answers($answers))->judgedBy(array_values($questions)));

    expect($judge(['part-S1' => [$threes[0]], 'part-S2' => [$fours[0]], 'part-S3' => [$threes[1]]]))->toBe(3)
        ->and($judge(['part-S1' => [$threes[0]], 'part-S2' => [$fours[0]], 'part-S3' => [$threes[0]]]))->toBe(2)
        ->and($judge(['part-S1' => [$threes[0]], 'part-S2' => $slotsOf('na-switch-2p'), 'part-S3' => ['bin-99']]))->toBe(1)
        ->and($judge([]))->toBe(0);
});

it('asks the same of the same seed, and as many as are wanted', function () {
    $ids = fn (string $seed, int $count) => array_map(
        fn (Question $question) => $question->id,
        questionsOn('na-08-station-fed-at-the-light', TaskKind::Predict, $count, $seed),
    );

    expect($ids('a', 4))->toBe($ids('a', 4))->toHaveCount(4)->not->toBe($ids('b', 4))
        ->and(questionsOn('na-08-station-fed-at-the-light', TaskKind::Wire))->toBe([]);
});

it('puts the common in no place of the list that would tell', function () {
    $at = [];
    foreach (range(1, 40) as $seed) {
        foreach (questionsOn('na-04-three-way-dead-end', TaskKind::Names, 20, "seed $seed") as $question) {
            if ($question->kind === QuestionKind::Common) {
                $at[] = array_search($question->right[0], $question->options, true);
            }
        }
    }

    // 80 questions, each place about 27 times.
    expect(array_count_values($at))->toHaveKeys([0, 1, 2])->and(min(array_count_values($at)))->toBeGreaterThan(13);
});

it('asks every seat the same kinds of things, and nothing whose answer another question gives away', function (string $pattern) {
    $kinds = [];
    foreach (range(1, 12) as $seat) {
        $asked = (new Questions(planOf($pattern), new Dice("s/$seat")))->of(new TaskFile('t', TaskKind::Names, TaskMode::Exam, questions: 4));
        $kinds[] = array_count_values(array_map(fn ($question) => $question->kind->value, $asked));
        foreach ($asked as $one) {
            foreach ($asked as $other) {
                expect($one !== $other && $one->tells($other))->toBeFalse();
            }
        }
    }
    array_walk($kinds, ksort(...));

    expect(array_unique($kinds, SORT_REGULAR))->toHaveCount(1)->and(count($kinds[0]))->toBeGreaterThan(1);
})->with(['na-08-station-fed-at-the-light', 'na-03-three-way-feed-through', 'na-05-three-way-fed-at-the-light']);
