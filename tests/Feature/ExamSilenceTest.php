<?php

declare(strict_types=1);

use App\Actions\Tasks\SetTask;
use App\Models\Attempt;
use App\Shapes\Classes\CsvTable;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Tests\Support\Exam;
use Tests\Support\People;
use Zwindle\Exam\Task\TaskKind;

const STATION_BOARD = 'database/patterns/na-08-station-fed-at-the-first-switch.board.json';

/** What a trainee can ask of an attempt. */
function askable(int $id): array
{
    return [
        'attempts',
        "attempts/$id",
        "attempts/$id/questions",
        "attempts/$id/mark",
        "attempts/$id/debrief",
        "attempts/$id/verdict",
        "attempts/$id/path?lamp=LA&state=0",
        "attempts/$id/help",
        "attempts/$id/test?one=S1%231&other=S1%232",
        "attempts/$id/proof",
        "attempts/$id/proof/sheet",
        "attempts/$id/proof/walk",
        "attempts/$id/proof/ahead?with=two-pole&one=S1%231",
        "attempts/$id/hunt",
    ];
}

/** Brings an attempt to a moment of an exam. */
function bringTo(string $moment, Exam $exam): Attempt
{
    $attempt = $exam->attempt();
    $trainee = $exam->trainees[0];
    if ($moment !== 'to begin') {
        test()->actingAs($trainee)->postJson("api/attempts/$attempt->id/begin")->assertNoContent();
    }
    if (in_array($moment, ['handed in', 'another exam open'], true)) {
        test()->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
    }
    if ($moment === 'another exam open') {
        $other = app(SetTask::class)->execute($exam->task, $exam->classroom, array_column($exam->trainees, 'id'), 6);
        $open = Attempt::query()->where(['assignment_id' => $other->id, 'trainee_id' => $trainee->id])->firstOrFail();
        test()->postJson("api/attempts/$open->id/begin")->assertNoContent();
    }

    return $attempt->refresh();
}

it('tells nothing that eyes do not see, whatever is asked of whichever kind of task at whatever moment', function (
    TaskKind $kind,
    string $moment,
) {
    $exam = new Exam(STATION_BOARD, [
        'kind' => $kind->value,
        ...($kind === TaskKind::Finish ? ['done' => ['B1']] : []),
        'help' => ['hints', 'labels', 'truth-table', 'tester'],
    ]);
    $attempt = bringTo($moment, $exam);
    $drawn = json_decode($exam->task->boardFile->json, true);
    $statuses = [];
    foreach (askable($attempt->id) as $path) {
        $answer = $this->actingAs($exam->trainees[0])->getJson("api/$path");
        $statuses[$path] = $answer->status();
        // What may be named of a fault is the question.
        $text = (string) preg_replace('/"kinds":\[[^]]*]/', '', (string) $answer->getContent());
        expect($answer->status())->toBeLessThan(500);
        foreach (Exam::secrets() as $secret) {
            expect(str_contains($text, $secret))->toBeFalse("$path tells $secret");
        }
        $json = $answer->json();
        // Neither title nor number of the drawing, nor its ids in its order.
        expect(str_contains($text, json_encode($drawn['title'])))->toBeFalse("$path tells the board's title");
        $board = $json['board'] ?? null;
        $enclosures = $board['enclosures'] ?? [];
        $isSeen = match (true) {
            $moment === 'to begin' => false,
            $path === "attempts/$attempt->id" => $kind->isWired() || $kind === TaskKind::Fault,
            str_ends_with($path, '/questions') => in_array($kind, [TaskKind::Predict, TaskKind::Trace, TaskKind::Parts], true),
            default => false,
        };
        expect($isSeen || $enclosures === [])->toBeTrue("$path shows a board of which nothing is to be seen");
        if ($kind === TaskKind::Fault) {
            // Every cover is on: of switches and lamps the faces, and nothing behind them.
            expect(array_merge(...array_column($enclosures, 'ends'), ...[[]]))->toBe([])
                ->and(array_merge(...array_column(array_merge(...array_column($enclosures, 'devices'), ...[[]]), 'landings'), ...[[]]))->toBe([]);
        }
        if ($kind === TaskKind::Parts) {
            // Boxes and runs, closed: what hangs in them is the question.
            expect(array_filter($enclosures, fn (array $box) => $box['devices'] !== [] || $box['ends'] !== []))->toBe([]);
        }
        if ($enclosures !== [] && $kind !== TaskKind::Finish) {
            expect(array_column($enclosures, 'label', 'id'))->not->toBe(array_column($drawn['enclosures'], 'label', 'id'));
        }
    }
    foreach ($this->getJson('api/attempts')->json() as $one) {
        expect($one['board'])->not->toHaveKey('id');
    }
    // No verdict, mark, debrief or help while the exam is on or its marks are not out.
    foreach (['mark', 'debrief', 'verdict', 'help', 'test?one=S1%231&other=S1%232'] as $closed) {
        expect($statuses["attempts/$attempt->id/$closed"])->toBeGreaterThanOrEqual(400);
    }
})->with(TaskKind::cases())->with(['to begin', 'running', 'handed in', 'another exam open']);

