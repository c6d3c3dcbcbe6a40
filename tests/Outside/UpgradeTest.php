<?php

declare(strict_types=1);

use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\Judgement;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;
use Zwindle\Check\EngineVersion;

pest()->extend(TestCase::class);

/*
 * tests/Fixtures/before-judgements.sqlite.gz is the database of an installation as it was before judgements were kept: the demo
 * class, two exams that were released (in one the leads of a luminaire are reversed, in the other the flex of a pendant: both passed
 * then), and a task that raises `leads-reversed`.
 */
beforeEach(function () {
    $this->path = (string) tempnam(sys_get_temp_dir(), 'upgrade');
    file_put_contents($this->path, gzdecode((string) file_get_contents(base_path('tests/Fixtures/before-judgements.sqlite.gz'))));
    config(['database.connections.sqlite.database' => $this->path]);
    DB::purge('sqlite');
});

afterEach(function () {
    DB::purge('sqlite');
    array_map(fn (string $end) => @unlink($this->path.$end), ['', '-wal', '-shm']);
});

it('upgrades an installation of before: no released verdict changes, and every difference is listed', function () {
    $before = DB::table('attempts')->whereNotNull('handed_in_at')->orderBy('id')->get(['id', 'verdict', 'headline'])->keyBy('id');
    expect(Artisan::call('migrate', ['--force' => true]))->toBe(0)->and(Artisan::call('zwindle:upgrade'))->toBe(0);
    $told = Artisan::output();
    $after = DB::table('attempts')->whereNotNull('handed_in_at')->orderBy('id')->get(['id', 'verdict', 'headline'])->keyBy('id');

    expect(count($before))->toBeGreaterThan(20)->and(json_encode($after))->toBe(json_encode($before))
        ->and(Judgement::query()->count())->toBe(count($before))
        ->and(Judgement::query()->where('rules', EngineVersion::RULES)->where('origin', 'upgrade')->count())->toBe(count($before));
    $differing = Judgement::query()->whereNotNull('stood')->get()->keyBy('attempt_id');
    expect($differing->keys()->sort()->values()->all())->toBe([36, 37, 42])
        // Three grounds under one box screw, as the planner of then had it.
        ->and($differing[36]->verdict)->toBe('remarks')
        ->and($differing[37]->verdict)->toBe('fail')->and($differing[37]->stood['verdict'])->toBe('pass')
        ->and($differing[42]->verdict)->toBe('remarks')->and($differing[42]->stood['verdict'])->toBe('pass')
        ->and($told)->toContain('attempt 37: handed in as pass', 'attempt 42: handed in as pass', '3 would come out otherwise');
});

it('shows what was released as it stood, by whom it was judged and what it would be now', function () {
    Artisan::call('migrate', ['--force' => true]);
    Artisan::call('zwindle:upgrade');
    $marit = User::query()->where('username', 'marit')->sole();
    $attempt = Attempt::query()->findOrFail(37);
    $this->actingAs(User::query()->findOrFail($attempt->trainee_id))
        ->getJson('api/attempts/37/verdict')
        ->assertOk()
        ->assertJsonPath('verdict', 'pass')
        ->assertJsonPath('judged.origin', 'upgrade')
        ->assertJsonPath('judged.rules', EngineVersion::RULES);
    $marks = collect($this->actingAs($marit)->getJson(
        "api/assignments/$attempt->assignment_id/marks",
    )->assertOk()->json())->keyBy('attempt');
    expect($marks[37]['judged']['stood']['verdict'])->toBe('pass')->and($marks[36]['mark']['got'])->toBeGreaterThan(0);
    $this->getJson('api/attempts/37/re-mark')->assertOk()->assertJsonPath('changes', true)->assertJsonPath('now.verdict', 'fail');
    $this->postJson('api/attempts/37/re-mark', ['take' => true])->assertOk()->assertJsonPath('verdict', 'fail');
});

