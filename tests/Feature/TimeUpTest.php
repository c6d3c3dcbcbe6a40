<?php

declare(strict_types=1);

use App\Models\Judgement;
use Tests\Support\Exam;
use Tests\Support\People;
use Tests\Support\Tick;
use Zwindle\Bench\WiringAsSteps;

it('hands in an exam as it stood when its time was up, and says at which minute', function () {
    $exam = new Exam(change: ['minutes' => 15]);
    $attempt = $exam->begun();
    $right = $exam->right();
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/$attempt->id/steps", People::batch(WiringAsSteps::of($right)))->assertOk();
    $this->travel(14)->minutes();
    $this->getJson("api/attempts/$attempt->id")->assertJsonPath('handedInAt', null);
    $this->travel(2)->minutes();

    // Who only looks changes nothing: the screen whose clock has run out says so.
    $this->getJson("api/attempts/$attempt->id")->assertJsonPath('handedInAt', null);
    $this->postJson("api/attempts/$attempt->id/time-up")->assertNoContent();
    $this->getJson("api/attempts/$attempt->id")->assertJsonPath('isTimeUp', true)->assertJsonPath('minutes', 15);
    $attempt->refresh();
    expect($attempt->handed_in_at->toIso8601String())->toBe($attempt->dueAt()->toIso8601String())
        ->and($attempt->verdict)->toBe('pass')->and(Judgement::count())->toBe(1);
    // Once, whoever looks.
    $this->actingAs($exam->instructor)->getJson("api/assignments/{$exam->assignment->id}")
        ->assertJsonPath('attempts.0.isTimeUp', true)->assertJsonPath('attempts.1.isTimeUp', false);
    expect(Judgement::count())->toBe(1);
});

it('goes on where a screen says too early that its time is up, and where time was added', function () {
    $exam = new Exam(change: ['minutes' => 15]);
    $attempt = $exam->begun();
    $this->travel(14)->minutes();
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/$attempt->id/time-up")->assertNoContent();
    $attempt->refresh()->update(['added_seconds' => 300]);
    $this->travel(3)->minutes();
    $this->postJson("api/attempts/$attempt->id/time-up")->assertNoContent();
    $this->getJson("api/attempts/$attempt->id")->assertJsonPath('handedInAt', null)->assertJsonPath('state', 'running');
    $this->travel(4)->minutes();
    $this->postJson("api/attempts/$attempt->id/time-up")->assertNoContent();
    $this->getJson("api/attempts/$attempt->id")->assertJsonPath('isTimeUp', true);
});

it('hands in what is overdue when something ends it, not when marks are listed', function (Closure $end) {
    $exam = new Exam(change: ['minutes' => 15]);
    $attempt = $exam->begun();
    $this->travel(16)->minutes();
    $this->actingAs($exam->instructor)->getJson("api/assignments/{$exam->assignment->id}/marks")->assertOk();
    expect($attempt->refresh()->is_time_up)->toBeFalse();
    $end($exam);
    expect($attempt->refresh()->is_time_up)->toBeTrue()->and($attempt->verdict)->toBe('fail');
})->with([
    'the clock' => [fn (Exam $exam) => Tick::of('hand-in-overdue')],
    'a release' => [fn (Exam $exam) => test()->postJson("api/assignments/{$exam->assignment->id}/release")],
]);

it('leaves an exam whose trainee was withdrawn to the instructor, however long ago its time was up', function () {
    $exam = new Exam(change: ['minutes' => 15]);
    $attempt = $exam->begun();
    $attempt->update(['withdrawn_at' => now()]);
    $this->travel(16)->minutes();
    Tick::of('hand-in-overdue');
    expect($attempt->refresh()->handed_in_at)->toBeNull()->and(Judgement::count())->toBe(0);
});

it('closes no practice: its trainee hands it in', function () {
    $people = new People(minutes: 10);
    $people->attempt->update(['started_at' => now()->subMinutes(30)]);
    $this->actingAs($people->trainee)->postJson("api/attempts/{$people->attempt->id}/time-up")->assertNoContent();
    Tick::of('hand-in-overdue');
    $this->getJson("api/attempts/{$people->attempt->id}")->assertJsonPath('handedInAt', null);
});
