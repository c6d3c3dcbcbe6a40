<?php

declare(strict_types=1);

use App\Models\Attempt;
use App\Models\Judgement;
use App\Models\Record;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Tests\Support\Exam;
use Tests\Support\People;
use Tests\Support\Tick;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Exam\Sitting\SittingMove;
use Zwindle\Exam\Sitting\SittingMoves;
use Zwindle\Exam\Sitting\SittingState;

function moveOf(Exam $exam, Attempt $attempt, string $move, array $with = [])
{
    return test()->actingAs($exam->instructor)->postJson("api/attempts/$attempt->id/moves", ['move' => $move, ...$with]);
}

function sendAs(Exam $exam, Attempt $attempt, array $steps, string $device = 'tablet-aa-11', int $from = 1, int $base = 0)
{
    return test()->actingAs($attempt->trainee)
        ->postJson("api/attempts/$attempt->id/steps", People::batch($steps, from: $from, base: $base, device: $device));
}

it('lets every state be left by the moves of the table alone', function () {
    $allowed = [];
    foreach (SittingState::cases() as $state) {
        $allowed[$state->value] = array_map(fn (SittingMove $move) => $move->value, SittingMoves::from($state));
    }

    expect($allowed)->toBe([
        'held' => ['open', 'present', 'withdraw'],
        'waiting' => ['present', 'start', 'withdraw'],
        'running' => ['pause', 'add-time', 'close', 'void', 'withdraw'],
        'paused' => ['resume', 'add-time', 'close', 'void', 'withdraw'],
        'handed-in' => ['reopen', 'void', 'withdraw'],
        'withdrawn' => ['bring-back'],
    ]);
});

it('starts, pauses, runs on and closes, with the clock standing meanwhile and every move recorded', function () {
    $exam = new Exam(change: ['minutes' => 15]);
    $attempt = $exam->attempt();
    moveOf($exam, $attempt, 'start')->assertOk()->assertJsonPath('state', 'running');
    $this->travel(5)->minutes();
    moveOf($exam, $attempt, 'pause', ['why' => 'Fire drill'])->assertJsonPath('state', 'paused');
    $this->travel(30)->minutes();
    // The clock stands: nothing is overdue.
    $this->actingAs($attempt->trainee)->getJson("api/attempts/$attempt->id/clock")->assertJsonPath('state', 'paused');
    expect((int) round(now()->diffInSeconds($attempt->refresh()->dueAt())))->toBeBetween(599, 601);
    moveOf($exam, $attempt, 'resume')->assertJsonPath('state', 'running');
    $this->travel(9)->minutes();
    expect((int) round(now()->diffInSeconds($attempt->refresh()->dueAt())))->toBeBetween(59, 61);
    moveOf($exam, $attempt, 'close')->assertJsonPath('state', 'handed-in')->assertJsonPath('isTimeUp', false);

    expect(Judgement::count())->toBe(1)
        ->and(Record::query()->where('subject', 'attempt')->pluck('what')->all())->toBe(['start', 'pause', 'resume', 'close'])
        ->and(Record::query()->where('what', 'pause')->first()?->why)->toBe('Fire drill')
        ->and(Record::query()->where('what', 'pause')->first()?->who)->toBe($exam->instructor->id);
});

it('adds time to one or to all who are at work, and hands in when that is up', function () {
    $exam = new Exam(change: ['minutes' => 15]);
    $one = $exam->begun(1);
    $exam->begun(2);
    moveOf($exam, $one, 'add-time', ['minutes' => 5])->assertOk();
    $this->actingAs($exam->instructor)->postJson("api/assignments/{$exam->assignment->id}/moves", ['move' => 'add-time', 'minutes' => 2])
        ->assertOk()->assertJsonPath('moved', 2);
    $this->travel(18)->minutes();
    Tick::of('hand-in-overdue');
    $states = array_column($this->getJson("api/assignments/{$exam->assignment->id}")->json('attempts'), 'state', 'seat');

    expect($states)->toEqualCanonicalizing([1 => 'running', 2 => 'handed-in', 3 => 'waiting']);
    moveOf($exam, $one, 'add-time')->assertUnprocessable();
});

