<?php

declare(strict_types=1);

use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\Evening;
use App\Models\Record;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Tests\Support\Exam;
use Tests\Support\Files;
use Tests\Support\HuntOnBoard;
use Tests\Support\People;
use Tests\Support\Tick;
use Zwindle\Bench\WiringAsSteps;

/*
 * An evening that an instructor makes herself, in exactly the shape that her screens send: empty objects are objects, and nobody is
 * started, marked or set twice by accident.
 */

/** @param  array<string, mixed>  $change  laid over what the task screen sends with nothing chosen */
function ownTask(array $change = []): Exam
{
    return new Exam(change: ['rules' => new stdClass, 'positions' => new stdClass, 'help' => [], 'varying' => [], 'seed' => 'own', ...$change]);
}

/** @param  array<string, mixed>  $change */
function ownEvening(Exam $exam, int $stations = 3, array $change = []): Evening
{
    return tap(keptEveningOf($exam, $stations, $change), function (Evening $evening): void {
        test()->postJson("api/evenings/$evening->id/set", ['twice' => true])->assertOk();
        $evening->refresh();
    });
}

/** @param  array<string, mixed>  $change */
function keptEveningOf(Exam $exam, int $stations, array $change = []): Evening
{
    $all = array_map(fn (int $i) => [
        'id' => "T$i", 'label' => "Station $i", 'x' => $i * 10, 'y' => 20, 'surface' => 'screen', 'nextTo' => [], ...$change['station'] ?? [],
    ], range(1, $stations));
    unset($change['station']);
    $id = test()->actingAs($exam->instructor)->postJson('api/evenings', [
        'classroom' => $exam->classroom->id, 'task' => $exam->task->id, 'title' => 'Own evening', 'startsAt' => null,
        'minutes' => 15, 'changeover' => 3, 'variants' => 1, 'stations' => $all,
        'people' => array_map(fn (User $one) => ['trainee' => $one->id, 'extraPercent' => 0, 'notBefore' => 0], $exam->trainees),
        'retests' => [], 'breaks' => [], 'fixed' => [], ...$change,
    ])->assertCreated()->json('id');

    return Evening::query()->findOrFail($id);
}

function openEvening(Evening $evening, Exam $exam): void
{
    test()->actingAs($exam->instructor)->postJson("api/assignments/$evening->assignment_id/moves", ['move' => 'open'])->assertOk();
}

it('opens for everybody where rules and positions are empty, and is judged', function (string $kind, string $marking) {
    $exam = new Exam(change: ['kind' => $kind, 'rules' => new stdClass, 'positions' => new stdClass, 'seed' => 'own'], marking: $marking);
    $evening = ownEvening($exam);
    expect($evening->assignment->task_json)->toContain('"rules":{}')->toContain('"positions":{}');
    openEvening($evening, $exam);
    foreach ($evening->assignment->attempts()->with('trainee')->get() as $attempt) {
        $path = $kind === 'wire' ? '' : '/questions';
        $this->actingAs($attempt->trainee)->getJson("api/attempts/$attempt->id$path")->assertOk();
        $this->postJson("api/attempts/$attempt->id/begin")->assertNoContent();
        $this->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
        expect($attempt->refresh()->verdict)->not->toBeNull();
    }
})->with([['wire', 'wiring'], ['predict', 'answers'], ['fault', 'answers']]);

it('tries a seat of a task whose rules are empty', function () {
    $exam = ownTask();
    $id = $this->actingAs($exam->instructor)->postJson('api/tries', ['task' => $exam->task->id, 'seat' => 1, 'mode' => 'coached'])->json('attempt');
    $this->getJson("api/attempts/$id")->assertOk();
});

