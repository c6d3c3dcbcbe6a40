<?php

declare(strict_types=1);

use App\Actions\Classes\JudgeUnjudged;
use App\Models\AsFoundSheet as Sheet;
use App\Models\Assignment;
use App\Models\Attempt;
use Tests\Support\Build;
use Tests\Support\Exam;
use Tests\Support\Files;
use Tests\Support\People;
use Zwindle\Board\Wiring\AsFound;
use Zwindle\Check\Checker;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Plan\Planner;

const STATION_FILE = 'database/patterns/na-08-station-fed-at-the-first-switch.board.json';

it('keeps a task and its versions, and refuses one that makes no sense with every reason', function () {
    $this->actingAs($instructor = People::user('instructor'));
    [$file, $marking, $answers] = [Exam::boardFile(STATION_FILE), Exam::marking('wiring'), Exam::marking('answers')];
    $body = ['boardFile' => $file->id, 'marking' => $marking->id, 'task' => Exam::sent()];
    $task = $this->postJson('api/tasks', $body)->assertCreated()->json();
    $this->putJson("api/tasks/{$task['id']}", [...$body, 'task' => Exam::sent(['title' => 'Second']), 'base' => 1])
        ->assertOk()
        ->assertJsonPath('version', 2);
    $this->putJson("api/tasks/{$task['id']}", [...$body, 'task' => Exam::sent(['title' => 'Lost']), 'base' => 1])->assertStatus(422);
    $this->getJson('api/tasks')->assertOk()->assertJsonPath('0.title', 'Second')->assertJsonCount(1);

    $this->postJson('api/tasks', [...$body, 'task' => Exam::sent(['kind' => 'find-the-fault', 'rules' => ['shell-live' => 'off']])])
        ->assertStatus(422)
        ->assertJsonCount(2, 'problems');
    $this->postJson('api/tasks', [...$body, 'marking' => $answers->id])->assertStatus(422)->assertJsonPath(
        'problems.0.message',
        'This marking gives points for answers, which this kind of task cannot earn.',
    );
    $this->actingAs(People::user('instructor'))->getJson("api/tasks/{$task['id']}")->assertNotFound();
    $this->actingAs(People::user('trainee'))->getJson("api/tasks/{$task['id']}")->assertNotFound();
});

it('keeps markings as versions, the house\'s unchanged, and what was set with one keeps it', function () {
    $exam = new Exam;
    $this->actingAs($exam->instructor);
    $house = $exam->task->marking;
    $other = json_decode($house->json, true);
    $other['passMark'] = 10;
    $this->putJson("api/markings/$house->id", ['marking' => $other])->assertNotFound();
    $own = $this->postJson('api/markings', ['marking' => $other])->assertCreated()->json();
    $this->putJson("api/markings/{$own['id']}", ['marking' => [...$other, 'passMark' => 20]])
        ->assertOk()
        ->assertJsonPath('version', 2);
    $this->putJson("api/markings/{$own['id']}", ['marking' => [...$other, 'total' => 7]])
        ->assertStatus(422)
        ->assertJsonPath('problems.0.message', 'The points add up to 100, but the total is 7.');
    $house->update(['json' => json_encode($other)]);

    expect(json_decode((string) $exam->assignment->refresh()->marking_json)->passMark)->toBe(90);
    $this->getJson('api/markings')->assertOk()->assertJsonCount(2);
});

it('sets a variant to every seat, the same again for the same seed', function () {
    $varying = ['varying' => ['feed', 'lamp', 'order', 'faces', 'labels'], 'seed' => 'nov'];
    $boards = fn (Exam $exam) => array_map(fn (int $seat) => $exam->attempt($seat)->board_json, [1, 2, 3]);
    $one = $boards(new Exam(STATION_FILE, $varying));

    expect(array_unique($one))->toHaveCount(3)->and($boards(new Exam(STATION_FILE, $varying)))->toBe($one)
        ->and($boards(new Exam(STATION_FILE, [...$varying, 'seed' => 'dec'])))->not->toBe($one)
        ->and(array_unique($boards(new Exam(STATION_FILE))))->toHaveCount(1);
});

it('refuses more seats than variants, and sets nothing', function () {
    $exam = new Exam(
        'database/patterns/na-01-single-at-the-switch.board.json',
        ['varying' => ['colours'], 'seed' => 's'] + ['kind' => 'wire'],
    );
})->throws(App\Exceptions\WorkRefused::class, 'Too few variants on this board: 1 for 3 seats.');

