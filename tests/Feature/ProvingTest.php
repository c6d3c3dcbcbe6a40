<?php

declare(strict_types=1);

use App\Actions\Proving\DoActNow;
use App\Models\Attempt;
use App\Models\Proof;
use App\Models\ProofAct;
use Tests\Support\Exam;
use Tests\Support\People;
use Tests\Support\TestRound;
use Zwindle\Bench\PlaceMap;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Plan\Planner;
use Zwindle\Proving\Act;
use Zwindle\Proving\LoggedAct;

/** An instructor's own try of a demo board, wired as planned. */
function wiredTry(mixed $test, string $slug, string $mode = 'coached'): Attempt
{
    $test->actingAs(People::user('instructor'));
    app(Database\Seeders\HouseSeeder::class)->run();
    $id = $test->postJson('api/tries', ['boardFile' => People::boardFile($slug)->id, 'mode' => $mode])->json('attempt');
    $test->postJson("api/attempts/$id/begin")->assertNoContent();
    $attempt = Attempt::query()->findOrFail($id);
    $test->postJson("api/attempts/$id/steps", People::batch(WiringAsSteps::of(Planner::plan($attempt->board())->plans[0]->wiring)))->assertOk();

    return $attempt->refresh();
}

/** @return array<string, mixed> an act as a browser sends it */
function sentAct(Act $act, Wiring $wiring): array
{
    $places = PlaceMap::of($wiring);
    $touch = $act->touch;
    $at = fn (?string $point): ?string => $point === null ? null : $places->placeOf($point);

    return array_filter([
        'kind' => $act->kind->value,
        'on' => $act->on,
        'with' => $touch?->with->value,
        'one' => $at($touch->one ?? $act->link[0] ?? null),
        'other' => $at($touch->other ?? $act->link[1] ?? null),
    ], fn ($value) => $value !== null);
}

/** Everything that somebody does who tests a board from the first step to the last. */
function wholeRound(mixed $test, Attempt $attempt): TestRound
{
    $wiring = $attempt->stepLog()->bench()->wiring();
    $test->postJson("api/attempts/$attempt->id/proof", ['isOn' => false])->assertOk();
    $proof = Proof::query()->whereNull('ended_at')->sole()->asCore();
    $round = new TestRound($wiring, testerMayFail: true, seed: $proof->seed);
    if (! $proof->tools->testerWorks) {
        $round->do(Act::of(Zwindle\Proving\ActKind::OtherTester));
    }
    $round->isolate()->testDead()->testLive();
    foreach ($round->log as $i => $logged) {
        $answer = $test->postJson("api/attempts/$attempt->id/proof/acts", ['key' => "t-$i", 'act' => sentAct($logged->act, $wiring)])
            ->assertOk();
        $answer->assertJsonPath('isRefused', false);
    }

    return $round;
}

it('tests a board of each practice from isolation to the last flip, as the core does, and fills its sheet', function (string $slug) {
    $attempt = wiredTry($this, $slug);
    $round = wholeRound($this, $attempt);
    $kept = Proof::query()->whereNull('ended_at')->sole();

    expect(array_map(fn (LoggedAct $act) => [$act->act, $act->reading, $act->lamps], $kept->log()))
        ->toEqual(array_map(fn (LoggedAct $act) => [$act->act, $act->reading, $act->lamps], $round->log));
    $sheet = $this->getJson("api/attempts/$attempt->id/proof/sheet")->assertOk()->json();
    expect(array_unique(array_column($sheet['steps'], 'state')))->toBe(['done'])
        ->and(array_unique(array_column($sheet['lines'], 'isGood')))->toBe([true])
        ->and($sheet['hazards'])->toBe([]);
    expect($this->get("api/attempts/$attempt->id/proof/paper")->assertOk()->headers->get('Content-Type'))->toBe('application/pdf');
})->with(['propagation-house', 'boat-store']);