it('mends seats that an empty list has spoilt, judges them, and lists them', function () {
    $exam = ownTask();
    $attempt = $exam->begun();
    $this->actingAs($attempt->trainee)->postJson("api/attempts/$attempt->id/steps", Exam::steps($exam->right()))->assertOk();
    $spoilt = str_replace(['"rules":{}', '"positions":{}'], ['"rules":[]', '"positions":[]'], (string) $exam->assignment->task_json);
    DB::table('assignments')->where('id', $exam->assignment->id)->update(['task_json' => $spoilt]);
    $this->getJson("api/attempts/$attempt->id")->assertUnprocessable();
    $this->travel(20)->minutes();
    Tick::of('hand-in-overdue');
    expect($attempt->refresh()->handed_in_at)->not->toBeNull()->and($attempt->verdict)->toBeNull();

    $this->artisan('zwindle:upgrade')->expectsOutputToContain($attempt->trainee->name)->assertSuccessful();
    expect($attempt->refresh()->verdict)->toBe('pass')->and(Assignment::query()->findOrFail($exam->assignment->id)->task_json)->toContain('"rules":{}');
    $this->actingAs($exam->instructor)->getJson("api/attempts/$attempt->id")->assertOk();
    // Once is enough.
    $this->artisan('zwindle:upgrade')->doesntExpectOutputToContain($attempt->trainee->name)->assertSuccessful();
});

it('starts those alone whose seat is open or who are marked as here, says who waits and why, and records no other as begun', function () {
    $exam = ownTask();
    $evening = ownEvening($exam, 2);
    openEvening($evening, $exam);
    $sits = collect($evening->plan)->sortBy('from')->groupBy('station');
    $work = $evening->attempts();
    [$first, $second] = [$work[$sits['T1'][0]['person']], $work[$sits['T2'][0]['person']]];
    $behind = collect($work)->first(fn (Attempt $one) => ! in_array($one->id, [$first->id, $second->id], true));
    foreach ([$first, $behind] as $seated) {
        $this->actingAs($seated->trainee)->getJson("api/attempts/$seated->id")->assertOk();
    }
    $start = fn () => $this->actingAs($exam->instructor)->postJson("api/assignments/$evening->assignment_id/moves", ['move' => 'start'])->assertOk();
    $told = $start()->assertJsonPath('moved', 1)->json('waits');

    expect(array_column($told, 'why', 'attempt'))->toEqual([
        $second->id => __('sitting.waits.not-here'), $behind->id => __('sitting.waits.station-taken'),
    ])->and($second->refresh()->started_at)->toBeNull()->and($behind->refresh()->started_at)->toBeNull()
        ->and(Record::query()->whereIn('what', ['begin', 'start'])->pluck('subject_id')->unique()->all())->toBe([$first->id]);
    $this->postJson("api/attempts/$second->id/moves", ['move' => 'present'])->assertOk()->assertJsonPath('state', 'waiting');
    $this->getJson("api/evenings/$evening->id/wall")->assertJsonPath('stations.1.now.isHere', true);
    $start()->assertJsonPath('moved', 1);
    expect($second->refresh()->started_at)->not->toBeNull();
    // A screen that was open an hour ago is open no more.
    $this->travel(1)->hours();
    $this->postJson("api/attempts/$first->id/moves", ['move' => 'close']);
    $start()->assertJsonPath('moved', 0);
});

it('counts an inspection that a page asks for, at every kind of station, and takes no other', function (string $surface, string $station) {
    $exam = new Exam(change: ['surface' => $surface, 'rules' => new stdClass, 'seed' => 'own'], marking: 'station');
    $evening = ownEvening($exam, 3, ['station' => ['surface' => $station]]);
    openEvening($evening, $exam);
    $attempt = array_values($evening->attempts())[0];
    $this->postJson("api/attempts/$attempt->id/moves", ['move' => 'start'])->assertOk();
    $sheet = $this->getJson("api/attempts/$attempt->id/as-built")->assertOk()->json();
    $asked = $sheet['observations'];
    // Photographs are of wood and copper.
    expect($sheet['isOnWall'])->toBe([$surface, $station] !== ['screen', 'screen']);
    $all = array_fill_keys(array_column($asked, 'what'), true);
    $this->putJson("api/attempts/$attempt->id/observations", ['observed' => $all])->assertOk();
    $this->putJson("api/attempts/$attempt->id/observations", ['observed' => ['never-asked' => true]])->assertUnprocessable();
    $this->postJson("api/attempts/$attempt->id/moves", ['move' => 'close'])->assertOk();
    $mark = $this->getJson("api/attempts/$attempt->id/mark")->assertOk()->json('mark');
    $seen = array_filter($mark['lines'], fn (array $line) => $line['part'] === 'workmanship');

    expect(array_sum(array_column($seen, 'got')))->toEqual(array_sum(array_column($asked, 'of')))
        ->and(array_column($seen, 'what'))->toEqual(array_keys($all))
        ->and($mark['isOpen'])->toBeFalse()->and($asked === [])->toBe($surface === 'screen' && $station === 'screen');
})->with([
    'a screen' => ['screen', 'screen'], 'a real board at a screen task' => ['screen', 'board'],
    'a wall task at a screen' => ['wall', 'screen'], 'a wall task at a board' => ['wall', 'board'],
]);

