<?php

declare(strict_types=1);

use App\Models\Assignment;
use App\Models\BoardFile;
use Tests\Support\Files;
use Tests\Support\People;

it('sets a board of the library to trainees of the class, who see it at once', function () {
    $people = new People;
    $board = People::boardFile('boat-store');
    $this->actingAs($people->instructor)->postJson('api/assignments', [
        'classroom' => $people->classroom->id, 'boardFile' => $board->id, 'trainees' => [$people->trainee->id], 'minutes' => 15,
    ])->assertCreated()->assertJsonPath('board.title', 'boat-store')->assertJsonCount(1, 'attempts');

    expect($this->actingAs($people->trainee)->getJson('api/attempts')->json('0.board.title'))->toBe('boat-store')
        ->and($this->actingAs($people->neighbour)->getJson('api/attempts')->json('0.board.title'))->toBe('propagation-house');
});

it('refuses strangers, foreign classes and foreign boards', function (string $case) {
    $people = new People;
    $foreign = new People;
    $ownBoard = BoardFile::create(['instructor_id' => $foreign->instructor->id, 'title' => 'Private', 'practice' => 'na', 'json' => '{}']);
    $request = [
        'classroom' => $people->classroom->id,
        'boardFile' => $people->assignment->board_file_id,
        'trainees' => [$people->trainee->id],
    ];
    $change = match ($case) {
        'another class' => ['classroom' => $foreign->classroom->id],
        'a trainee of another class' => ['trainees' => [$foreign->trainee->id]],
        'the board of another instructor' => ['boardFile' => $ownBoard->id],
        'nobody' => ['trainees' => []],
        'no time at all' => ['minutes' => 0],
    };

    $this->actingAs($people->instructor)->postJson('api/assignments', [...$request, ...$change])->assertStatus(422);
    expect(Assignment::count())->toBe(2);
})->with(['another class', 'a trainee of another class', 'the board of another instructor', 'nobody', 'no time at all']);

it('shows the instructor how far each trainee is', function () {
    $people = new People;
    $this->actingAs($people->trainee)->postJson(
        "api/attempts/{$people->attempt->id}/steps",
        People::batch([People::land('W1.black@B1', 'S1#3'), ['do' => 'cap', 'points' => ['W2.red@B1']]]),
    );
    $attempt = collect($this->actingAs($people->instructor)->getJson(
        "api/assignments/{$people->assignment->id}",
    )->json('attempts'))->firstWhere('id', $people->attempt->id);

    expect($attempt['placed'])->toBe(2)
        ->and($attempt['ends'])->toBe(20)
        ->and($attempt['steps'])->toBe(2)
        ->and($attempt['verdict'])->toBeNull();
});

it('takes a board file into the library', function () {
    $people = new People;
    $this->actingAs($people->instructor)->call(
        'POST',
        'api/board-files',
        server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
        content: Files::text('database/demo/packing-barn/board.json'),
    )
        ->assertCreated()->assertJsonPath('title', 'Packing barn, three switches');
});

it('refuses a bad board file with every problem, and stores nothing', function (string $text, string $pointer) {
    $people = new People;
    $before = BoardFile::count();
    $response = $this->actingAs($people->instructor)
        ->call('POST', 'api/board-files', server: [
            'CONTENT_TYPE' => 'application/json',
            'HTTP_ACCEPT' => 'application/json',
        ], content: $text)
        ->assertStatus(422);

    expect($response->json('problems.0.pointer'))->toBe($pointer)
        ->and($response->json('problems.0.message'))->not->toContain('problems.')
        ->and(BoardFile::count())->toBe($before);
})->with([
    'not JSON' => ['{"format"', ''],
    'nothing' => ['', ''],
    'too large' => [fn () => str_repeat('x', 1_000_100), ''],
    'too deep' => [fn () => str_repeat('[', 60).str_repeat(']', 60), ''],
    'two supplies' => [
        fn () => str_replace('"na-switch-3way"', '"na-supply"', Files::text('database/demo/propagation-house/board.json')),
        '/devices/1',
    ],
    'an unknown model' => [
        fn () => str_replace('"na-lampholder"', '"na-chandelier"', Files::text('database/demo/propagation-house/board.json')),
        '/devices/3/model',
    ],
]);

it('seeds the demo with something to see on every screen', function () {
    $this->seed();

    expect(Assignment::count())->toBe(7)
        ->and(
            App\Models\Attempt::whereNotNull('verdict')->distinct()->pluck('verdict')->sort()->values()->all(),
        )->toBe(['fail', 'pass', 'remarks'])
        ->and(App\Models\KeptStep::whereNotNull('set_aside')->count())->toBe(0);
});