it('does what is sent twice once, and asks for no more than it can bear', function () {
    $attempt = wiredTry($this, 'boat-store');
    $act = ['key' => 'a-1', 'act' => ['kind' => 'flip', 'on' => 'S1']];
    $first = $this->postJson("api/attempts/$attempt->id/proof/acts", $act)->assertOk()->json('switches.0.position');
    $this->postJson("api/attempts/$attempt->id/proof/acts", $act)->assertOk()->assertJsonPath('switches.0.position', $first);
    expect(ProofAct::query()->count())->toBe(1);
    Proof::query()->update(['acts_count' => DoActNow::MOST_ACTS]);
    $this->postJson("api/attempts/$attempt->id/proof/acts", [...$act, 'key' => 'a-2'])->assertUnprocessable();
    // Begun afresh, it goes on; what was done is kept.
    $this->postJson("api/attempts/$attempt->id/proof", ['isOn' => true])->assertOk()->assertJsonPath('isLive', true);
    expect(ProofAct::query()->count())->toBe(1)->and(Proof::query()->count())->toBe(2);
});

it('says in words what it refuses, and changes nothing', function (array $act, string $words) {
    $attempt = wiredTry($this, 'propagation-house');

    $said = $this->postJson("api/attempts/$attempt->id/proof/acts", ['key' => 'a-1', 'act' => $act])->assertOk()->json();
    expect($said['isRefused'])->toBeTrue()->and($said['said'])->toContain($words)->and(ProofAct::query()->count())->toBe(0);
})->with([
    [['kind' => 'touch', 'with' => 'ohm', 'one' => 'S1#1', 'other' => 'S1#1'], 'Both probes are on the same point'],
    [['kind' => 'touch', 'with' => 'ohm', 'one' => 'S1#1', 'other' => 'S1.common'], 'No such point'],
    [['kind' => 'touch', 'with' => 'two-pole', 'one' => 'S1#1'], 'No such point'],
    [['kind' => 'touch', 'with' => 'loop', 'one' => 'S1#1', 'other' => 'S1#2'], 'not on this bench'],
    [['kind' => 'flip', 'on' => 'Z9'], 'Nothing here has that name'],
    [['kind' => 'flip'], 'Nothing here has that name'],
]);

it('refuses what is no act', function (array $body) {
    $attempt = wiredTry($this, 'boat-store');

    $this->postJson("api/attempts/$attempt->id/proof/acts", $body)->assertUnprocessable();
})->with([
    [[]], [['key' => 'a', 'act' => 'flip']], [['key' => 'a', 'act' => ['kind' => 'blow-up']]],
    [['key' => 'a b', 'act' => ['kind' => 'lift']]], [['key' => 'a', 'act' => ['kind' => 'lift', 'wiring' => []]]],
    [['key' => 'a', 'act' => ['kind' => 'touch', 'one' => 'x', 'other' => 'y']]],
    [['key' => 'a', 'act' => ['kind' => 'flip', 'on' => str_repeat('S', 200)]]],
]);

it('keeps the supply off in an exam that has no testing, and what is not theirs from others', function () {
    $people = new People;
    $id = $people->attempt->id;
    $this->actingAs($people->neighbour)->getJson("api/attempts/$id/proof")->assertNotFound();
    $this->actingAs($people->instructor)->postJson("api/attempts/$id/proof/acts", ['key' => 'a', 'act' => ['kind' => 'lift']])->assertNotFound();
    $this->actingAs($people->trainee)->getJson("api/attempts/$id/proof")->assertOk();
    $people->attempt->assignment->update(['mode' => 'exam']);
    $people->attempt->update(['started_at' => now()]);
    foreach (['proof' => 404, 'proof/sheet' => 404, 'proof/paper' => 403] as $path => $status) {
        $this->actingAs($people->trainee)->getJson("api/attempts/$id/$path")->assertStatus($status);
    }
});