it('keeps an exam shut where a seat would fail, says which and why, and writes nothing', function () {
    $exam = ownTask();
    $evening = ownEvening($exam);
    $spoilt = $evening->assignment->attempts()->with('trainee')->orderBy('seat')->get()[1];
    $spoilt->update(['board_json' => '{}']);
    $before = [DB::table('judgements')->count(), DB::table('records')->count(), DB::table('attempts')->sum('version')];
    $answer = $this->actingAs($exam->instructor)->postJson("api/assignments/$evening->assignment_id/moves", ['move' => 'open'])->assertUnprocessable();

    expect($answer->json('message'))->toBe('The exam stays closed: one seat would fail.')
        ->and($answer->json('problems.0.message'))->toContain($spoilt->trainee->name)
        ->and($answer->json('problems'))->toHaveCount(1)
        ->and($evening->assignment->refresh()->held_at)->not->toBeNull()
        ->and([DB::table('judgements')->count(), DB::table('records')->count(), DB::table('attempts')->sum('version')])->toEqual($before);
    $this->postJson("api/attempts/$spoilt->id/moves", ['move' => 'open'])->assertUnprocessable();
    $this->putJson("api/evenings/$evening->id", [
        ...$evening->draft, 'classroom' => $exam->classroom->id, 'task' => $exam->task->id, 'title' => 'Own evening', 'startsAt' => null, 'base' => 1,
    ])->assertOk();
    openEvening($evening, $exam);
    expect($evening->assignment->refresh()->held_at)->toBeNull();
});

it('finds in a trial whatever setting it would refuse', function (array $task, string $marking, string $message) {
    $exam = ownTask();
    $body = ['boardFile' => $exam->task->board_file_id, 'marking' => Exam::marking($marking)->id, 'task' => Exam::sent($task)];
    $this->actingAs($exam->instructor)->postJson('api/task-trials', [...$body, 'seats' => 2, 'row' => 6])->assertOk()
        ->assertJsonPath('refusals', [$message]);
    $id = $this->postJson('api/tasks', $body)->assertCreated()->json('id');
    $this->postJson("api/tasks/$id/assignments", [
        'classroom' => $exam->classroom->id, 'trainees' => [$exam->trainees[0]->id, $exam->trainees[1]->id],
    ])->assertUnprocessable()->assertJsonPath('message', $message);
})->with([
    'too few equally hard faults' => [
        ['kind' => 'fault', 'faults' => 3, 'faultKinds' => ['lamp-blown']],
        'answers',
        'This board does not have 3 faults of those kinds that are equally hard to find. Choose other kinds, or fewer faults.',
    ],
    'nothing written down' => [
        ['kind' => 'finish', 'start' => 'as-found'],
        'wiring',
        'This board has no as-found sheet yet. Fill one in first, or choose which boxes are wired.',
    ],
]);

