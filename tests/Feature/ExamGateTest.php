<?php

declare(strict_types=1);

use App\Models\Attempt;
use App\Models\Drill;
use App\Models\LateAct;
use App\Models\Photograph;
use App\Models\Record;
use App\Services\ExamGate;
use Illuminate\Support\Facades\DB;
use Tests\Support\Exam;
use Tests\Support\People;
use Tests\Support\Routes;
use Tests\Support\Tick;

const SMALL_JPEG = '/9j/2wBDAAEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQH/wAAL'
    .'CAABAAEBAREA/8QAHwAAAQUBAQEBAQEAAAAAAAAAAAECAwQFBgcICQoL/9oACAEBAAA/ANLPIP/Z';

/** A trainee in an exam, who has practice, a drill and a try of the past as well. */
function inExam(array $change = []): array
{
    $exam = new Exam(change: $change);
    $practice = new Exam('database/demo/propagation-house/board.json', ['mode' => 'coached', 'help' => ['labels', 'hints', 'truth-table']]);
    $other = $practice->attempt();
    $other->update(['trainee_id' => $exam->trainees[0]->id]);
    $practice->classroom->trainees()->attach($exam->trainees[0]->id);
    test()->actingAs($exam->trainees[0])->postJson("api/attempts/$other->id/hand-in")->assertNoContent();
    $drill = test()->postJson('api/drills', ['kind' => 'feed', 'practice' => 'na'])->assertCreated()->json('id');

    return [$exam, $exam->begun(), $other, $drill];
}

it('closes every route to somebody in an exam but those that the gate lists, new ones too', function () {
    [$exam, $attempt, $other, $drill] = inExam();
    $ids = [
        'attempt' => $attempt->id, 'boardFile' => $exam->task->board_file_id, 'plan' => 0, 'task' => $exam->task->id,
        'marking' => $exam->task->marking_id, 'assignment' => $exam->assignment->id, 'classroom' => $exam->classroom->id,
        'trainee' => $exam->trainees[0]->id, 'other' => $exam->classroom->id, 'instructor' => $exam->instructor->id,
        'step' => 1, 'evening' => 1, 'drill' => $drill, 'photograph' => 1, 'deleted' => 1, 'late' => 1, 'practice' => 'na', 'version' => 'today',
    ];
    $open = $closed = [];
    foreach (Routes::all() as [$method, $uri]) {
        $name = "$method ".substr($uri, strlen('api/'));
        if (str_ends_with($name, ' session')) {
            continue;
        }
        foreach (['attempt' => $attempt->id, 'elsewhere' => $other->id] as $where => $id) {
            if ($where === 'elsewhere' && ! str_contains($uri, '{attempt}')) {
                continue;
            }
            $path = (string) preg_replace_callback('/\{(\w+)\}/', fn (array $key) => (string) (['attempt' => $id] + $ids)[$key[1]], $uri);
            DB::beginTransaction();
            $answer = $this->actingAs($exam->trainees[0]->fresh())->json($method, $path);
            DB::rollBack();
            // What is not there at all is not told by the gate either.
            $isShut = $answer->status() === 403 && $answer->json('message') === __('messages.exam-open');
            $isGone = $answer->status() === 404 && preg_match('/\{(evening|photograph|deleted|late|step)\}/', $uri) === 1;
            if ($isGone) {
                continue;
            }
            $isShut ? $closed["$where $name"] = true : $open["$where $name"] = true;
        }
    }
    $listed = array_values(array_filter(ExamGate::OPEN, fn (string $name) => ! str_contains($name, '{photograph}') && $name !== 'DELETE session'));

    expect(array_keys($open))->toEqualCanonicalizing(array_map(fn (string $name) => "attempt $name", $listed))
        ->and(count($closed))->toBeGreaterThan(100);
});

it('lists no route that is not there', function () {
    $there = array_map(fn (array $route) => "$route[0] ".substr($route[1], strlen('api/')), Routes::all());

    expect(array_diff(ExamGate::OPEN, $there))->toBe([]);
});

it('answers 403 to everything that teaches or tells while an exam is open, and opens it again after', function (string $method, string $path) {
    [$exam, $attempt, $other, $drill] = inExam();
    $path = strtr($path, ['{other}' => (string) $other->id, '{drill}' => (string) $drill]);
    $this->json($method, "api/$path", ['kind' => 'feed', 'practice' => 'na'])->assertForbidden()
        ->assertJsonPath('message', __('messages.exam-open'));
    $this->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
    expect($this->json($method, "api/$path", ['kind' => 'feed', 'practice' => 'na'])->json('message'))->not->toBe(__('messages.exam-open'));
})->with([
    'a drill begun' => ['POST', 'drills'], 'a drill gone on with' => ['GET', 'drills/{drill}'], 'the drills' => ['GET', 'drills'],
    'an earlier verdict' => ['GET', 'attempts/{other}/verdict'], 'another board' => ['GET', 'attempts/{other}'],
    'another mark' => ['GET', 'attempts/{other}/mark'], 'labels and hints' => ['GET', 'attempts/{other}/help'],
    'the way of the current' => ['GET', 'attempts/{other}/path?lamp=LA&state=0'], 'another try' => ['POST', 'attempts/{other}/retry'],
]);

