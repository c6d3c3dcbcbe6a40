<?php

declare(strict_types=1);

use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\BoardFile;
use App\Models\Judgement;
use App\Models\KeptStep;
use App\Models\User;
use Tests\Support\Exam;
use Tests\Support\Files;
use Tests\Support\People;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Plan\Planner;

/** Wires a board at the bench of whoever is signed in, and hands it in. */
function wireAndHandIn(mixed $test, int $attempt, Wiring $wiring, string $device = 'tablet-aa-11', int $base = 0): void
{
    $test->postJson("api/attempts/$attempt/steps", People::batch(WiringAsSteps::of($wiring), base: $base, device: $device))->assertOk();
    $test->postJson("api/attempts/$attempt/hand-in")->assertNoContent();
}

it('lets an instructor wire any board, coached or as in an exam, and keeps nothing', function (string $mode) {
    $this->actingAs($instructor = People::user('instructor'));
    app(Database\Seeders\HouseSeeder::class)->run();
    $file = People::boardFile('boat-store');
    $made = $this->postJson('api/tries', ['boardFile' => $file->id, 'mode' => $mode])->assertCreated()->json();
    $id = $made['attempt'];
    $bench = $this->getJson("api/attempts/$id")->assertOk()->assertJsonPath('isTrial', true)->assertJsonPath('boardFile', $file->id)->json();
    expect($made['kind'])->toBe('wire')->and($bench['isToBegin'])->toBe($mode === 'exam')->and($bench['hasHelp'])->toBe($mode === 'coached');
    $this->postJson("api/attempts/$id/begin")->assertNoContent();
    $right = Planner::plan(Attempt::query()->findOrFail($id)->board())->plans[0]->wiring;
    wireAndHandIn($this, $id, $right);

    $this->getJson("api/attempts/$id/verdict")->assertOk()->assertJsonPath('verdict', 'pass');
    $this->getJson("api/attempts/$id/mark")->assertOk();
    expect($this->get("api/tries/$id/file")->assertOk()->json('joints'))->toHaveCount(count($right->joints));
    // It stands in no list, and is nobody else's.
    $this->getJson('api/assignments')->assertJsonCount(0);
    expect($this->getJson('api/tonight')->json('running'))->toBe([]);
    $this->actingAs(People::user('instructor'))->getJson("api/attempts/$id")->assertNotFound();
    $this->deleteJson("api/tries/$id")->assertNotFound();
    $this->actingAs($instructor)->deleteJson("api/tries/$id")->assertNoContent();
    expect([Attempt::count(), Assignment::count(), KeptStep::count(), Judgement::count()])->toBe([0, 0, 0, 0]);
})->with(['coached', 'exam']);

it('takes away what was tried before, and locks no exam', function () {
    $this->actingAs($instructor = People::user('instructor'));
    app(Database\Seeders\HouseSeeder::class)->run();
    $file = People::boardFile();
    $first = $this->postJson('api/tries', ['boardFile' => $file->id, 'mode' => 'exam'])->json('attempt');
    $this->postJson("api/attempts/$first/begin")->assertNoContent();
    $second = $this->postJson('api/tries', ['boardFile' => $file->id, 'mode' => 'exam'])->assertCreated()->json('attempt');
    $this->getJson("api/attempts/$first")->assertNotFound();
    $this->postJson("api/attempts/$second/begin")->assertNoContent();
    $this->getJson("api/attempts/$second")->assertJsonPath('isToBegin', false);
    expect(Attempt::count())->toBe(1);
});

it('tries the variant of a seat of a task, and the board that a seat has', function () {
    $exam = new Exam(change: ['varying' => ['feed', 'faces'], 'seed' => 'evening']);
    $this->actingAs($exam->instructor);
    $third = $this->postJson('api/tries', ['task' => $exam->task->id, 'seat' => 3, 'mode' => 'coached'])->assertCreated()->json('attempt');
    $tried = Attempt::query()->findOrFail($third);
    $laidOut = fn (Attempt $attempt) => array_map(fn ($cable) => $cable->type->id, array_values($attempt->board()->cables));

    expect($tried->seat)->toBe(3)->and($laidOut($tried))->toEqualCanonicalizing($laidOut($exam->attempt(3)));
    $own = $this->postJson('api/tries', ['attempt' => $exam->attempt(2)->id, 'mode' => 'exam'])->assertCreated()->json('attempt');
    expect(Attempt::query()->findOrFail($own)->board_json)->toBe(json_encode(Zwindle\Format\Write\BoardArray::of($exam->attempt(2)->board())));
});