it('refuses rules that fail whatever is wired, in the trial and at setting, and takes them as a remark', function () {
    $exam = ownTask();
    $small = json_decode(Files::text('database/demo/propagation-house/board.json'));
    $small->enclosures[1]->box = 'device-3x2x1.5';
    $id = $this->actingAs($exam->instructor)->postJson('api/board-files', (array) $small)->assertCreated()->json('id');
    $body = fn (string $weight) => [
        'boardFile' => $id, 'marking' => Exam::marking('wiring')->id, 'task' => Exam::sent(['rules' => ['box-overfilled' => $weight]]),
    ];
    $refusals = fn (string $weight) => $this->postJson('api/task-trials', [...$body($weight), 'seats' => 2, 'row' => 6])->assertOk()->json('refusals');
    $task = $this->postJson('api/tasks', $body('fault'))->assertCreated()->json('id');
    $people = ['classroom' => $exam->classroom->id, 'trainees' => [$exam->trainees[0]->id]];

    expect($refusals('remark'))->toBe([])
        ->and($refusals('fault'))->toHaveCount(1)
        ->and($refusals('fault')[0])->toBe(
            'Nobody can pass this board with these rules. Gate post is overfilled: needs 18 in³, has 7.5. '
                .'Change the board, or make that a remark.',
        )
        ->and($this->postJson("api/tasks/$task/assignments", $people)->assertUnprocessable()->json('message'))->toBe($refusals('fault')[0]);
});

it('sets a task once, or says plainly that it would be twice, and takes a setting back until somebody has begun', function () {
    $exam = ownTask();
    $evening = keptEveningOf($exam, 3);
    $this->postJson("api/evenings/$evening->id/set")->assertUnprocessable()->assertJsonPath('errors.twice.0', fn (string $why) => str_contains($why, 'Exam class'));
    $again = ['classroom' => $exam->classroom->id, 'trainees' => array_column($exam->trainees, 'id')];
    $this->postJson("api/tasks/{$exam->task->id}/assignments", $again)->assertUnprocessable();
    $stranger = People::user('instructor');
    $this->actingAs($stranger)->deleteJson("api/assignments/{$exam->assignment->id}")->assertNotFound();
    $this->actingAs($exam->instructor)->deleteJson("api/assignments/{$exam->assignment->id}")->assertNoContent();
    $this->postJson("api/evenings/$evening->id/set")->assertOk();
    // Set anew after a change it is the same exam, and no second one.
    $this->postJson("api/evenings/$evening->id/set")->assertOk();
    $set = $evening->refresh()->assignment_id;

    expect(Assignment::query()->pluck('id')->all())->toBe([$set])->and(Attempt::query()->count())->toBe(3)
        ->and(Record::query()->where('what', 'take-back-setting')->sole()->who)->toBe($exam->instructor->id);
    $this->getJson("api/assignments/{$exam->assignment->id}/record")->assertOk()->assertJsonPath('0.what', 'setting taken back');
    $this->getJson("api/assignments/{$exam->assignment->id}")->assertNotFound();
    openEvening($evening, $exam);
    $attempt = array_values($evening->attempts())[0];
    $this->actingAs($attempt->trainee)->postJson("api/attempts/$attempt->id/begin")->assertNoContent();
    $this->actingAs($exam->instructor)->deleteJson("api/assignments/$set")->assertUnprocessable()
        ->assertJsonPath('message', fn (string $why) => str_contains($why, $attempt->trainee->name));
    expect(Assignment::query()->pluck('id')->all())->toBe([$set]);
});

it('takes the setting of an evening back, and sets it again', function () {
    $exam = ownTask();
    $this->actingAs($exam->instructor)->deleteJson("api/assignments/{$exam->assignment->id}")->assertNoContent();
    $evening = ownEvening($exam);
    $this->deleteJson("api/assignments/$evening->assignment_id")->assertNoContent();
    $this->getJson("api/evenings/$evening->id/wall")->assertOk();
    expect($evening->refresh()->assignment_id)->toBeNull();
    $this->postJson("api/evenings/$evening->id/set")->assertOk();
    expect($evening->refresh()->assignment->attempts()->count())->toBe(3);
});

