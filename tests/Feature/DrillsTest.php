<?php

declare(strict_types=1);

use App\Models\Drill;
use App\Queries\Drills\DrillContent;
use Tests\Support\Exam;
use Tests\Support\People;
use Zwindle\Drill\BestWay;

function begunDrill(mixed $test, string $kind, string $practice = 'na'): Drill
{
    return Drill::query()->findOrFail($test->postJson('api/drills', ['kind' => $kind, 'practice' => $practice])->assertCreated()->json('id'));
}

it('finds what is hidden by the shortest way, is timed and graded once, and tells nothing before', function (string $kind, string $practice) {
    $this->actingAs(People::user('trainee'));
    $drill = begunDrill($this, $kind, $practice);
    $lab = app(DrillContent::class)->lab($drill);
    $shown = $this->getJson("api/drills/$drill->id")->assertOk();
    // Nothing that tells: neither the seed nor what it is.
    expect($shown->getContent())->not->toContain($drill->seed)->not->toContain('truth')
        ->and($shown->json('verdict'))->toBe('')->and($shown->json('way'))->toBe('');
    $path = (new BestWay($lab))->path();
    foreach ($path as $measurement) {
        $this->postJson("api/drills/$drill->id/measurements", ['measure' => $measurement])->assertOk();
        $this->postJson("api/drills/$drill->id/measurements", ['measure' => $measurement])->assertOk();
    }
    $this->postJson("api/drills/$drill->id/answer", ['answers' => [$lab->rightAnswer()]])->assertOk()
        ->assertJsonPath('points', 100)->assertJsonPath('used', count($path))->assertJsonPath('best', count($path));
    // It is over: a second answer changes nothing.
    $this->postJson("api/drills/$drill->id/answer", ['answers' => ['bad']])->assertUnprocessable();
    $this->postJson("api/drills/$drill->id/measurements", ['measure' => $path[0] ?? 'x'])->assertUnprocessable();
    $this->getJson('api/drills')->assertOk()->assertJsonPath('0.points', 100);
})->with(['device', 'feed', 'drop'])->with(['na', 'gb']);

it('asks what the lamp does and what a jacket says, and counts what is right', function (string $kind, string $practice) {
    $this->actingAs(People::user('trainee'));
    $drill = begunDrill($this, $kind, $practice);
    $questions = app(DrillContent::class)->questions($drill);
    expect(count($questions))->toBe(6)
        ->and(array_unique(array_column($this->getJson("api/drills/$drill->id")->json('questions'), 'right')))->toBe([null]);
    $answers = array_map(fn ($question) => $question->right, $questions);
    $answers[0] = array_values(array_diff($questions[0]->options, [$questions[0]->right]))[0];

    $this->postJson("api/drills/$drill->id/answer", ['answers' => $answers])->assertOk()
        ->assertJsonPath('points', 83)->assertJsonPath('questions.1.right', $questions[1]->right);
})->with(['lamp', 'jacket'])->with(['na', 'gb']);

it('refuses what cannot be measured, and other people\'s drills', function () {
    $this->actingAs(People::user('trainee'));
    $drill = begunDrill($this, 'feed');
    foreach (['pen 9', 'S1.common', str_repeat('x', 41), ''] as $measure) {
        $this->postJson("api/drills/$drill->id/measurements", ['measure' => $measure])->assertUnprocessable();
    }
    $this->postJson("api/drills/$drill->id/answer", ['answers' => 'one'])->assertUnprocessable();
    $this->postJson('api/drills', ['kind' => 'guess', 'practice' => 'na'])->assertUnprocessable();
    $this->postJson('api/drills', ['kind' => 'feed', 'practice' => 'zz'])->assertUnprocessable();
    $this->actingAs(People::user('trainee'))->getJson("api/drills/$drill->id")->assertNotFound();
    $this->actingAs(People::user('instructor'))->getJson("api/drills/$drill->id")->assertNotFound();
});

it('shows an instructor how the class drills, and keeps drills from whoever is in an exam', function () {
    $people = new People;
    $this->actingAs($people->trainee);
    $drill = begunDrill($this, 'feed');
    $this->postJson("api/drills/$drill->id/answer", ['answers' => ['nothing']])->assertOk();
    $this->actingAs($people->instructor)->getJson("api/classrooms/{$people->classroom->id}/drills")->assertOk()
        ->assertJsonFragment(['kinds' => ['feed' => ['times' => 1, 'most' => 0, 'mean' => 0]]]);
    $this->actingAs($people->trainee)->getJson("api/classrooms/{$people->classroom->id}/drills")->assertNotFound();
    $this->actingAs(People::user('instructor'))->getJson("api/classrooms/{$people->classroom->id}/drills")->assertNotFound();

    $exam = new Exam;
    $attempt = $exam->assignment->attempts()->where('trainee_id', $exam->trainees[0]->id)->firstOrFail();
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/$attempt->id/begin")->assertNoContent();
    $this->postJson('api/drills', ['kind' => 'lamp', 'practice' => 'na'])->assertForbidden();
});