it('says after the sign-off what would have passed, with a trap, and not where it is graded', function () {
    $attempt = wiredTry($this, 'propagation-house');
    $own = Proof::query()->count() === 0 ? $this->postJson("api/attempts/$attempt->id/proof", ['isOn' => true])->assertOk() : null;
    foreach (['S1', 'S1', 'S1', 'S1'] as $i => $switch) {
        $this->postJson("api/attempts/$attempt->id/proof/acts", ['key' => "f-$i", 'act' => ['kind' => 'flip', 'on' => $switch]])->assertOk();
    }
    $walk = fn () => $this->getJson("api/attempts/$attempt->id/proof/walk")->assertOk();
    $walk()->assertJsonPath('report', null)->assertJsonPath('seen', 2)->assertJsonPath('next', 'S2');
    $this->postJson("api/attempts/$attempt->id/proof/acts", ['key' => 'so', 'act' => ['kind' => 'sign-off']])->assertOk();
    $told = $walk()->json('report');
    // 24 of the 32 wrong landings pass with luck, 12 on average (trade-facts section 3, by enumeration).
    expect($told['luck'])->toContain('24 would')->toContain('on average 12')
        ->and($told['shortest'])->toBe(['S2', 'S1', 'S2'])->and($told['trap']['tell'])->not->toBe([]);
    // While it is graded nothing is said.
    $attempt->assignment->update(['mode' => 'exam', 'released_at' => null, 'task_json' => str_replace(
        '"mode":"coached"', '"mode":"exam","proving":"free"', (string) $attempt->assignment->task_json,
    )]);
    $walk()->assertJsonPath('report', null)->assertJsonPath('isSignedOff', true);
});

it('keeps the supply off in an exam until it is isolated and tested dead, silently, and prints the sheet once it is out', function () {
    $exam = new Exam('database/patterns/na-01-single-at-the-switch.board.json', ['proving' => 'dead-tests']);
    [$attempt, $trainee] = [$exam->assignment->attempts()->where('trainee_id', $exam->trainees[0]->id)->firstOrFail(), $exam->trainees[0]];
    $this->actingAs($trainee);
    // Before it is begun nothing is there to test.
    foreach (['proof', 'proof/sheet', 'proof/walk', 'proof/ahead?with=ohm&one=S1%231'] as $path) {
        $this->getJson("api/attempts/$attempt->id/$path")->assertNotFound();
    }
    $this->postJson("api/attempts/$attempt->id/begin")->assertNoContent();
    $right = Planner::plan($attempt->board())->plans[0]->wiring;
    $this->postJson("api/attempts/$attempt->id/steps", People::batch(WiringAsSteps::of($right)))->assertOk();
    $wiring = $attempt->refresh()->stepLog()->bench()->wiring();
    $act = fn (string $key, array $act) => $this->postJson("api/attempts/$attempt->id/proof/acts", ['key' => $key, 'act' => $act])->assertOk();
    $act('t-0', ['kind' => 'lift']);
    $proof = Proof::query()->sole()->asCore();
    $own = $proof->supply->own;
    $act('t-1', ['kind' => 'turn-on', 'on' => $own])->assertJsonPath('isRefused', true)->assertJsonPath('isLive', false);
    // Nothing is told ahead where it is graded: neither flips nor readings.
    expect($this->getJson("api/attempts/$attempt->id/proof")->assertOk()->json('ahead'))->toBeNull();
    $this->getJson("api/attempts/$attempt->id/proof/ahead?with=ohm&one=S1%231")->assertForbidden();
    // In an exam what was done stands.
    $this->postJson("api/attempts/$attempt->id/proof", ['isOn' => true])->assertForbidden();
    $round = new TestRound($wiring, testerMayFail: true, seed: $proof->seed);
    $proof->tools->testerWorks || $round->on(Zwindle\Proving\ActKind::OtherTester);
    $round->isolate()->testDead();
    $round->on(Zwindle\Proving\ActKind::Untag, $own)->on(Zwindle\Proving\ActKind::Unlock, $own)
        ->on(Zwindle\Proving\ActKind::TurnOn, 'main')->on(Zwindle\Proving\ActKind::TurnOn, $own);
    foreach ($round->log as $i => $logged) {
        $last = $act("r-$i", sentAct($logged->act, $wiring));
    }
    $last->assertJsonPath('isLive', true);
    $silent = $this->getJson("api/attempts/$attempt->id/proof/sheet")->assertOk()->assertJsonPath('isSilent', true)->json();
    expect(array_unique(array_column($silent['lines'], 'isGood')))->toBe([null])
        ->and(array_unique(array_column($silent['steps'], 'state')))->toBe(['missing'])->and($silent['hazards'])->toBe([]);
    $this->get("api/attempts/$attempt->id/proof/paper")->assertForbidden();
    $this->actingAs($exam->instructor)->getJson("api/attempts/$attempt->id/proof/sheet")->assertForbidden();
    $this->actingAs($trainee)->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
    $act = ['key' => 'late', 'act' => ['kind' => 'flip', 'on' => 'S1']];
    $this->postJson("api/attempts/$attempt->id/proof/acts", $act)->assertUnprocessable();
    $this->actingAs($exam->instructor)->getJson("api/attempts/$attempt->id/proof/sheet")->assertOk()->assertJsonPath('isSilent', false)
        ->assertJsonPath('hazards', []);
    $this->get("api/attempts/$attempt->id/proof/paper")->assertOk();
    $this->actingAs($exam->trainees[1])->getJson("api/attempts/$attempt->id/proof/sheet")->assertNotFound();
});