it('keeps the better of two tries, or the one that the task says, and shows each', function (string $counts, string $verdict, int $try) {
    $exam = ownTask(['mode' => 'coached', 'tries' => 3, 'counts' => $counts]);
    $attempt = $exam->attempt();
    $right = WiringAsSteps::of($exam->right());
    $this->actingAs($attempt->trainee)->postJson("api/attempts/$attempt->id/steps", People::batch($right))->assertOk();
    $this->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
    $this->postJson("api/attempts/$attempt->id/retry", ['from' => 'bare'])->assertNoContent();
    // While it is wired again, what there is stands.
    $this->getJson('api/attempts')->assertJsonPath('0.verdict', 'pass')->assertJsonPath('0.state', 'waiting')->assertJsonPath('0.mark.passes', true);
    $this->getJson("api/attempts/$attempt->id/verdict")->assertOk()->assertJsonPath('verdict', 'pass');
    $this->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
    $line = $this->getJson('api/attempts')->assertOk()->json('0');

    expect($line['verdict'])->toBe($verdict)
        ->and(array_column($line['tries'], 'verdict', 'try'))->toBe([1 => 'pass', 2 => 'fail'])
        ->and(array_column(array_filter($line['tries'], fn (array $one) => $one['counts']), 'try'))->toBe([$try]);
    $this->getJson("api/attempts/$attempt->id/verdict?try=1")->assertOk()->assertJsonPath('verdict', 'pass')->assertJsonPath('try', 1);
    $this->getJson("api/attempts/$attempt->id/verdict?try=2")->assertOk()->assertJsonPath('verdict', 'fail');
    $this->getJson("api/attempts/$attempt->id/verdict?try=7")->assertNotFound();
    // The current's way is that of the try that is looked at.
    $lamp = array_values(array_filter($attempt->board()->devices, fn ($device) => $device->model->kind->value === 'lamp'))[0]->id;
    foreach ([[1, 'lit'], [2, 'not-lit']] as [$of, $end]) {
        $ends = array_map(fn (int $state) => $this->getJson("api/attempts/$attempt->id/path?lamp=$lamp&state=$state&try=$of")->assertOk()->json('end'), range(0, 3));
        expect(count(array_unique($ends)) > 1)->toBe($end === 'lit');
    }
    $this->actingAs($exam->instructor)->getJson("api/attempts/$attempt->id/re-mark")->assertOk()->assertJsonPath('changes', false)
        ->assertJsonPath('now.verdict', $verdict);
    $this->postJson("api/attempts/$attempt->id/re-mark", ['take' => true])->assertOk()->assertJsonPath('verdict', $verdict);
    expect($attempt->refresh()->judgement->try)->toBe($try);
})->with([['best', 'pass', 1], ['last', 'fail', 2], ['first', 'pass', 1]]);

it('shows nothing of an exam before release, derived figures included', function () {
    $exam = ownTask(['tries' => 2]);
    $attempt = $exam->begun();
    $this->actingAs($attempt->trainee)->postJson("api/attempts/$attempt->id/steps", Exam::steps($exam->right()))->assertOk();
    $this->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
    $line = fn () => $this->actingAs($attempt->trainee)->getJson('api/attempts')->assertOk()->json('0');
    expect([$line()['verdict'], $line()['mark'], $line()['tries']])->toBe([null, null, []])
        ->and($line()['headline'])->toBe(__('messages.not-released'));
    $this->getJson("api/attempts/$attempt->id/verdict?try=1")->assertForbidden();
    $this->postJson("api/attempts/$attempt->id/finish")->assertNoContent();
    $this->actingAs($exam->instructor)->postJson("api/assignments/{$exam->assignment->id}/release")->assertSuccessful();

    expect($line()['verdict'])->toBe('pass')->and($line()['mark']['passes'])->toBeTrue()->and($line()['tries'])->toHaveCount(1);
});

it('gives the second try of an exam of faults other faults, as many and as hard', function () {
    $exam = new Exam('database/demo/packing-barn/board.json', ['kind' => 'fault', 'seed' => 'own', 'tries' => 3, 'rules' => new stdClass]);
    $attempt = $exam->begun();
    foreach ([1, 2] as $_) {
        $this->actingAs($attempt->trainee)->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
        $this->postJson("api/attempts/$attempt->id/retry", ['from' => 'bare'])->assertNoContent();
    }
    $placed = $attempt->refresh()->placedFaults()->orderBy('try')->get();

    expect($placed)->toHaveCount(3)->and($placed->pluck('mistakes')->flatten()->unique())->toHaveCount(3)
        ->and(abs($placed[1]->looks - $placed[0]->looks))->toBeLessThanOrEqual(1)
        ->and(abs($placed[2]->looks - $placed[1]->looks))->toBeLessThanOrEqual(1)
        ->and($placed->map(fn ($one) => count($one->mistakes))->unique()->all())->toBe([1])
        // What was looked for in the first try is still told of it.
        ->and($attempt->judgements()->orderBy('id')->pluck('try')->all())->toBe([1, 2]);
});

