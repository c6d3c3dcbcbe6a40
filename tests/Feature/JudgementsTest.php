<?php

declare(strict_types=1);

use App\Actions\Bench\HandIn;
use App\Models\Attempt;
use App\Models\Judgement;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Storage;
use Tests\Support\Exam;
use Tests\Support\Tick;
use Zwindle\Check\EngineVersion;

/** Hands a seat's right wiring in, through the routes that a tablet uses. */
function handInRight(Exam $exam, int $seat = 1): Attempt
{
    $attempt = $exam->begun($seat);
    test()->actingAs($exam->trainees[$seat - 1])->postJson("api/attempts/$attempt->id/steps", Exam::steps($exam->right($seat)))->assertOk();
    test()->actingAs($exam->trainees[$seat - 1])->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();

    return $attempt->refresh();
}

/** Makes the board of a seat one that nothing can read. */
function spoilBoard(Attempt $attempt): void
{
    DB::table('attempts')->where('id', $attempt->id)->update(['board_json' => '{"format": "zwindle-board"']);
}

/** As a board was that was handed in before judgements were kept. */
function forgetJudgement(Attempt $attempt, string $verdict, string $headline): void
{
    DB::table('attempts')->where('id', $attempt->id)->update([
        'judgement_id' => null,
        'judged_try' => 0,
        'placed' => null,
        'ends' => null,
        'verdict' => $verdict,
        'headline' => $headline,
    ]);
    DB::table('judgements')->where('attempt_id', $attempt->id)->delete();
}

it('keeps what was judged at the hand-in, with the versions that judged', function () {
    $attempt = handInRight(new Exam);
    $kept = Judgement::query()->where('attempt_id', $attempt->id)->sole();

    expect($kept->id)->toBe($attempt->judgement_id)->and($kept->origin->value)->toBe('hand-in')->and($kept->verdict)->toBe('pass')
        ->and([$kept->rules, $kept->engine])->toBe([EngineVersion::RULES, EngineVersion::ENGINE])
        ->and($kept->mark['got'])->toBeGreaterThan(0)->and($kept->debrief['questions'])->not->toBe([]);
});

it('reads verdict, mark, debrief and class page from what was kept, without the board', function () {
    $exam = new Exam;
    $attempt = handInRight($exam);
    $asked = fn () => array_map(fn (string $path) => $this->actingAs($exam->instructor)->getJson("api/$path")->assertOk()->json(), [
        "attempts/$attempt->id/verdict",
        "attempts/$attempt->id/mark",
        "attempts/$attempt->id/debrief",
        "assignments/{$exam->assignment->id}/marks",
        "assignments/{$exam->assignment->id}",
    ]);
    $before = $asked();
    spoilBoard($attempt);

    expect($asked())->toBe($before);
});

it('lets one board that cannot be judged take no page with it, logs it and keeps the files', function () {
    Storage::fake('local');
    Log::spy();
    $exam = new Exam;
    handInRight($exam, 2);
    $attempt = $exam->begun();
    spoilBoard($attempt);
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
    $rows = collect($this->actingAs($exam->instructor)->getJson(
        "api/assignments/{$exam->assignment->id}/marks",
    )->assertOk()->json())->keyBy('seat');

    expect($rows[1]['headline'])->toContain('could not be judged')
        ->and($rows[1]['mark'])->toBeNull()
        ->and($rows[2]['mark']['passes'])->toBeTrue()
        ->and(Storage::disk('local')->files(
            "unjudged/attempt-$attempt->id-try-1",
        ))->toContain("unjudged/attempt-$attempt->id-try-1/board.json");
    Log::shouldHaveReceived('error')->once();
    $this->getJson("api/attempts/$attempt->id/verdict")->assertStatus(409)->assertJsonPath('message', __('messages.not-judged'));
    $this->getJson("api/assignments/{$exam->assignment->id}")->assertOk();
    $this->getJson('api/assignments')->assertOk();
});

it('judges a board after all when whoever judged it was killed in between', function () {
    $exam = new Exam;
    $attempt = handInRight($exam);
    forgetJudgement($attempt, 'pass', '');
    DB::table('attempts')->where('id', $attempt->id)->update(['verdict' => null, 'headline' => null]);
    // Just handed in, it is being judged already; a minute later it is taken up again.
    Tick::of('judge-unjudged');
    $this->actingAs($exam->instructor)->getJson("api/attempts/$attempt->id/verdict")->assertStatus(409)
        ->assertJsonPath('message', __('messages.being-judged'));
    $this->travel(2)->minutes();
    Tick::of('judge-unjudged');
    $this->getJson("api/attempts/$attempt->id/verdict")
        ->assertOk()
        ->assertJsonPath('verdict', 'pass')
        ->assertJsonPath('judged.origin', 'hand-in');
});

it('judges only the try that was handed in', function () {
    $exam = new Exam(change: ['mode' => 'coached', 'tries' => 2]);
    $attempt = handInRight($exam);
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/$attempt->id/retry")->assertNoContent();
    // What the first try was goes on counting until the second is judged.
    expect($attempt->refresh()->judgement->try)->toBe(1)->and($attempt->verdict)->toBe('pass');
    app(HandIn::class)->execute($attempt);
    expect(Judgement::query()->where('attempt_id', $attempt->id)->pluck('try')->all())->toBe([1, 2])
        ->and($attempt->refresh()->judgement->try)->toBe(2);
});