it('tells nothing in an exam: no terminal, model, scheme, seed or key in any answer', function (TaskKind $kind, string $board) {
    $exam = new Exam($board, [
        'kind' => $kind->value,
        'done' => $kind === TaskKind::Finish ? ['F'] : [],
        'varying' => ['faces', 'labels'],
        'seed' => 'secret-seed',
        'tries' => 2,
    ]);
    $this->actingAs($exam->trainees[0]);
    $id = $exam->attempt()->id;
    $bodies = [$this->getJson('api/attempts')->assertOk()->getContent()];
    $bodies[] = $this->postJson("api/attempts/$id/begin")->assertNoContent()->getContent();
    if ($kind->isWired()) {
        $bodies[] = $this->getJson("api/attempts/$id")->assertOk()->getContent();
        $bodies[] = $this->postJson("api/attempts/$id/steps", Exam::steps($exam->right()))->assertSuccessful()->getContent();
    } elseif ($kind === TaskKind::Fault) {
        $proof = $this->getJson("api/attempts/$id/proof")->assertOk()->json();
        // What may be named is the question.
        unset($proof['bench']['namings']['kinds']);
        $bodies[] = json_encode($proof, JSON_THROW_ON_ERROR);
        $boxes = $this->getJson("api/attempts/$id")->json('board.enclosures');
        foreach ($boxes as $i => $box) {
            $act = ['kind' => 'open-box', 'on' => $box['id']];
            $bodies[] = $this->postJson("api/attempts/$id/proof/acts", ['key' => "box-$i", 'act' => $act])->assertOk()->getContent();
        }
        $bodies[] = $this->getJson("api/attempts/$id")->assertOk()->getContent();
    } else {
        $bodies[] = $this->getJson("api/attempts/$id/questions")->assertOk()->getContent();
        $bodies[] = $this->putJson("api/attempts/$id/answers", ['question' => 1, 'answer' => [0]])->assertNoContent()->getContent();
    }
    $this->postJson("api/attempts/$id/hand-in")->assertNoContent();
    foreach (['verdict', 'mark', 'debrief', 'path?lamp=L1&state=0'] as $closed) {
        $bodies[] = $this->getJson("api/attempts/$id/$closed")->assertForbidden()->getContent();
    }
    $bodies[] = $this->getJson('api/attempts')->assertOk()->getContent();
    $text = implode("\n", array_map(strval(...), $bodies));
    $told = array_values(array_filter([...Exam::secrets(), 'secret-seed'], fn (string $secret) => str_contains($text, $secret)));

    // Where the common is the question, the word stands in the question, and nowhere else.
    expect($told)->toBe([])
        ->and(substr_count($text, 'the common'))->toBe($kind === TaskKind::Names ? substr_count($text, 'is the common?') : 0);
})->with(fn () => array_merge(...array_map(fn (TaskKind $kind) => [
    "$kind->value, North America" => [$kind, STATION_FILE],
    "$kind->value, Britain" => [$kind, 'database/patterns/gb-05-two-way-at-the-rose.board.json'],
], TaskKind::cases())));

it('shows nothing of an exam before it is begun, and begins it once', function (TaskKind $kind) {
    $exam = new Exam(STATION_FILE, ['kind' => $kind->value, 'done' => $kind === TaskKind::Finish ? ['B1'] : []]);
    $id = $exam->attempt()->id;
    $practice = (new Exam(STATION_FILE, ['mode' => 'coached']))->attempt();
    $practice->update(['trainee_id' => $exam->trainees[0]->id]);
    $this->actingAs($exam->trainees[0]);
    $path = "api/attempts/$id".($kind->isWired() || $kind === TaskKind::Fault ? '' : '/questions');
    $before = $this->getJson($path)->assertOk()->assertJsonPath('isToBegin', true)->assertJsonPath('brief', 'Wire it.');
    expect($before->getContent())->not->toContain('First switch', 'B1', 'S1', 'options');
    $this->getJson("api/attempts/$practice->id")->assertOk();

    $this->postJson("api/attempts/$id/begin")->assertNoContent();
    $begun = Attempt::query()->find($id)?->started_at;
    $this->travel(2)->minutes();
    $this->postJson("api/attempts/$id/begin")->assertNoContent();
    $after = $this->getJson($path)->assertOk()->assertJsonPath('isToBegin', false);
    expect(Attempt::query()->find($id)?->started_at)->toEqual($begun)
        ->and($after->json('dueAt'))->not->toBeNull()
        ->and($after->getContent())->toContain('First switch');
    $this->getJson("api/attempts/$practice->id")->assertForbidden();
    $this->actingAs($exam->trainees[1])->postJson("api/attempts/$id/begin")->assertNotFound();
    $this->actingAs($exam->instructor)->postJson("api/attempts/$id/begin")->assertNotFound();
})->with(TaskKind::cases());