it('does not let naming by trial pass, in the first try or the second', function () {
    $exam = new Exam('database/demo/propagation-house/board.json', ['kind' => 'fault', 'seed' => 'own', 'tries' => 2, 'rules' => new stdClass]);
    $attempt = $exam->begun();
    $count = 0;
    $name = function (string $what) use ($attempt, &$count): void {
        $count++;
        test()->postJson("api/attempts/$attempt->id/proof/acts", ['key' => "g-$count", 'act' => ['kind' => 'name', 'on' => $what]])->assertOk();
    };
    $this->actingAs($attempt->trainee);
    foreach ([1, 2] as $try) {
        $board = $attempt->refresh()->load('placedFaults')->placedFault()->asCore($attempt->board());
        $fault = array_values($board->faults)[0];
        $box = array_key_first($attempt->board()->enclosures);
        // Sixty-four guesses, the right one the last; isolated by the book, and no cover off.
        foreach (range(1, 63) as $guess) {
            $name(['earth-off', 'lamp-blown', 'neutral-open'][$guess % 3]."|$box|");
        }
        $name(HuntOnBoard::named($board, $fault));
        $this->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
        $try === 1 && $this->postJson("api/attempts/$attempt->id/retry", ['from' => 'bare'])->assertNoContent();
    }
    $this->actingAs($exam->instructor);
    $mark = $this->getJson("api/attempts/$attempt->id/mark")->assertOk()->json('mark');
    $lines = array_column($mark['lines'], 'got', 'part');

    expect($mark['passes'])->toBeFalse()->and($lines['measuring'])->toEqual(0)->and($lines['method'])->toEqual(0)
        ->and($mark['got'])->toBeLessThan($mark['total'] / 10);
});

it('takes the safety points for hands in a board that was not proved dead, and the whole unless the marking says otherwise', function (bool $isWhole) {
    $exam = new Exam('database/demo/propagation-house/board.json', ['kind' => 'fault', 'seed' => 'own', 'faultKinds' => ['loose-terminal']]);
    $marking = [...(array) json_decode($exam->assignment->marking_json, true), ...$isWhole ? [] : ['deadBeforeHands' => false]];
    $exam->assignment->update(['marking_json' => json_encode($marking)]);
    $attempt = $exam->begun();
    $this->actingAs($attempt->trainee);
    $board = $attempt->placedFault()->asCore($attempt->board());
    $fault = array_values($board->faults)[0];
    HuntOnBoard::act($this, $attempt, ['kind' => 'turn-off', 'on' => 'main'])->assertOk();
    foreach (array_keys($board->right->board->enclosures) as $box) {
        HuntOnBoard::act($this, $attempt, ['kind' => 'open-box', 'on' => $box])->assertOk();
    }
    foreach (Tests\Support\HandRepairs::of($board) as $done) {
        HuntOnBoard::act($this, $attempt, HuntOnBoard::sent($done, $board))->assertOk()->assertJsonPath('isRefused', false);
    }
    HuntOnBoard::act($this, $attempt, ['kind' => 'name', 'on' => HuntOnBoard::named($board, $fault)])->assertOk();
    $this->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
    $mark = $this->actingAs($exam->instructor)->getJson("api/attempts/$attempt->id/mark")->assertOk()->json('mark');

    expect(array_column($mark['lines'], 'got', 'part')['method'])->toEqual(0)
        ->and($mark['critical'] !== '')->toBe($isWhole)->and($mark['critical'])->not->toContain('task.');
})->with(['as it is to begin with' => [true], 'as the marking chooses' => [false]]);