it('adds what the eye says of a real board to the kept mark', function () {
    $exam = new Exam(change: ['surface' => 'wall']);
    $attempt = handInRight($exam);
    $mark = fn () => $this->actingAs($exam->instructor)->getJson("api/attempts/$attempt->id/mark")->json('mark');
    $before = $mark();
    $line = collect($before['lines'])->firstWhere('part', 'workmanship');
    $this->putJson("api/attempts/$attempt->id/observations", ['observed' => [$line['what'] => true]])->assertOk();

    expect($before['isOpen'])->toBeTrue()->and($mark()['got'])->toEqual($before['got'] + $line['of']);
    $this->putJson("api/attempts/$attempt->id/observations", ['observed' => [$line['what'] => false]])->assertOk();
    expect($mark()['got'])->toEqual($before['got']);
});

it('judges once, at the upgrade, what was handed in before, and says so', function () {
    $exam = new Exam;
    $same = handInRight($exam, 1);
    $differs = handInRight($exam, 2);
    forgetJudgement($same, 'pass', 'As it was told.');
    forgetJudgement($differs, 'fail', 'Trips.');
    $this->artisan('zwindle:upgrade')->expectsOutputToContain('1 would come out otherwise')->assertSuccessful();
    $this->actingAs($exam->instructor)->getJson("api/attempts/$same->id/verdict")
        ->assertJsonPath('verdict', 'pass')->assertJsonPath(
            'headline',
            'As it was told.',
        )->assertJsonPath('judged.origin', 'upgrade')->assertJsonPath('judged.stood', null);
    $this->getJson("api/attempts/$differs->id/verdict")
        ->assertJsonPath('verdict', 'fail')
        ->assertJsonPath('headline', 'Trips.')
        ->assertJsonPath('judged.stood.verdict', 'fail');
    expect($same->refresh()->ends)->toBeGreaterThan(0);
    $this->artisan('zwindle:upgrade')->doesntExpectOutputToContain('Judging')->assertSuccessful();
    expect(Judgement::query()->count())->toBe(2);
});

it('changes a mark only when the instructor takes the new one, after seeing it', function () {
    $exam = new Exam;
    $attempt = handInRight($exam);
    forgetJudgement($attempt, 'fail', 'Trips.');
    $this->artisan('zwindle:upgrade')->assertSuccessful();
    $this->actingAs($exam->instructor)->getJson("api/attempts/$attempt->id/re-mark")->assertOk()
        ->assertJsonPath('changes', true)->assertJsonPath('was.verdict', 'fail')->assertJsonPath('now.verdict', 'pass');
    expect($attempt->refresh()->verdict)->toBe('fail');
    $this->postJson("api/attempts/$attempt->id/re-mark", ['take' => true])
        ->assertOk()
        ->assertJsonPath('verdict', 'pass')
        ->assertJsonPath('judged.origin', 're-mark');
    expect(Judgement::query()->where('attempt_id', $attempt->id)->count())->toBe(2);
    $this->getJson("api/attempts/$attempt->id/re-mark")->assertJsonPath('changes', false);
});

it('lets what stood stand when the instructor says so', function () {
    $exam = new Exam;
    $attempt = handInRight($exam);
    forgetJudgement($attempt, 'fail', 'Trips.');
    $this->artisan('zwindle:upgrade')->assertSuccessful();
    $this->actingAs($exam->instructor)->postJson("api/attempts/$attempt->id/re-mark", ['take' => false])->assertOk()
        ->assertJsonPath('verdict', 'fail')->assertJsonPath('judged.stood', null);
});

it('lets nobody but the class teacher mark again', function () {
    $exam = new Exam;
    $attempt = handInRight($exam);
    $other = Tests\Support\People::user('instructor');
    foreach ([$exam->trainees[0], $exam->trainees[1], $other] as $user) {
        $this->actingAs($user)->getJson("api/attempts/$attempt->id/re-mark")->assertNotFound();
        $this->actingAs($user)->postJson("api/attempts/$attempt->id/re-mark", ['take' => true])->assertNotFound();
    }
    $this->actingAs($exam->instructor)->getJson("api/attempts/{$exam->attempt(2)->id}/re-mark")->assertForbidden();
});

it('answers a poll with nothing where nothing is new, and with the class where anything is', function (Closure $change) {
    $exam = new Exam;
    $attempt = $exam->begun();
    $path = "api/assignments/{$exam->assignment->id}";
    $version = fn () => $this->actingAs($exam->instructor)->getJson($path)->assertOk()->json('version');
    $before = $version();
    $this->getJson("$path?have=$before")->assertNoContent();
    $this->travel(2)->seconds();
    $change($this, $exam, $attempt);

    expect($version())->not->toBe($before);
    $this->actingAs($exam->instructor)->getJson("$path?have=$before")->assertOk();
})->with([
    'a step' => [fn ($test, Exam $exam, Attempt $attempt) => $test->actingAs($exam->trainees[0])->postJson(
        "api/attempts/$attempt->id/steps",
        Exam::steps($exam->right()),
    )],
    'a hand-in' => [fn ($test, Exam $exam, Attempt $attempt) => app(HandIn::class)->execute($attempt)],
    'a beginning' => [fn ($test, Exam $exam) => $exam->begun(2)],
    'a release' => [fn ($test, Exam $exam, Attempt $attempt) => [
        app(HandIn::class)->execute($attempt),
        $test->actingAs($exam->instructor)->postJson("api/assignments/{$exam->assignment->id}/release")->assertOk(),
    ]],
    'a trainee renamed' => [fn ($test, Exam $exam) => $exam->trainees[0]->update(['name' => 'Somebody Else'])],
]);