it('leaves the clock of a coached task to its first step', function () {
    $exam = new Exam(STATION_FILE, ['mode' => 'coached']);
    $id = $exam->attempt()->id;
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/$id/begin")->assertNoContent();
    $this->getJson("api/attempts/$id")->assertOk()->assertJsonPath('isToBegin', false)->assertJsonPath('startedAt', null);
});

it('closes a trainee\'s other boards while an exam is open, and opens them again', function () {
    $exam = new Exam;
    $trainee = $exam->trainees[0];
    $other = new Exam(STATION_FILE, ['mode' => 'coached', 'title' => 'Practice']);
    $practice = $other->attempt();
    $practice->update(['trainee_id' => $trainee->id, 'started_at' => now(), 'handed_in_at' => now(), 'verdict' => 'pass']);
    app(JudgeUnjudged::class)->execute($practice);
    $this->actingAs($trainee)->getJson("api/attempts/$practice->id/verdict")->assertOk();
    $this->postJson("api/attempts/{$exam->attempt()->id}/steps", Exam::steps($exam->right()))->assertSuccessful();

    $this->getJson("api/attempts/$practice->id/verdict")->assertForbidden()->assertJsonPath(
        'message',
        'You have an exam open. Your other boards stay closed until you hand it in.',
    );
    foreach (['', '/mark', '/debrief'] as $path) {
        $this->getJson("api/attempts/$practice->id$path")->assertForbidden();
    }
    $this->postJson("api/attempts/{$exam->attempt()->id}/hand-in")->assertNoContent();
    $this->getJson("api/attempts/$practice->id/verdict")->assertOk();
});

it('opens the other boards when the time of the exam is up, handed in or not', function () {
    $exam = new Exam;
    $practice = (new Exam(STATION_FILE, ['mode' => 'coached']))->attempt();
    $practice->update(['trainee_id' => $exam->trainees[0]->id]);
    $exam->attempt()->update(['started_at' => now()->subMinutes(14)]);
    $this->actingAs($exam->trainees[0])->getJson("api/attempts/$practice->id")->assertForbidden();
    $exam->attempt()->update(['started_at' => now()->subMinutes(16)]);
    $this->getJson("api/attempts/$practice->id")->assertOk();
});

it('asks the eye nothing about a screen, and passes by the same share of what is left', function () {
    $exam = new Exam;
    $id = $exam->attempt()->id;
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/$id/steps", Exam::steps($exam->right()))->assertSuccessful();
    $this->postJson("api/attempts/$id/hand-in")->assertNoContent();
    $mark = $this->actingAs($exam->instructor)->getJson("api/assignments/{$exam->assignment->id}/marks")->json('0.mark');

    expect($mark['isOpen'])->toBeFalse()->and(array_column($mark['lines'], 'part'))->not->toContain('workmanship')
        ->and($mark['got'])->toEqual($mark['total'])->and($mark['total'])->toBe(85);
});

it('marks line by line, waits for the eye, and shows the trainee when it is released', function () {
    $exam = new Exam(change: ['surface' => 'wall']);
    $id = $exam->attempt()->id;
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/$id/steps", Exam::steps($exam->right()))->assertSuccessful();
    $this->postJson("api/attempts/$id/hand-in")->assertNoContent();
    $this->actingAs($exam->instructor);
    $mark = $this->getJson("api/assignments/{$exam->assignment->id}/marks")->assertOk()->json('0.mark');
    $lines = array_column($mark['lines'], 'got', 'what');

    expect($mark['got'])->toEqual(85)
        ->and($mark['isOpen'])->toBeTrue()
        ->and($lines['tug'])->toBeNull()
        ->and($lines['line-unmarked'])->toEqual(5);
    $observed = $this->putJson("api/attempts/$id/observations", ['observed' => ['tug' => true, 'copper' => false]])
        ->assertOk()
        ->json('mark');
    expect($observed['got'])->toEqual(90)->and($observed['isOpen'])->toBeFalse()->and($observed['passes'])->toBeTrue();
    $this->actingAs($exam->trainees[0])->getJson("api/attempts/$id/mark")->assertForbidden();
    $this->actingAs($exam->trainees[0])->putJson("api/attempts/$id/observations", ['observed' => ['tug' => true]])->assertNotFound();
    $this->actingAs($exam->trainees[0])->postJson("api/assignments/{$exam->assignment->id}/release")->assertNotFound();
    $this->actingAs(People::user('instructor'))->getJson("api/assignments/{$exam->assignment->id}/marks")->assertNotFound();
    $this->actingAs($exam->instructor)->postJson("api/assignments/{$exam->assignment->id}/release")->assertSuccessful();
    $this->actingAs($exam->trainees[0])->getJson("api/attempts/$id/mark")->assertOk()->assertJsonPath('mark.got', 90);
    $this->getJson("api/attempts/$id/verdict")->assertOk();
    $this->actingAs($exam->trainees[1])->getJson("api/attempts/$id/mark")->assertNotFound();
});