it('gives an erased person no new code, puts a new code on record, and leaves no power over those who have left', function () {
    $people = new People;
    $this->actingAs($people->instructor)->postJson("api/trainees/{$people->trainee->id}/code")->assertCreated();
    expect(Record::query()->where(['subject' => 'user', 'subject_id' => $people->trainee->id, 'what' => 'new-code'])->sole()->who)
        ->toBe($people->instructor->id);
    $people->classroom->letGo($people->trainee);
    $seen = ['name' => $people->trainee->name, 'extraPercent' => 0];
    $this->postJson("api/trainees/{$people->trainee->id}/code")->assertNotFound();
    $this->patchJson("api/trainees/{$people->trainee->id}", ['seen' => $seen, 'extraPercent' => 50])->assertNotFound();
    $other = $this->postJson('api/classrooms', ['name' => 'Another'])->json('id');
    $this->putJson("api/classrooms/{$people->classroom->id}/trainees/{$people->trainee->id}/to/$other")->assertNotFound();
    // Into the class that they left they can be taken back.
    $this->putJson("api/classrooms/{$people->classroom->id}/trainees/{$people->trainee->id}/to/{$people->classroom->id}")->assertNoContent();
    App\Care\PersonData::erase($people->trainee);
    $this->postJson("api/trainees/{$people->trainee->id}/code")->assertNotFound();
});

it('writes the table of marks as the instructor wants it, and remembers how', function () {
    $exam = ownTask();
    $exam->trainees[0]->update(['student_number' => 'A-1042']);
    $attempt = $exam->begun();
    $this->actingAs($attempt->trainee)->postJson("api/attempts/$attempt->id/steps", Exam::steps($exam->right()))->assertOk();
    $this->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
    $this->actingAs($exam->instructor)->putJson("api/attempts/$attempt->id/mark", ['line' => 'total', 'points' => 61.5, 'why' => 'By eye'])->assertOk();
    $uri = "api/assignments/{$exam->assignment->id}/mark-sheet?as=csv";
    $usual = $this->get($uri)->assertOk();
    expect(rawurldecode((string) $usual->headers->get('Content-Disposition')))->toContain('Exam class, Evening exam, marks.csv');
    $rows = array_map(str_getcsv(...), explode("\r\n", trim(substr((string) $usual->getContent(), 3))));
    $row = array_combine($rows[0], $rows[1]);

    expect($row['Class'])->toBe('Exam class')->and($row['Task'])->toBe('Evening exam')->and($row['Student number'])->toBe('A-1042')
        ->and($row['Sign-in name'])->toBe($exam->trainees[0]->username)->and($row['Name'])->toBe($exam->trainees[0]->name)
        ->and($row['Points'])->toBe('61.5')->and($row['Out of'])->not->toBe('')->and($row['Marked by'])->toBe($exam->instructor->name)
        ->and($row['Began'])->not->toBe('')->and($row['Handed in'])->not->toBe('')
        ->and(array_filter(array_keys($row), fn (string $head) => str_contains($head, ' /')))->not->toBe([]);
    $this->putJson('api/mark-table', [
        'columns' => ['total', 'name'], 'headings' => ['total' => 'Punkte'], 'key' => 'sign-in', 'separator' => 'semicolon', 'decimal' => 'comma',
    ])->assertOk();
    $own = (string) $this->get($uri)->getContent();
    expect($own)->toStartWith("\u{FEFF}\"Sign-in name\";\"Punkte\";\"Name\"\r\n")->toContain("\"{$exam->trainees[0]->username}\";\"61,5\";");
    $this->getJson('api/mark-table')->assertJsonPath('separator', 'semicolon')->assertJsonPath('columns', ['total', 'name']);
    $this->putJson('api/mark-table', ['columns' => ['everything'], 'headings' => [], 'key' => 'id', 'separator' => ',', 'decimal' => '.'])
        ->assertUnprocessable();
    $this->actingAs($exam->trainees[0])->getJson('api/mark-table')->assertForbidden();
});

