<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\DB;
use Tests\Support\Exam;
use Tests\Support\People;

it('offers a new installation its first steps, one after the other', function () {
    $this->actingAs($instructor = People::user('instructor'));
    $done = fn () => array_keys(array_filter($this->getJson('api/tonight')->assertOk()->json('firstRun')));
    expect($done())->toBe([]);
    $class = $this->postJson('api/classrooms', ['name' => 'Monday'])->json('id');
    expect($done())->toBe(['class']);
    $slip = $this->postJson("api/classrooms/$class/trainees", ['trainees' => [['name' => 'Odd Berg']]])->json('slips.0');
    $board = $this->postJson('api/drawings', ['pattern' => 'na-01-single-at-the-switch'])->json('id');
    expect($done())->toBe(['class', 'people', 'board']);
    $this->postJson('api/assignments', ['classroom' => $class, 'boardFile' => $board, 'trainees' => [$slip['id']], 'minutes' => null])
        ->assertCreated();
    expect($done())->toBe(['class', 'people', 'board', 'set'])->and($this->getJson('api/tonight')->json('next.0.seats'))->toBe(1);
    $this->actingAs(User::query()->findOrFail($slip['id']));
    $attempt = $this->getJson('api/attempts')->json('0.id');
    $this->postJson("api/attempts/$attempt/hand-in")->assertNoContent();
    $this->actingAs($instructor);
    expect($done())->toBe(['class', 'people', 'board', 'set', 'slips', 'checked']);
});

it('tells who works, and who is stuck first', function () {
    $people = new People(minutes: 30);
    $at = now();
    $this->actingAs($people->trainee)->postJson(
        "api/attempts/{$people->attempt->id}/steps",
        People::batch([People::land('W1.black@B1', 'S1#3')]),
    )->assertOk();
    $other = $people->assignment->attempts()->where('trainee_id', $people->neighbour->id)->firstOrFail();
    $this->travelTo($at->copy()->addMinutes(2));
    $this->actingAs($people->neighbour)->postJson("api/attempts/$other->id/steps", People::batch([People::land('W1.black@B1', 'S1#3')]));
    $stuck = fn () => array_column($this->actingAs($people->instructor)->getJson('api/tonight')->json('running'), 'stuck', 'trainee');
    [$one, $two] = [$people->trainee->name, $people->neighbour->name];

    expect($stuck())->toBe([$one => null, $two => null]);
    $this->travelTo($at->copy()->addMinutes(4)->addSeconds(5));
    expect($stuck())->toBe([$one => 'nothing for 4 minutes', $two => null]);
    $this->actingAs($people->neighbour)->postJson("api/attempts/$other->id/refused")->assertNoContent();
    expect($stuck()[$two])->toBe('five tries in a row failed');
    $this->actingAs($people->trainee)->postJson("api/attempts/$other->id/refused")->assertNotFound();
    $this->travelTo($at->copy()->addMinutes(31));
    expect($stuck()[$one])->toBe('time is up, not handed in');
    // What lies since yesterday is not tonight.
    $this->travelTo($at->copy()->addHours(13));
    expect($stuck())->toBe([]);
});

it('lists exams that wait for their marks until they are out', function () {
    $exam = new Exam;
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/{$exam->attempt()->id}/begin");
    $this->postJson("api/attempts/{$exam->attempt()->id}/hand-in")->assertNoContent();
    $waiting = fn () => $this->actingAs($exam->instructor)->getJson('api/tonight')->json('waiting');

    expect($waiting())->toHaveCount(1)->and($waiting()[0]['handedIn'])->toBe(1);
    $this->postJson("api/assignments/{$exam->assignment->id}/release");
    expect($waiting())->toBe([]);
});

it('asks as much of the database for an evening as for a year', function () {
    $people = new People;
    $count = function () use ($people): int {
        DB::enableQueryLog();
        DB::flushQueryLog();
        $this->actingAs($people->instructor)->getJson('api/tonight')->assertOk();

        return count(DB::getQueryLog());
    };
    $before = $count();
    for ($i = 0; $i < 20; $i++) {
        (new App\Actions\Classes\SetAssignment)->execute($people->classroom, $people->assignment->boardFile, [$people->trainee->id], null);
    }

    expect($count())->toBe($before);
});

it('is nobody\'s but an instructor\'s', function () {
    $this->actingAs((new People)->trainee)->getJson('api/tonight')->assertForbidden();
});