it('says of half a wiring on how much of it nothing was found, and of a whole one that nothing was', function () {
    $said = function (bool $whole): array {
        $exam = new Exam;
        $id = $exam->attempt()->id;
        $right = $exam->right();
        $wiring = $whole
            ? $right
            : Zwindle\Board\Wiring\Wiring::of($right->board, array_slice($right->joints, 0, intdiv(count($right->joints), 2)));
        $this->actingAs($exam->trainees[0])->postJson("api/attempts/$id/steps", Exam::steps($wiring))->assertSuccessful();
        $this->postJson("api/attempts/$id/hand-in")->assertNoContent();
        $lines = $this->actingAs($exam->instructor)->getJson("api/attempts/$id/mark")->assertOk()->json('mark.lines');

        return array_column($lines, null, 'what')['false-mark'];
    };
    $half = $said(false);

    expect($said(true)['text'])->toBe('None found: a conductor wrongly marked.')
        ->and($half['text'])->toMatch('/^None found on the \d\d % that is wired: a conductor wrongly marked\.$/')
        ->and($half['got'])->toBeLessThan($half['of'])->toBeGreaterThan(0);
});

it('makes one exchange cost one mistake, and debriefs it from the trainee\'s own board', function () {
    $exam = new Exam;
    $id = $exam->attempt()->id;
    $right = $exam->right();
    [$first] = array_keys(array_filter(
        $right->board->devices,
        fn ($device) => $right->board->enclosures[$device->enclosure]->label === 'First switch',
    ));
    $crossed = Build::exchange($right, "$first.common", "$first.t1");
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/$id/steps", Exam::steps($crossed))->assertSuccessful();
    $this->postJson("api/attempts/$id/hand-in")->assertNoContent();
    $this->actingAs($exam->instructor)->postJson("api/assignments/{$exam->assignment->id}/release");
    $mark = $this->getJson("api/attempts/$id/mark")->assertOk()->json('mark');
    $distance = array_column($mark['lines'], null, 'part')['distance'];
    $debrief = $this->actingAs($exam->trainees[0])->getJson("api/attempts/$id/debrief")->assertOk()->json();

    expect($distance['got'])->toEqual(25)
        ->and($distance['text'])->toBe('One mistake away from the nearest correct wiring (15 points each).')
        ->and($debrief['mistakes'])->toHaveCount(1)->and($debrief['mistakes'][0])->toContain('First switch')
        ->and($debrief['questions'])->toHaveCount(3)
        ->and($debrief['questions'][0]['question'])->toStartWith('Suppose somebody does this to your board.')
        ->and($debrief['order']['own'])->not->toBe([])->and(count($debrief['order']['own']))->toBe(count($debrief['order']['recognised']));
});

it('has an answer to each what-if that the checker gives', function () {
    $exam = new Exam;
    $right = $exam->right();
    foreach (Zwindle\Exam\Grading\WhatIf::on($right, new Zwindle\Exam\Vary\Dice('s')) as $whatIf) {
        expect($whatIf->then->result->verdict)->toBe(Checker::check($whatIf->done->madeOn($right))->verdict);
    }
    expect(Zwindle\Exam\Grading\WhatIf::on(Zwindle\Board\Wiring\Wiring::bare($right->board), new Zwindle\Exam\Vary\Dice('s')))->toBeArray();
});