it('writes one table for a class over a term, a row a person', function () {
    $exam = ownTask();
    $second = app(App\Actions\Tasks\SetTask::class)->execute($exam->task, $exam->classroom, array_column($exam->trainees, 'id'), 6);
    foreach ([$exam->assignment, $second] as $assignment) {
        $assignment->update(['mode' => 'coached']);
        $attempt = $assignment->attempts()->where('trainee_id', $exam->trainees[0]->id)->sole();
        $this->actingAs($exam->trainees[0])->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
    }
    $answer = $this->actingAs($exam->instructor)->get("api/classrooms/{$exam->classroom->id}/mark-table")->assertOk();
    $rows = array_map(str_getcsv(...), explode("\r\n", trim(substr((string) $answer->getContent(), 3))));

    expect($rows)->toHaveCount(4)->and(array_slice($rows[0], -6))->toBe([
        'Evening exam', 'Evening exam, Out of', 'Evening exam, Result', 'Evening exam', 'Evening exam, Out of', 'Evening exam, Result',
    ])->and(rawurldecode((string) $answer->headers->get('Content-Disposition')))->toContain('Exam class, marks over the term.csv');
    $none = (string) $this->get("api/classrooms/{$exam->classroom->id}/mark-table?to=2020-01-01")->getContent();
    expect($none)->not->toContain('Evening exam');
    $this->actingAs(People::user('instructor'))->get("api/classrooms/{$exam->classroom->id}/mark-table")->assertNotFound();
});

it('gives no points for an order of work that is not judged, and counts none in the total', function () {
    $ordered = new Exam(change: ['order' => 'box-by-box', 'seed' => 'own']);
    $free = new Exam(change: ['seed' => 'own']);
    [$with, $without] = array_map(function (Exam $exam): array {
        $attempt = $exam->begun();
        test()->actingAs($attempt->trainee)->postJson("api/attempts/$attempt->id/steps", Exam::steps($exam->right()))->assertOk();
        test()->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();

        return test()->actingAs($exam->instructor)->getJson("api/attempts/$attempt->id/mark")->assertOk()->json('mark');
    }, [$ordered, $free]);
    $order = array_column($with['lines'], 'of', 'part')['order'];

    expect($order)->toBeGreaterThan(0)->and(array_column($without['lines'], 'part'))->not->toContain('order')
        ->and($without['total'])->toBe($with['total'] - $order)
        ->and($without['got'])->toEqual($without['total'])
        ->and($without['passMark'])->toBe((int) ceil($with['passMark'] * $without['total'] / $with['total']));
});

it('puts on record what a mark was before it was changed, the first time too', function () {
    $exam = ownTask();
    $attempt = $exam->begun();
    $this->actingAs($attempt->trainee)->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
    $this->actingAs($exam->instructor);
    $was = $this->getJson("api/attempts/$attempt->id/mark")->json('mark.got');
    $this->putJson("api/attempts/$attempt->id/mark", ['line' => 'total', 'points' => 12, 'why' => 'By eye'])->assertOk();
    $this->putJson("api/attempts/$attempt->id/mark", ['line' => 'total', 'points' => 14, 'why' => 'By eye again'])->assertOk();
    $changes = Record::query()->where('what', 'override')->orderBy('id')->get();

    expect($changes->map(fn (Record $one) => [$one->from['points'], $one->to['points']])->all())->toEqual([[$was, 12], [12, 14]]);
    $this->getJson("api/assignments/{$exam->assignment->id}/record")->assertOk()->assertJsonPath('0.from', 'the whole mark, 12 points')
        ->assertJsonPath('0.to', 'the whole mark, 14 points');
});

it('calls nobody who is not due, and lays what is over with the earlier', function () {
    $exam = ownTask();
    $paused = $exam->begun(1);
    $idle = $exam->begun(2);
    $this->actingAs($exam->instructor)->postJson("api/attempts/$paused->id/moves", ['move' => 'pause'])->assertOk();
    $this->travel(5)->minutes();
    $running = collect($this->getJson('api/tonight')->assertOk()->json('running'))->keyBy('attempt');
    expect($running[$paused->id]['stuck'])->toBeNull()->and($running[$idle->id]['stuck'])->not->toBeNull();
    $old = ownTask();
    $old->assignment->forceFill(['created_at' => now()->subDays(60)])->save();
    expect($this->actingAs($old->instructor)->getJson('api/tonight')->json('next'))->toBe([]);

    $evening = ownEvening($exam, 3);
    $list = fn () => $this->actingAs($exam->instructor)->getJson('api/evenings')->assertOk()->json('0.isOver');
    expect($list())->toBeFalse();
    openEvening($evening, $exam);
    $this->postJson("api/assignments/$evening->assignment_id/moves", ['move' => 'close'])->assertOk();
    expect($list())->toBeTrue();
});