it('keeps an exam shut until it is opened, and closes it for all', function () {
    $exam = new Exam(change: ['minutes' => 15]);
    $exam->assignment->update(['held_at' => now()]);
    $attempt = $exam->attempt();
    $this->actingAs($attempt->trainee)->postJson("api/attempts/$attempt->id/begin")->assertUnprocessable()
        ->assertJsonPath('message', 'This exam is not open yet. Wait for your instructor.');
    $all = fn (string $move) => $this->actingAs($exam->instructor)
        ->postJson("api/assignments/{$exam->assignment->id}/moves", ['move' => $move])->assertOk();
    $all('open');
    $exam->begun();
    $all('close')->assertJsonPath('moved', 1);
    $second = $exam->attempt(2);
    $this->actingAs($second->trainee)->postJson("api/attempts/$second->id/begin")->assertUnprocessable()
        ->assertJsonPath('message', 'This exam is closed.');
    $all('reopen');
    $this->actingAs($second->trainee)->postJson("api/attempts/$second->id/begin")->assertNoContent();
});

it('tells the second of two instructors who close one sitting', function () {
    $exam = new Exam;
    $attempt = $exam->begun();
    moveOf($exam, $attempt, 'close')->assertOk();
    moveOf($exam, $attempt, 'close')->assertConflict()->assertJsonPath('message', "{$attempt->trainee->name} has already handed in.");

    expect(Judgement::count())->toBe(1)->and(Record::query()->where('what', 'close')->count())->toBe(1);
});

it('takes a hand-in back with the time that was left, and asks for minutes where there was none', function () {
    $exam = new Exam(change: ['minutes' => 15]);
    $attempt = $exam->begun();
    $this->travel(10)->minutes();
    $this->actingAs($attempt->trainee)->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
    $this->travel(7)->minutes();
    moveOf($exam, $attempt, 'reopen', ['why' => 'Pressed by mistake'])->assertOk()->assertJsonPath('state', 'running');
    expect((int) round(now()->diffInSeconds($attempt->refresh()->dueAt())))->toBeBetween(299, 301)->and($attempt->tries)->toBe(0);
    $this->travel(20)->minutes();
    moveOf($exam, $attempt, 'reopen')->assertUnprocessable();
    moveOf($exam, $attempt, 'reopen', ['minutes' => 3])->assertOk();
    expect((int) round(now()->diffInSeconds($attempt->refresh()->dueAt())))->toBeBetween(179, 181);
});

it('voids what was begun by mistake: bare again, not begun, its steps still on record', function () {
    $exam = new Exam(change: ['minutes' => 15]);
    $attempt = $exam->begun();
    sendAs($exam, $attempt, WiringAsSteps::of($exam->right()))->assertOk();
    $steps = $attempt->steps()->count();
    moveOf($exam, $attempt, 'void')->assertJsonPath('state', 'waiting')->assertJsonPath('placed', 0);
    $this->travel(20)->minutes();
    $this->actingAs($attempt->trainee)->postJson("api/attempts/$attempt->id/begin")->assertNoContent();

    expect($attempt->refresh()->steps()->count())->toBe($steps)
        ->and($attempt->countedSteps())->toHaveCount(0)
        ->and((int) round(now()->diffInMinutes($attempt->dueAt())))->toBe(15);
});

it('withdraws and brings back, with the clock standing between', function () {
    $exam = new Exam(change: ['minutes' => 15]);
    $attempt = $exam->begun();
    moveOf($exam, $attempt, 'withdraw')->assertJsonPath('state', 'withdrawn');
    sendAs($exam, $attempt, [['do' => 'undo']])->assertJsonPath('setAside.0.reason', 'withdrawn');
    $this->actingAs($attempt->trainee)->postJson("api/attempts/$attempt->id/hand-in")->assertUnprocessable();
    $this->travel(60)->minutes();
    moveOf($exam, $attempt, 'bring-back')->assertJsonPath('state', 'paused');
    moveOf($exam, $attempt, 'resume')->assertJsonPath('state', 'running');

    expect((int) round(now()->diffInMinutes($attempt->refresh()->dueAt())))->toBe(15);
});