it('has no way in for guests: whoever is nobody gets a sign-in and nothing else', function () {
    $open = array_filter(Routes::all(), fn (array $route) => $this->json($route[0], preg_replace('/\{\w+\}/', '1', $route[1]))->status() !== 401);

    expect(array_values($open))->toEqualCanonicalizing([['GET', 'api/session'], ['POST', 'api/session']]);
});

it('says in the list why other boards are closed, and tells nothing of them', function () {
    [$exam, $attempt, $other] = inExam();
    $list = collect($this->getJson('api/attempts')->assertOk()->json())->keyBy('id');

    expect($list[$attempt->id]['closed'])->toBeNull()
        ->and($list[$other->id]['closed'])->toBe(__('messages.exam-open'))
        ->and($list[$other->id]['verdict'])->toBeNull()->and($list[$other->id]['headline'])->toBeNull()
        ->and($list[$other->id]['tries'])->toBe([])->and($list[$other->id]['mark'])->toBeNull();
    $this->postJson("api/attempts/$attempt->id/hand-in");
    expect(collect($this->getJson('api/attempts')->json())->keyBy('id')[$other->id]['closed'])->toBeNull();
});

it('lets nobody begin who has left the class, or whose class is over', function () {
    $exam = new Exam;
    $exam->classroom->letGo($exam->trainees[0]);
    $attempt = $exam->attempt();
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/$attempt->id/begin")
        ->assertUnprocessable()->assertJsonPath('message', __('messages.left-class'));
    $this->postJson("api/attempts/$attempt->id/steps", Exam::steps($exam->right()))->assertJsonPath('setAside.0.reason', 'left-class');
    $this->postJson("api/attempts/$attempt->id/hand-in")->assertUnprocessable();
    $this->actingAs($exam->instructor)->postJson("api/attempts/$attempt->id/moves", ['move' => 'start'])->assertUnprocessable();
    $exam->classroom->update(['archived_at' => now()]);
    $second = $exam->attempt(2);
    $this->actingAs($exam->trainees[1])->postJson("api/attempts/$second->id/begin")
        ->assertUnprocessable()->assertJsonPath('message', __('messages.class-over'));
    $practice = new People;
    $practice->classroom->letGo($practice->trainee);
    $this->actingAs($practice->trainee)
        ->postJson("api/attempts/{$practice->attempt->id}/steps", People::batch([People::land('W1.black@B1', 'S1#3')]))
        ->assertJsonPath('setAside.0.reason', 'left-class');

    expect(Attempt::query()->whereNotNull('started_at')->count())->toBe(0);
});

it('marks a hand-in after the time as such, though nobody had looked', function () {
    $exam = new Exam(change: ['minutes' => 15]);
    $attempt = $exam->begun();
    $this->travel(20)->minutes();
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();

    expect($attempt->refresh()->is_time_up)->toBeTrue()->and($attempt->handed_in_at->toIso8601String())->toBe($attempt->dueAt()->toIso8601String())
        ->and(Record::query()->where('subject_id', $attempt->id)->pluck('what')->all())->toBe(['begin', 'time-up']);
});

it('tells no next flip in an exam', function (string $mode) {
    $exam = new Exam('database/demo/propagation-house/board.json', [
        'kind' => 'fault', 'seed' => 'tuesday', 'mode' => $mode, 'faultKinds' => ['common-and-traveller-exchanged'],
    ]);
    $attempt = $exam->begun();
    [$one, $other] = array_column($this->actingAs($exam->trainees[0])->getJson("api/attempts/$attempt->id/proof")->json('switches'), 'id');
    $this->postJson("api/attempts/$attempt->id/proof/acts", [
        'key' => 'tablet-1', 'act' => ['kind' => 'flip', 'on' => $one],
    ])->assertOk();
    $this->getJson("api/attempts/$attempt->id/proof/walk")->assertOk()->assertJsonPath('next', $mode === 'exam' ? null : $other)->assertJsonPath('seen', 1);
})->with(['exam', 'coached']);