it('raises a remark to a fault where the task insists, on every screen that speaks of it', function (
    array $rules,
    string $verdict,
    array $severities,
    string $headline,
    string $repair,
) {
    $exam = new Exam('database/demo/seed-store/board.json', ['rules' => (object) $rules]);
    $id = $exam->attempt()->id;
    $right = $exam->right();
    $unmarked = Zwindle\Board\Wiring\Wiring::of($right->board, $right->joints, $right->caps);
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/$id/steps", Exam::steps($unmarked))->assertSuccessful();
    $this->postJson("api/attempts/$id/hand-in")->assertNoContent();
    $this->actingAs($exam->instructor)->postJson("api/assignments/{$exam->assignment->id}/release")->assertSuccessful();
    $shown = $this->actingAs($exam->trainees[0])->getJson("api/attempts/$id/verdict")->assertOk()->json();
    $attempt = Attempt::query()->findOrFail($id);

    expect([$attempt->verdict, $shown['verdict']])->toBe([$verdict, $verdict])
        ->and(array_column($shown['findings'], 'severity', 'code'))->toBe($severities)
        ->and($shown['headline'])->toStartWith($headline)->toBe($attempt->headline)
        ->and($shown['repair']['title'])->toBe($repair)
        ->and($shown['changes']['verdictThen'])->toBe($verdict);
    $debrief = $this->getJson("api/attempts/$id/debrief")->assertOk()->json('mistakes');
    expect(str_contains(implode(' ', $debrief), 'used as a hot but not re-identified'))->toBe($verdict === 'fail');
    // By another edition the task insists on the same.
    expect($this->getJson("api/attempts/$id/verdict?edition=NEC-2017")->assertOk()->json('verdict'))->toBe($verdict);
})->with([
    'as it is' => [[], 'remarks', ['line-unmarked' => 'remark'], 'It works in every combination. One remark', 'It works. 2 moves tidy it up'],
    'a fault' => [
        ['line-unmarked' => 'fault'],
        'fail',
        ['line-unmarked' => 'fault'],
        'Works, but wired wrong: Store door, the white in W1',
        'It works, but this task counts a remark as a fault. 2 moves clear it',
    ],
    'left out' => [['line-unmarked' => 'off'], 'pass', [], 'Correct:', ''],
]);

it('begins a board to finish with what others did, which cannot be undone', function () {
    $exam = new Exam(STATION_FILE, ['kind' => 'finish', 'done' => ['B1', 'F']]);
    $id = $exam->begun()->id;
    $this->actingAs($exam->trainees[0]);
    $bench = $this->getJson("api/attempts/$id")->assertOk()->json();
    $right = $exam->right();
    $rest = Zwindle\Board\Wiring\Wiring::of(
        $right->board,
        array_values(array_filter($right->joints, fn ($joint) => ! in_array($joint->enclosure, ['B1', 'F'], true))),
        $right->caps,
        array_filter($right->marks, fn (string $end) => ! str_ends_with($end, '@B1'), ARRAY_FILTER_USE_KEY),
    );

    expect($bench['start'])->not->toBe([])->and($bench['steps'])->toBe([]);
    $this->postJson("api/attempts/$id/steps", People::batch([['do' => 'undo']]))
        ->assertSuccessful()
        ->assertJsonPath('setAside.0.reason', 'does-not-fit:nothing-to-undo');
    $this->postJson("api/attempts/$id/steps", People::batch(Zwindle\Bench\WiringAsSteps::of($rest), 2))
        ->assertSuccessful()
        ->assertJsonPath('setAside', []);
    $this->postJson("api/attempts/$id/hand-in")->assertNoContent();
    expect(Attempt::query()->find($id)?->verdict)->toBe('pass');
});

it('marks what the trainee did of a board to finish, not what stood there', function () {
    $exam = new Exam(STATION_FILE, ['kind' => 'finish', 'done' => ['B1', 'B2', 'B3']]);
    $id = $exam->begun()->id;
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/$id/hand-in")->assertNoContent();
    $lines = array_column(
        $this->actingAs($exam->instructor)->getJson("api/attempts/$id/mark")->assertOk()->json('mark.lines'),
        'got',
        'part',
    );

    expect($lines['safety'])->toEqual(0)->and($lines['rule'])->toEqual(0);
});

it('begins with what was found when the task was set, whatever is written down of the board later', function () {
    $exam = new Exam;
    $right = Planner::plan($exam->task->boardFile->drawing())->plans[0]->wiring;
    $found = AsFound::of(Zwindle\Board\Wiring\Wiring::of($right->board, array_slice($right->joints, 0, 3)));
    Sheet::keep($exam->task->boardFile, $exam->instructor, 1, $found);
    $set = fn (array $change) => $this->actingAs($exam->instructor)->postJson(
        'api/tasks/'.$this->postJson('api/tasks', [
            'boardFile' => $exam->task->board_file_id,
            'marking' => $exam->task->marking_id,
            'task' => Exam::sent(['kind' => 'finish', 'start' => 'as-found', ...$change]),
        ])->assertCreated()->json('id').'/assignments',
        ['classroom' => $exam->classroom->id, 'trainees' => array_column($exam->trainees, 'id')],
    );
    $assignment = $set([])->assertCreated()->json('id');
    Sheet::keep($exam->task->boardFile, $exam->instructor, 1, new AsFound);
    $attempt = Attempt::query()->where(['assignment_id' => $assignment, 'seat' => 2])->firstOrFail();

    expect($attempt->stepLog()->bench()->wiring()->joints)->toHaveCount(3)
        ->and($this->actingAs($exam->trainees[1])->postJson("api/attempts/$attempt->id/begin")->status())->toBe(204)
        ->and($this->getJson("api/attempts/$attempt->id")->assertOk()->json('start'))->toHaveCount(3);
    $set(['title' => 'Empty now'])->assertStatus(422)->assertJsonPath(
        'errors.task.0',
        'This board has no as-found sheet yet. Fill one in first, or choose which boxes are wired.',
    );
    expect(Assignment::query()->count())->toBe(2);
});