it('runs over midnight and over a change of summer time by what has passed', function (string $begin, string $zone) {
    Carbon::setTestNow(Carbon::parse($begin, $zone));
    $exam = new Exam(change: ['minutes' => 45]);
    $attempt = $exam->begun();
    $this->travel(44)->minutes();
    $this->actingAs($attempt->trainee)->getJson("api/attempts/$attempt->id/clock")->assertJsonPath('state', 'running');
    $this->travel(2)->minutes();
    Tick::of('hand-in-overdue');
    $this->getJson("api/attempts/$attempt->id/clock")->assertJsonPath('state', 'handed-in');
})->with([
    'midnight' => ['2026-11-30 23:40:00', 'UTC'],
    'clocks back' => ['2026-10-25 00:40:00', 'UTC'],
    'clocks forward' => ['2027-03-28 00:40:00', 'UTC'],
]);

it('goes by its own clock when a tablet is wrong by an hour', function () {
    $exam = new Exam(change: ['minutes' => 15]);
    $attempt = $exam->begun();
    $batch = People::batch(WiringAsSteps::of($exam->right()));
    $batch['steps'] = array_map(fn (array $step) => [...$step, 'at' => now()->addHour()->toIso8601ZuluString()], $batch['steps']);
    $this->actingAs($attempt->trainee)->postJson("api/attempts/$attempt->id/steps", $batch)->assertJsonPath('setAside', []);
    expect($attempt->refresh()->head)->toBe(count($batch['steps']));
});

it('answers a screen that asks for its clock with nothing while nothing is new', function () {
    $exam = new Exam(change: ['minutes' => 15]);
    $attempt = $exam->begun();
    $this->actingAs($attempt->trainee);
    $tag = $this->getJson("api/attempts/$attempt->id/clock")->json('tag');
    $this->getJson("api/attempts/$attempt->id/clock?have=$tag")->assertNoContent();
    moveOf($exam, $attempt, 'pause');
    $this->actingAs($attempt->trainee);
    $paused = $this->getJson("api/attempts/$attempt->id/clock?have=$tag")->assertOk()->json('tag');
    $this->travel(2)->minutes();
    $this->getJson("api/attempts/$attempt->id/clock?have=$paused")->assertNoContent();
});

it('keeps what came after the hand-in beside the attempt, and lets it count when the instructor says so', function () {
    $exam = new Exam(change: ['minutes' => 15]);
    $attempt = $exam->begun();
    $steps = WiringAsSteps::of($exam->right());
    sendAs($exam, $attempt, array_slice($steps, 0, -1))->assertOk();
    $this->actingAs($attempt->trainee)->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
    expect($attempt->refresh()->verdict)->not->toBe('pass');
    sendAs($exam, $attempt, array_slice($steps, -1), from: count($steps), base: count($steps) - 1)
        ->assertJsonPath('setAside.0.reason', 'after-hand-in');
    $late = $this->actingAs($exam->instructor)->getJson("api/attempts/$attempt->id/late-steps")
        ->assertJsonCount(1)->assertJsonPath('0.accepted', null)->assertJsonPath('0.fits', true)->json('0');
    expect($late)->toHaveKeys(['device', 'number', 'madeAt', 'receivedAt'])->and($late['words'])->not->toContain('sitting.');
    $this->putJson("api/attempts/$attempt->id/late-steps/{$late['id']}", ['accepted' => true])->assertJsonPath('0.accepted', true);
    $this->putJson("api/attempts/$attempt->id/late-steps/{$late['id']}", ['accepted' => false])->assertUnprocessable();

    expect($attempt->refresh()->verdict)->toBe('pass')
        ->and(Record::query()->where('what', 'accept-step')->count())->toBe(1);
});