it('reads a stored task that raises what is a fault by now, and goes on with every page', function () {
    Artisan::call('migrate', ['--force' => true]);
    Artisan::call('zwindle:upgrade');
    $marit = User::query()->where('username', 'marit')->sole();
    $this->actingAs($marit)->getJson('api/assignments')->assertOk();
    foreach (Assignment::query()->pluck('id') as $id) {
        $this->getJson("api/assignments/$id")->assertOk();
        $this->getJson("api/assignments/$id/marks")->assertOk();
    }
    foreach (Attempt::query()->whereNotNull('handed_in_at')->pluck('id') as $id) {
        $this->getJson("api/attempts/$id")->assertOk();
        $this->getJson("api/attempts/$id/verdict")->assertOk();
    }
    $raised = Assignment::query()->where('task_json', 'like', '%leads-reversed%')->sole();
    expect($raised->attempts()->firstOrFail()->task()?->dropped)->toBe(['leads-reversed']);
});

/*
 * tests/Fixtures/before-proving.sqlite.gz is the database of the version before boards were proved: the demo, with an evening planned.
 */
it('upgrades what the version before boards were proved has left, and finds it whole', function () {
    file_put_contents($this->path, gzdecode((string) file_get_contents(base_path('tests/Fixtures/before-proving.sqlite.gz'))));
    DB::purge('sqlite');
    $before = DB::table('attempts')->orderBy('id')->get(['id', 'verdict', 'headline', 'head']);
    expect(Artisan::call('migrate', ['--force' => true]))->toBe(0)->and(Artisan::call('zwindle:upgrade'))->toBe(0)
        ->and(App\Care\DataCheck::faults())->toBe([])
        ->and(json_encode(DB::table('attempts')->orderBy('id')->get(['id', 'verdict', 'headline', 'head'])))->toBe(json_encode($before));
    $marit = User::query()->where('username', 'marit')->sole();
    $this->actingAs($marit)->getJson('api/assignments')->assertOk();
    foreach (Assignment::query()->pluck('id') as $id) {
        $this->getJson("api/assignments/$id")->assertOk();
    }
    foreach (Attempt::query()->pluck('id') as $id) {
        $this->getJson("api/attempts/$id")->assertOk();
    }
    $this->getJson('api/drills')->assertOk();
});

/*
 * tests/Fixtures/before-polarity.sqlite.gz is the database of the version before polarity at roses was judged: the demo class, and
 * released exams at a rose, one with the cables of the neutral and the switched block exchanged, one right.
 */
it('leaves released marks as they were where polarity is judged since, and lists what would come out otherwise', function () {
    file_put_contents($this->path, gzdecode((string) file_get_contents(base_path('tests/Fixtures/before-polarity.sqlite.gz'))));
    DB::purge('sqlite');
    $kept = fn () => json_encode(DB::table('judgements')->orderBy('id')->get(['id', 'attempt_id', 'verdict', 'headline', 'mark', 'rules']));
    $shown = fn () => json_encode(DB::table('attempts')->orderBy('id')->get(['id', 'verdict', 'headline']));
    [$marks, $verdicts] = [$kept(), $shown()];
    expect(Artisan::call('migrate', ['--force' => true]))->toBe(0)->and(Artisan::call('zwindle:upgrade'))->toBe(0);
    $told = Artisan::output();

    expect($shown())->toBe($verdicts)->and($kept())->toBe($marks)->and(App\Care\DataCheck::faults())->toBe([])
        ->and($told)->toContain('attempt 36: judged remarks by rules 2, which stands', 'it would be fail')
        ->not->toContain('attempt 42: judged');
    $attempt = Attempt::query()->findOrFail(36);
    $this->actingAs(User::query()->findOrFail($attempt->trainee_id))
        ->getJson('api/attempts/36/verdict')
        ->assertOk()
        ->assertJsonPath('verdict', $attempt->verdict);
});