it('lets no layout differ from seat to seat where the board begins as it was found', function (string $varying, bool $isLet) {
    $problems = new Zwindle\Problem\Problems;
    $board = Exam::boardFile(STATION_FILE)->drawing();
    $task = Zwindle\Format\Read\TaskReader::read(Exam::json([
        'kind' => 'finish',
        'start' => 'as-found',
        'varying' => [$varying],
    ]), $board, $problems);

    expect($task !== null)->toBe($isLet)
        ->and(array_map(fn ($problem) => $problem->code->value, $problems->all()))->toBe($isLet ? [] : ['as-found-elsewhere']);
})->with([['feed', false], ['lamp', false], ['order', false], ['faces', true], ['labels', true], ['colours', true]]);

it('takes answers by their place, judges them in the core, and keeps what was answered', function (TaskKind $kind, string $board) {
    $exam = new Exam($board, ['kind' => $kind->value, 'questions' => 3]);
    $attempt = $exam->begun();
    $questions = (new App\Queries\Bench\AskQuestions)->of($attempt);
    $this->actingAs($exam->trainees[0]);
    $shown = $this->getJson("api/attempts/$attempt->id/questions")->assertOk()->json();
    expect($shown['questions'])->toHaveCount(count($questions))->and(count($questions))->toBeGreaterThan(0);
    $used = [];
    foreach ($questions as $i => $question) {
        $options = array_flip($question->options);
        $right = $question->kind === Zwindle\Exam\Task\QuestionKind::Path
            ? $question->right
            : [array_values(array_diff($question->right, $used))[0]];
        $used = [...$used, ...($kind === TaskKind::Parts ? $right : [])];
        $this->putJson("api/attempts/$attempt->id/answers", [
            'question' => $i + 1,
            'answer' => array_map(fn (string $option) => $options[$option], $right),
        ])->assertNoContent();
    }
    $this->putJson("api/attempts/$attempt->id/answers", ['question' => 99, 'answer' => [0]])->assertStatus(422);
    $this->putJson("api/attempts/$attempt->id/answers", ['question' => 1, 'answer' => [150]])->assertStatus(422);
    expect($this->getJson("api/attempts/$attempt->id/questions")->json('questions.0.answer'))->not->toBe([]);
    $this->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
    $this->putJson("api/attempts/$attempt->id/answers", ['question' => 1, 'answer' => []])->assertStatus(422);
    $mark = $this->actingAs($exam->instructor)->getJson("api/attempts/$attempt->id/mark")->assertOk()->json('mark');

    expect($mark['got'])->toEqual(20)->and($mark['passes'])->toBeTrue();
})->with(fn () => array_merge(...array_map(fn (TaskKind $kind) => [
    "$kind->value, North America" => [$kind, STATION_FILE],
    "$kind->value, Britain" => [$kind, 'database/patterns/gb-05-two-way-at-the-rose.board.json'],
], [TaskKind::Parts, TaskKind::Names, TaskKind::Predict, TaskKind::Trace])));

it('lists what was set in the words of the task, not of the board', function () {
    $exam = new Exam(STATION_FILE, ['kind' => 'names', 'brief' => 'Name the screws.']);
    $exam->task->boardFile->update(['brief' => 'A board with an answer in it.']);
    $listed = $this->actingAs($exam->instructor)->getJson('api/assignments')->assertOk()->json('0');

    expect([$listed['task'], $listed['brief'], $listed['kind']])->toBe(['Evening exam', 'Name the screws.', 'names'])
        ->and($this->actingAs($exam->trainees[0])->getJson('api/attempts')->json('0.board.brief'))->toBe('Name the screws.');
});

it('names switches by their boxes in a question, and cables by nothing but a tag', function () {
    $ask = function (string $kind): array {
        $exam = new Exam(STATION_FILE, ['kind' => $kind, 'questions' => 20]);

        return $this->actingAs($exam->trainees[0])->getJson("api/attempts/{$exam->begun()->id}/questions")->assertOk()->json('questions');
    };
    $boxed = array_values(array_filter($ask('names'), fn (array $question) => str_contains($question['text'], 'which cable')))[0]['box'];

    expect($ask('predict')[0]['text'])->toMatch(
        '/^With every switch up it is (on|off)\\. What does the light do with (First|Middle|Last) switch (up|down), (First|Middle|Last) switch (up|down) and (First|Middle|Last) switch (up|down)\?$/',
    )
        ->and(array_column($boxed['cables'], 'id'))->toEqualCanonicalizing(['A', 'B'])
        ->and(array_values(array_filter(array_column($boxed['enclosures'], 'label'))))->toHaveCount(1);
});