it('keeps an answer that was made before the end and sent after it, for the instructor to accept or refuse', function () {
    $exam = new Exam(change: ['kind' => 'predict', 'minutes' => 15]);
    $attempt = $exam->begun();
    $madeAt = now()->addMinutes(14)->toIso8601ZuluString('millisecond');
    $this->travel(16)->minutes();
    $send = fn (array $answer, ?string $at) => $this->actingAs($attempt->trainee)->putJson(
        "api/attempts/$attempt->id/answers",
        ['question' => 1, 'answer' => $answer, ...$at === null ? [] : ['at' => $at]],
    );
    $send([0], $madeAt)->assertStatus(202);
    // Sent twice it is kept once; what was made too late, or does not say when, is refused.
    $send([0], $madeAt)->assertStatus(202);
    $send([1], now()->toIso8601ZuluString())->assertUnprocessable();
    $send([1], null)->assertUnprocessable();
    $late = $this->actingAs($exam->instructor)->getJson("api/attempts/$attempt->id/late-acts")->assertOk()
        ->assertJsonCount(1)->assertJsonPath('0.kind', 'answer')->assertJsonPath('0.accepted', null)->json('0');
    expect($late['words'])->toContain('Question 1')->and($attempt->refresh()->answers)->toBeNull();
    $this->putJson("api/attempts/$attempt->id/late-acts/{$late['id']}", ['accepted' => true])->assertOk()->assertJsonPath('0.accepted', true);
    $this->putJson("api/attempts/$attempt->id/late-acts/{$late['id']}", ['accepted' => false])->assertUnprocessable();

    expect($attempt->refresh()->answers)->toHaveCount(1)
        ->and(Record::query()->where('what', 'accept-late')->where('subject_id', $attempt->id)->count())->toBe(1)
        ->and($attempt->judgements()->count())->toBe(2);
});

it('keeps what was done at a board under test before the end and sent after it', function () {
    $exam = new Exam('database/demo/propagation-house/board.json', ['kind' => 'fault', 'seed' => 'tuesday', 'minutes' => 15]);
    $attempt = $exam->begun();
    $madeAt = now()->addMinutes(14)->toIso8601ZuluString('millisecond');
    $this->travel(16)->minutes();
    $send = fn (?string $at) => $this->actingAs($attempt->trainee)->postJson("api/attempts/$attempt->id/proof/acts", [
        'key' => 'tablet-1', 'act' => ['kind' => 'open-box', 'on' => 'B1'], ...$at === null ? [] : ['at' => $at],
    ]);
    $send($madeAt)->assertOk()->assertJsonPath('hunt.opened', []);
    $send(null)->assertUnprocessable();
    $late = $this->actingAs($exam->instructor)->getJson("api/attempts/$attempt->id/late-acts")->assertJsonPath('0.kind', 'act')->json('0.id');
    $this->putJson("api/attempts/$attempt->id/late-acts/$late", ['accepted' => true])->assertOk();
    expect(App\Queries\Proving\Proving::of($attempt->refresh())->hunt->opened())->toBe(['B1']);
});

it('leaves photographs of an exam board as they were at the hand-in', function () {
    $jpeg = SMALL_JPEG;
    $exam = new Exam(change: ['surface' => 'wall', 'minutes' => 15]);
    $attempt = $exam->begun();
    $send = fn (string $bytes, ?string $at = null) => $this->actingAs($attempt->trainee)->postJson(
        "api/attempts/$attempt->id/photographs",
        ['box' => 'B1', 'jpeg' => $bytes, ...$at === null ? [] : ['at' => $at]],
    );
    $send($jpeg)->assertCreated();
    $madeAt = now()->addMinutes(14)->toIso8601ZuluString('millisecond');
    $this->travel(16)->minutes();
    $kept = Photograph::query()->sole();
    $send($jpeg)->assertUnprocessable();
    $this->deleteJson("api/attempts/$attempt->id/photographs/$kept->id")->assertUnprocessable();
    $this->actingAs($exam->instructor)->deleteJson("api/attempts/$attempt->id/photographs/$kept->id")->assertUnprocessable();
    $send($jpeg, $madeAt)->assertStatus(202)->assertJsonCount(1);
    $late = LateAct::query()->sole();
    $this->actingAs($exam->instructor)->get("api/attempts/$attempt->id/late-acts/$late->id")->assertOk()
        ->assertHeader('Content-Type', 'image/jpeg');
    $this->actingAs($attempt->trainee)->get("api/attempts/$attempt->id/late-acts/$late->id")->assertNotFound();
    $this->actingAs($exam->instructor)->putJson("api/attempts/$attempt->id/late-acts/$late->id", ['accepted' => true])->assertOk();

    expect(Photograph::query()->count())->toBe(2)->and(Drill::query()->count())->toBe(0);
});

it('judges an exam within the minute that its time is up, though nobody looks, and lets one that cannot be hold no other up', function () {
    $exam = new Exam(change: ['minutes' => 15]);
    $one = $exam->begun(1);
    $spoilt = $exam->begun(2);
    $spoilt->update(['board_json' => '{}']);
    $this->travel(15)->minutes();
    Tick::of('hand-in-overdue');

    expect($one->refresh()->is_time_up)->toBeTrue()->and($one->verdict)->toBe('fail')
        ->and($spoilt->refresh()->handed_in_at)->not->toBeNull()
        ->and(DB::table('attempts')->whereNull('started_at')->whereNotNull('handed_in_at')->count())->toBe(0);
});