it('keeps a coached verdict closed between the tries of an exam, until the trainee is done', function () {
    $exam = new Exam(STATION_BOARD, ['tries' => 2]);
    $practice = (new App\Actions\Classes\SetAssignment)->execute($exam->classroom, People::boardFile(), [$exam->trainees[0]->id], null)
        ->attempts()
        ->firstOrFail();
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/$practice->id/hand-in")->assertNoContent();
    $this->getJson("api/attempts/$practice->id/verdict")->assertOk();
    $id = $exam->begun()->id;
    $this->getJson("api/attempts/$practice->id/verdict")->assertForbidden();
    $this->postJson("api/attempts/$id/hand-in")->assertNoContent();
    $this->getJson("api/attempts/$practice->id/verdict")->assertForbidden();
    $this->postJson("api/attempts/$id/finish")->assertNoContent();
    $this->getJson("api/attempts/$practice->id/verdict")->assertOk();
    $this->postJson("api/attempts/$id/retry")->assertStatus(422);
});

it('lets two exams begun at once lock nobody out: the first holds, the second waits', function () {
    $exam = new Exam;
    $second = app(SetTask::class)->execute($exam->task, $exam->classroom, array_column($exam->trainees, 'id'), 6);
    [$one, $other] = [$exam->attempt(), $second->attempts()->where('seat', 1)->firstOrFail()];
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/$one->id/begin")->assertNoContent();
    $this->postJson("api/attempts/$other->id/begin")->assertForbidden();
    // As two sessions did that asked at the same moment: both begun.
    DB::table('attempts')->whereIn('id', [$one->id, $other->id])->update(['started_at' => now()]);
    $this->getJson("api/attempts/$one->id")->assertOk();
    $this->getJson("api/attempts/$other->id")->assertForbidden();
    $this->postJson("api/attempts/$one->id/hand-in")->assertNoContent();
    $this->getJson("api/attempts/$other->id")->assertOk();
});

it('begins no second exam inside the transaction, though the policy looked away', function () {
    $exam = new Exam;
    $second = app(SetTask::class)->execute($exam->task, $exam->classroom, array_column($exam->trainees, 'id'), 6);
    $exam->begun();
    $other = $second->attempts()->where('seat', 1)->firstOrFail();
    expect(fn () => app(App\Actions\Bench\BeginExam::class)->execute($other))->toThrow(App\Exceptions\WorkRefused::class)
        ->and($other->refresh()->started_at)->toBeNull();
});

it('releases no mark while a neighbour is in the exam', function () {
    $exam = new Exam;
    $id = $exam->begun(1)->id;
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/$id/hand-in")->assertNoContent();
    $exam->begun(2);
    $this->actingAs($exam->instructor)->postJson("api/assignments/{$exam->assignment->id}/release")->assertStatus(422)->assertJsonPath(
        'errors.assignment.0',
        $exam->trainees[1]->name.' is still in the exam. Release the marks when it is over.',
    );
    $this->actingAs($exam->trainees[0])->getJson("api/attempts/$id/verdict")->assertForbidden();
    $this->travel(16)->minutes();
    $this->actingAs($exam->instructor)->postJson("api/assignments/{$exam->assignment->id}/release")->assertOk();
    $this->actingAs($exam->trainees[2])->postJson("api/attempts/{$exam->attempt(3)->id}/begin")->assertStatus(422);
});