it('gives as many tries as the task, and none after the marks are out', function () {
    $exam = new Exam(STATION_FILE, ['tries' => 2]);
    $id = $exam->attempt()->id;
    $this->actingAs($exam->trainees[0]);
    $this->postJson("api/attempts/$id/hand-in")->assertNoContent();
    $this->postJson("api/attempts/$id/retry")->assertNoContent();
    expect(Attempt::query()->find($id)?->handed_in_at)->toBeNull();
    $this->postJson("api/attempts/$id/retry")->assertNoContent();
    $this->postJson("api/attempts/$id/hand-in")->assertNoContent();
    $this->postJson("api/attempts/$id/retry")->assertStatus(422);
    $other = $exam->attempt(2)->id;
    $this->actingAs($exam->trainees[1])->postJson("api/attempts/$other/hand-in")->assertNoContent();
    $this->actingAs($exam->instructor)->postJson("api/assignments/{$exam->assignment->id}/release")->assertStatus(422);
    $this->actingAs($exam->trainees[1])->postJson("api/attempts/$other/finish")->assertNoContent();
    $this->actingAs($exam->instructor)->postJson("api/assignments/{$exam->assignment->id}/release")->assertOk();
    $this->actingAs($exam->trainees[1])->postJson("api/attempts/$other/retry")->assertStatus(422);
});

it('tries a task before it is used', function () {
    $this->actingAs(People::user('instructor'));
    $body = ['boardFile' => Exam::boardFile(STATION_FILE)->id, 'marking' => Exam::marking('wiring')->id, 'seats' => 12];
    $try = fn (array $change, array $more = []) => $this->postJson('api/task-trials', [...$body, ...$more, 'task' => Exam::sent($change)])
        ->assertOk()
        ->json();
    $whole = $try(['varying' => ['feed', 'lamp', 'order', 'faces'], 'seed' => 's']);

    expect($whole['problems'])->toBe([])
        ->and($whole['seats'])->toHaveCount(12)
        ->and($whole['spread']['layouts'])->toBeGreaterThan(8)
        ->and($whole['spread']['refusal'])->toBe('');
    expect($try(['varying' => ['colours']])['spread']['refusal'])->toBe(
        'Too few variants on this board: 1 for 12 seats. Let more vary, or set it for fewer people.',
    )
        ->and($try([])['spread']['refusal'])->toBe('')
        ->and($try(['kind' => 'guess'])['problems'][0]['message'])->toContain('There is no task of the kind "guess"')
        ->and($try(['kind' => 'predict'])['problems'][0]['message'])->toContain('work at the bench');
    $this->actingAs(People::user('trainee'))->postJson('api/task-trials', [...$body, 'task' => Exam::sent()])->assertForbidden();
});

it('attacks a task before it is used, and has nothing to attack where nothing is wired or the task makes no sense', function () {
    $this->actingAs(People::user('instructor'));
    $body = ['boardFile' => Exam::boardFile(STATION_FILE)->id, 'marking' => Exam::marking('wiring')->id];
    $attack = fn (array $change) => $this->postJson('api/task-attacks', [...$body, 'task' => Exam::sent($change)])->assertOk()->json();
    $found = $attack([]);

    expect($found['attack']['mistakes'])->toBeGreaterThan(20)
        ->and($found['attack']['losing'])->toBe([])
        ->and($found['board'])->not->toBeNull()
        ->and($found['attack']['passing'][0]['standing'] ?? [1])->not->toBe([]);
    foreach ([['kind' => 'predict'], ['kind' => 'guess']] as $nothing) {
        expect($attack($nothing))->toBe(['board' => null, 'attack' => null]);
    }
    $this->actingAs(People::user('trainee'))->postJson('api/task-attacks', [...$body, 'task' => Exam::sent()])->assertForbidden();
});

it('keeps what was set when the board it was drawn on has gone on', function () {
    $exam = new Exam;
    $before = $exam->attempt()->board()->title;
    $board = json_decode(Files::text(STATION_FILE), true);
    $exam->task->boardFile->update(['json' => json_encode([...$board, 'title' => 'Another board'])]);

    expect($exam->attempt()->board()->title)->toBe($before);
});

it('says on the brief where the task stands on what practitioners dispute', function () {
    $exam = new Exam('database/demo/seed-store/board.json', ['positions' => [
        'white-as-return' => 'line-out-on-white',
        'order-of-work' => 'farthest-first',
    ]]);
    $positions = $this->actingAs($exam->trainees[0])->getJson("api/attempts/{$exam->attempt()->id}")->assertOk()->json('positions');

    expect($positions)->toBe([
        'The re-identified white takes the hot out, and black or red brings it back.',
        'Work farthest first: neutral all the way, switch leg, hot, travelers last.',
    ]);
});