it('tries nothing that is not the asker\'s to see', function (string $who, array $what, int $status) {
    $exam = new Exam;
    BoardFile::query()->whereKey($exam->task->board_file_id)->update(['instructor_id' => $exam->instructor->id]);
    $user = ['trainee' => $exam->trainees[0], 'stranger' => People::user('instructor')][$who];
    $body = array_map(fn (mixed $value) => match ($value) {
        'board' => $exam->task->board_file_id,
        'task' => $exam->task->id,
        'seat' => $exam->attempt()->id,
        default => $value,
    }, $what);

    $this->actingAs($user)->postJson('api/tries', [...$body, 'mode' => 'coached'])->assertStatus($status);
})->with([
    ['trainee', ['boardFile' => 'board'], 403], ['stranger', ['boardFile' => 'board'], 404],
    ['stranger', ['task' => 'task', 'seat' => 1], 404], ['stranger', ['attempt' => 'seat'], 404], ['trainee', ['attempt' => 'seat'], 403],
]);

it('lets a trainee wire practice again, from bare or from what was handed in, and lists earlier tries', function () {
    $people = new People(minutes: 10);
    $this->actingAs($people->trainee);
    $id = $people->attempt->id;
    $wiring = fn (string $name) => Files::wiring('database/demo/propagation-house/board.json', "database/demo/propagation-house/$name.wiring.json");
    wireAndHandIn($this, $id, $wiring('crossed'));
    $this->getJson("api/attempts/$id")->assertJsonPath('mayWireAgain', true)->assertJsonCount(1, 'tries');
    $this->travel(20)->minutes();

    $this->postJson("api/attempts/$id/retry", ['from' => 'bare'])->assertNoContent();
    $bench = $this->getJson("api/attempts/$id")->assertJsonPath('steps', [])->assertJsonPath('startedAt', null)->json();
    expect($bench['tries'][0])->toMatchArray(['try' => 1, 'verdict' => 'fail']);
    // What another tablet had not sent yet is none of the new try.
    $late = $this->postJson("api/attempts/$id/steps", People::batch([People::land('W1.black@B1', 'S1#3')], base: 2, device: 'tablet-old'));
    expect($late->json('setAside'))->toHaveCount(1);
    wireAndHandIn($this, $id, $wiring('right'), 'tablet-bb-22', $bench['head']);
    $this->getJson("api/attempts/$id/verdict")->assertJsonPath('verdict', 'pass');
    expect(array_column($this->getJson("api/attempts/$id")->json('tries'), 'verdict'))->toBe(['fail', 'pass']);

    $this->postJson("api/attempts/$id/retry", ['from' => 'handed-in'])->assertNoContent();
    expect($this->getJson("api/attempts/$id")->json('steps'))->not->toBe([]);
    $this->postJson("api/attempts/$id/hand-in");
    expect(array_column($this->getJson("api/attempts/$id")->json('tries'), 'verdict'))->toBe(['fail', 'pass', 'pass']);
});

it('wires nothing again that the task does not allow', function () {
    $exam = new Exam(change: ['tries' => 2]);
    $this->actingAs($exam->trainees[0]);
    $id = $exam->begun()->id;
    $this->postJson("api/attempts/$id/hand-in")->assertNoContent();
    // What the exam is silent about is not told by the list of tries either.
    $this->postJson("api/attempts/$id/retry", ['from' => 'bare'])->assertNoContent();
    $this->getJson("api/attempts/$id")->assertJsonPath('tries', []);
    $this->postJson("api/attempts/$id/hand-in")->assertNoContent();
    $this->getJson("api/attempts/$id")->assertJsonPath('mayWireAgain', false);
    $this->postJson("api/attempts/$id/retry", ['from' => 'bare'])->assertStatus(422)->assertJsonPath('message', __('messages.no-more-tries'));
    $this->postJson("api/attempts/$id/retry", ['from' => 'elsewhere'])->assertStatus(422);
    expect(User::query()->find($exam->trainees[0]->id))->not->toBeNull();
});