it('tells ahead what is then read, where nothing is graded', function (string $slug) {
    $attempt = wiredTry($this, $slug);
    $this->postJson("api/attempts/$attempt->id/proof", ['isOn' => true])->assertOk();
    foreach (['two-pole', 'ohm', 'insulation'] as $with) {
        $ahead = $this->getJson("api/attempts/$attempt->id/proof/ahead?with=$with&one=S1%231")->assertOk()->json('readings');
        expect(count($ahead))->toBeGreaterThan(8);
        foreach (array_slice(array_keys($ahead), 0, 4) as $other) {
            $act = ['kind' => 'touch', 'with' => $with, 'one' => 'S1#1', 'other' => $other];
            $read = $this->postJson("api/attempts/$attempt->id/proof/acts", ['key' => uniqid(), 'act' => $act])->assertOk()->json('reading');
            expect($read)->toBe($ahead[$other]);
            $this->postJson("api/attempts/$attempt->id/proof/acts", ['key' => uniqid(), 'act' => ['kind' => 'lift']]);
            $this->postJson("api/attempts/$attempt->id/proof/acts", ['key' => uniqid(), 'act' => ['kind' => 'new-fuse']]);
        }
    }
    $flips = $this->getJson("api/attempts/$attempt->id/proof")->json('ahead');
    $after = $this->postJson("api/attempts/$attempt->id/proof/acts", ['key' => uniqid(), 'act' => ['kind' => 'flip', 'on' => 'S1']])->json();
    expect(array_column($after['lamps'], 'state', 'id'))->toBe($flips[0]['lamps']);
})->with(['propagation-house']);

it('tells a trainee nothing of the plan by a sign-off, before the hand-in', function () {
    $people = new People;
    $id = $people->attempt->id;
    $this->actingAs($people->trainee);
    // A bare board, switched on, flipped and signed off: there is nothing of their own to go by.
    $this->postJson("api/attempts/$id/steps", People::batch([People::land('W1.black@B1', 'S1#3')]))->assertOk();
    $this->postJson("api/attempts/$id/proof", ['isOn' => true])->assertOk();
    foreach ([['kind' => 'flip', 'on' => 'S1'], ['kind' => 'flip', 'on' => 'S2'], ['kind' => 'sign-off']] as $i => $act) {
        $this->postJson("api/attempts/$id/proof/acts", ['key' => "s-$i", 'act' => $act])->assertOk();
    }
    $told = $this->getJson("api/attempts/$id/proof/walk")->assertOk()->assertJsonPath('isSignedOff', true)->assertJsonPath('report', null);
    foreach (['common', 't1', 'travel', 'mistake'] as $secret) {
        expect($told->getContent())->not->toContain($secret);
    }
    $this->postJson("api/attempts/$id/hand-in")->assertNoContent();
    expect($this->getJson("api/attempts/$id/proof/walk")->assertOk()->json('report'))->not->toBeNull();
});