it('hints at nothing on a board that is right, though something is noted of it', function () {
    $exam = new Exam('tests/Corpus/findings/rcd-absent/has.board.json', ['mode' => 'coached', 'help' => ['hints']]);
    $id = $exam->attempt()->id;
    $noted = array_map(fn ($finding) => $finding->code->value, Checker::check($exam->right())->findings);
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/$id/steps", Exam::steps($exam->right()))->assertSuccessful();

    expect($noted)->toContain('rcd-absent')
        ->and($this->getJson("api/attempts/$id/help")->assertOk()->json('hint'))->toBe(__('task.no-hint'));
});

it('keeps parts and cables where they are on real boards, and says where the work is done', function () {
    $this->actingAs($instructor = People::user('instructor'));
    $body = ['boardFile' => Exam::boardFile(STATION_FILE)->id, 'marking' => Exam::marking('wiring')->id, 'seats' => 4];
    $try = fn (array $varying) => $this->postJson('api/task-trials', [...$body, 'task' => Exam::sent([
        'surface' => 'wall',
        'varying' => $varying,
        'seed' => 's',
    ])])
        ->assertOk()
        ->json();

    expect($try(['feed', 'faces'])['problems'][0]['message'])->toStartWith('On real boards the parts and cables are fixed')
        ->and($try(['feed', 'labels'])['problems'])->toBe([])->and($try(['feed'])['spread']['allLayouts'])->toBe(3);
    $exam = new Exam(STATION_FILE, [
        'surface' => 'wall',
        'varying' => ['feed', 'labels'],
        'seed' => 's',
        'positions' => ['twisting' => 'either'],
    ]);
    $lines = $this->actingAs($exam->trainees[0])->getJson("api/attempts/{$exam->attempt()->id}")->assertOk()->json('positions');
    expect($lines)->toBe([
        'Wire the real board at your seat, then enter here where each conductor goes.',
        'Twist before the connector or not, as you were taught.',
    ]);
});

it('helps in a coached task as far as the task allows, and never in an exam', function () {
    $coached = fn (array $help) => new Exam(STATION_FILE, ['mode' => 'coached', 'help' => $help]);
    $exam = $coached(['hints', 'labels', 'truth-table', 'tester']);
    $id = $exam->attempt()->id;
    $this->actingAs($exam->trainees[0])->postJson(
        "api/attempts/$id/steps",
        Exam::steps(Build::exchange($exam->right(), 'S1.common', 'S1.t1')),
    )->assertSuccessful();
    $help = $this->getJson("api/attempts/$id/help")->assertOk()->json();
    $read = fn (string $one, string $other, string $down = '') => $this->getJson("api/attempts/$id/test?".http_build_query([
        'one' => $one,
        'other' => $other,
        'down' => $down,
    ]))
        ->assertOk()
        ->json();

    expect($help['hint'])->toContain('common')
        ->and($help['labels'][0]['carries'])->toContain('BLK hot')
        ->and(strlen($help['table']['trips']))->toBe(8)
        ->and($help['switches'])->toBe(['S1', 'S2', 'S3'])
        // The cord is live all the time: 120 V from hot to neutral; from neutral to ground nothing.
        ->and($read('PS#1', 'PS#2')['volt'])->toEqual(120)
        ->and($read('PS#2', 'PS#3')['volt'])->toEqual(0)
        ->and($read('PS#1', 'PS#1')['ohm'])->toEqual(0);
    $this->getJson("api/attempts/$id/test?one=PS%231&other=nowhere")->assertStatus(422);
    $this->actingAs($exam->trainees[1])->getJson("api/attempts/$id/help")->assertNotFound();
    $this->actingAs($exam->instructor)->getJson("api/attempts/$id/help")->assertNotFound();

    $silent = $coached(['hints']);
    $this->actingAs($silent->trainees[0])
        ->getJson("api/attempts/{$silent->attempt()->id}/help")
        ->assertOk()
        ->assertJsonPath('labels', null)
        ->assertJsonPath('table', null)
        ->assertJsonPath('hasTester', false);
    $this->getJson("api/attempts/{$silent->attempt()->id}/test?one=PS%231&other=PS%232")->assertNotFound();
    $real = new Exam(STATION_FILE, ['help' => ['hints', 'tester']]);
    $this->actingAs($real->trainees[0])->getJson("api/attempts/{$real->attempt()->id}/help")->assertNotFound();
});
