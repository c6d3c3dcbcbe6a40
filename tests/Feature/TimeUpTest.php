<?php

declare(strict_types=1);

use App\Models\Judgement;
use Tests\Support\Exam;
use Tests\Support\People;
use Zwindle\Bench\WiringAsSteps;

it('hands in an exam as it stood when its time was up, and says at which minute', function () {
    $exam = new Exam(change: ['minutes' => 15]);
    $attempt = $exam->begun();
    $right = $exam->right();
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/$attempt->id/steps", People::batch(WiringAsSteps::of($right)))->assertOk();
    $this->travel(14)->minutes();
    $this->getJson("api/attempts/$attempt->id")->assertJsonPath('handedInAt', null);
    $this->travel(2)->minutes();

    $this->getJson("api/attempts/$attempt->id")->assertJsonPath('isTimeUp', true)->assertJsonPath('minutes', 15);
    $attempt->refresh();
    expect($attempt->handed_in_at->toIso8601String())->toBe($attempt->dueAt()->toIso8601String())
        ->and($attempt->verdict)->toBe('pass')->and(Judgement::count())->toBe(1);
    // Once, whoever looks.
    $this->actingAs($exam->instructor)->getJson("api/assignments/{$exam->assignment->id}")
        ->assertJsonPath('attempts.0.isTimeUp', true)->assertJsonPath('attempts.1.isTimeUp', false);
    expect(Judgement::count())->toBe(1);
});

it('hands in what is overdue before marks are listed or released', function () {
    $exam = new Exam(change: ['minutes' => 15]);
    $attempt = $exam->begun();
    $this->travel(16)->minutes();
    $this->actingAs($exam->instructor)->getJson("api/assignments/{$exam->assignment->id}/marks")->assertOk();
    expect($attempt->refresh()->is_time_up)->toBeTrue()->and($attempt->verdict)->toBe('fail');
});

it('closes no practice: its trainee hands it in', function () {
    $people = new People(minutes: 10);
    $people->attempt->update(['started_at' => now()->subMinutes(30)]);
    $this->actingAs($people->trainee)->getJson("api/attempts/{$people->attempt->id}")->assertJsonPath('handedInAt', null);
});