it('stores of a step what it read, and takes no flood', function () {
    $people = new People;
    $step = [...People::land('W1.black@B1', 'S1#3'), 'padding' => str_repeat('x', 5000), 'more' => ['a' => 1]];
    $this->actingAs($people->trainee)->postJson("api/attempts/{$people->attempt->id}/steps", People::batch([$step]))->assertOk();
    expect(DB::table('steps')->value('json'))->toBe('{"do":"land","points":["W1.black@B1"],"on":"S1#3"}');
    $this->postJson("api/attempts/{$people->attempt->id}/steps", People::batch([[...$step, 'padding' => str_repeat('x', 300_000)]], 2))
        ->assertStatus(413)
        ->assertJsonPath('message', __('messages.too-large'));
    $this->postJson('api/board-files', ['padding' => str_repeat('x', 2_100_000)])->assertStatus(413);
    expect(DB::table('steps')->count())->toBe(1);
});

it('slows one person down and nobody else', function () {
    $people = new People;
    $key = md5('person'.$people->trainee->id);
    Illuminate\Support\Facades\RateLimiter::increment($key, 60, 900);
    $this->actingAs($people->trainee)->getJson('api/attempts')->assertStatus(429)->assertJsonPath('message', __('messages.too-often'));
    $this->actingAs($people->neighbour)->getJson('api/attempts')->assertOk();
});

it('answers in words what once broke off', function (Closure $ask, int $status) {
    expect($ask($this)->status())->toBe($status);
})->with([
    'a step made at a huge number' => [function ($test) {
        $people = new People;
        $batch = People::batch([People::land('W1.black@B1', 'S1#3')]);
        $batch['steps'][0]['at'] = 99999999999999999999999999;

        return $test->actingAs($people->trainee)->postJson("api/attempts/{$people->attempt->id}/steps", $batch);
    }, 422],
    'a plan beyond all numbers' => [
        fn ($test) => $test->actingAs(People::user('instructor'))->getJson(
            'api/board-files/'.People::boardFile()->id.'/plans/99999999999999999999999',
        ),
        404,
    ],
]);

it('tells no name by its answer, slows guessing down, and locks no classmate out', function () {
    $people = new People;
    $try = fn (string $name, string $password) => $this->postJson('api/session', ['username' => $name, 'password' => $password]);
    $unknown = $try('nobody-at-all', 'x');
    $known = $try($people->trainee->username, 'x');
    expect([$unknown->status(), $unknown->json('message')])->toBe([$known->status(), $known->json('message')]);
    for ($i = 0; $i < 8; $i++) {
        $this->flushSession();
        $last = $try($people->neighbour->username, 'guess');
    }
    // One try every five seconds from now on, and no longer.
    expect($last->status())->toBe(429)->and($last->json('message'))->toMatch('/Wait (one|[2-5]) second/');
    $this->travel(6)->seconds();
    $this->flushSession();
    $try($people->neighbour->username, 'lights-on')->assertOk();
});

it('lets a device that signed in before sign in though others guess at its name', function () {
    $people = new People;
    $known = $this->postJson('api/session', ['username' => $people->trainee->username, 'password' => 'lights-on'])
        ->assertOk()
        ->getCookie('zwindle_known')
        ?->getValue();
    for ($i = 0; $i < 8; $i++) {
        $this->flushSession();
        $this->postJson('api/session', ['username' => $people->trainee->username, 'password' => 'guess']);
    }
    $this->flushSession();
    $this->withCredentials()
        ->withCookie('zwindle_known', (string) $known)
        ->postJson('api/session', ['username' => $people->trainee->username, 'password' => 'lights-on'])
        ->assertOk();
});

it('has a ceiling over all names together', function () {
    for ($i = 0; $i < 120; $i++) {
        App\Services\SignInPace::failed("name$i", "device$i", false);
    }
    expect(App\Services\SignInPace::wait('another', 'fresh', false))->toBeGreaterThan(0)
        ->and(App\Services\SignInPace::wait('another', 'fresh', true))->toBe(0);
    Cache::flush();
});

it('is not up where nothing can be written', function () {
    $this->getJson('health')->assertOk();
    app()->useStoragePath('/proc/nowhere');
    $this->getJson('health')->assertStatus(503);
});

it('writes no cell that a spreadsheet would run', function (string $cell) {
    expect(CsvTable::of(['a'], [['a' => $cell]]))->toContain("\"'$cell\"");
})->with(['=1+1', '+1', '-1', '@a', '＝1+1', '＋1', '－1', '＠a', ' =1+1']);