it('refuses a late step: it stays beside the attempt and never counts', function () {
    $exam = new Exam(change: ['minutes' => 15]);
    $attempt = $exam->begun();
    $this->actingAs($attempt->trainee)->postJson("api/attempts/$attempt->id/hand-in");
    $head = $attempt->refresh()->head;
    sendAs($exam, $attempt, array_slice(WiringAsSteps::of($exam->right()), 0, 1));
    $late = $this->actingAs($exam->instructor)->getJson("api/attempts/$attempt->id/late-steps")->json('0.id');
    $this->putJson("api/attempts/$attempt->id/late-steps/$late", ['accepted' => false])->assertJsonPath('0.accepted', false);

    expect($attempt->refresh()->head)->toBe($head)->and($attempt->steps()->count())->toBe(1);
});

it('shows late steps and moves to nobody but who teaches the class', function () {
    $exam = new Exam;
    $attempt = $exam->begun();
    // Whoever is in the exam has nothing but the exam; to anybody else it does not exist.
    foreach ([[$attempt->trainee, 403], [$exam->trainees[1], 404], [People::user('instructor'), 404]] as [$stranger, $status]) {
        $this->actingAs($stranger);
        $this->getJson("api/attempts/$attempt->id/late-steps")->assertStatus($status);
        $this->postJson("api/attempts/$attempt->id/moves", ['move' => 'add-time', 'minutes' => 60])->assertStatus($status);
        $this->postJson("api/assignments/{$exam->assignment->id}/moves", ['move' => 'close'])->assertStatus($status);
        $this->getJson("api/assignments/{$exam->assignment->id}/record")->assertStatus($status);
    }
    $this->actingAs($exam->trainees[1])->getJson("api/attempts/$attempt->id/clock")->assertNotFound();
});

it('only ever adds to the record: neither the application nor the database changes or deletes a line', function () {
    $exam = new Exam;
    $exam->begun();
    $record = Record::query()->firstOrFail();

    expect(fn () => $record->update(['why' => 'never mind']))->toThrow(LogicException::class)
        ->and(fn () => $record->delete())->toThrow(LogicException::class)
        // Each in a transaction of its own: one that was refused is over.
        ->and(fn () => DB::transaction(fn () => DB::table('records')->update(['why' => 'never mind'])))->toThrow(Exception::class)
        ->and(fn () => DB::transaction(fn () => DB::table('records')->delete()))->toThrow(Exception::class)
        ->and(Record::query()->whereKey($record->id)->value('why'))->toBe('');
});

it('records that a trainee left the page and came back, and takes nothing for it', function () {
    $exam = new Exam(change: ['minutes' => 15]);
    $attempt = $exam->begun();
    $this->actingAs($attempt->trainee)->putJson("api/attempts/$attempt->id/clock", ['away' => true])->assertNoContent();
    $this->putJson("api/attempts/$attempt->id/clock", ['away' => false])->assertNoContent();
    $lines = $this->actingAs($exam->instructor)->getJson("api/assignments/{$exam->assignment->id}/record")->json();

    expect(array_column($lines, 'what'))->toBe(['came back', 'left the page', 'began'])
        ->and($lines[0]['trainee'])->toBe($attempt->trainee->name);
});

it('takes no answer and no further try of who is paused, withdrawn or closed', function () {
    $exam = new Exam(change: ['kind' => 'predict', 'minutes' => 15]);
    $attempt = $exam->begun();
    $answer = fn () => $this->actingAs($attempt->trainee)
        ->putJson("api/attempts/$attempt->id/answers", ['question' => 1, 'answer' => [0]]);
    moveOf($exam, $attempt, 'pause');
    $answer()->assertUnprocessable()->assertJsonPath('message', 'The clock is paused. Nothing was changed.');
    moveOf($exam, $attempt, 'withdraw');
    $answer()->assertUnprocessable();

    $tries = new Exam(change: ['tries' => 3]);
    $closed = $tries->begun();
    moveOf($tries, $closed, 'close');
    $this->actingAs($closed->trainee)->postJson("api/attempts/$closed->id/retry", ['from' => 'handed-in'])->assertUnprocessable();
    expect($closed->refresh()->handed_in_at)->not->toBeNull();
});
