<?php

declare(strict_types=1);

use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Routing\Route as OneRoute;
use Illuminate\Support\Facades\Route;
use Tests\Support\Exam;
use Tests\Support\Files;
use Tests\Support\HttpContract;
use Tests\Support\People;

/** @return list<string> `GET attempts/{attempt}` of every route of the application's interface */
function namedRoutes(): array
{
    $routes = array_filter(
        Route::getRoutes()->getRoutes(),
        fn (OneRoute $route) => str_starts_with($route->uri(), 'api/') && ! $route->isFallback,
    );

    return array_values(array_map(fn (OneRoute $route) => HttpContract::nameOf($route->methods()[0], $route), $routes));
}

/** What the contract has against an answer that a route might give. */
function faultsInAnswer(string $method, string $path, mixed $answer, int $status = 200, mixed $asked = null): array
{
    $request = Request::create(
        "/api/$path",
        $method,
        content: $asked === null ? null : (string) json_encode($asked),
        server: ['CONTENT_TYPE' => 'application/json'],
    );
    $request->setRouteResolver(fn () => Route::getRoutes()->match($request));

    return HttpContract::faultsIn($request, new Response((string) json_encode($answer), $status));
}

it('says of every route what it is asked and what it answers', function () {
    expect(array_keys(HttpContract::all()))->toEqualCanonicalizing(namedRoutes())->and(count(namedRoutes()))->toBeGreaterThan(50);
});

it('uses every shape that the schemas describe', function () {
    $described = [];
    $named = Files::text('schemas/http/routes.json');
    foreach (glob(Files::path('schemas/http/*.schema.json')) ?: [] as $path) {
        $topic = basename($path, '.schema.json');
        $text = (string) file_get_contents($path);
        foreach (array_keys(json_decode($text, true, 64, JSON_THROW_ON_ERROR)['$defs']) as $shape) {
            $described["$topic#$shape"] = true;
        }
        $named .= preg_replace(['/"#\/\$defs\/(\w+)"/', '/zwindle:http-(\w+)#\/\$defs\/(\w+)/'], ["\"$topic#\$1\"", '"$1#$2"'], $text);
    }
    $unused = array_filter(array_keys($described), fn (string $shape) => ! str_contains($named, "\"$shape\""));

    expect(count($described))->toBeGreaterThan(80)->and(array_values($unused))->toBe(['people#Refusal']);
});

it('finds an answer that says too much, too little or something else', function (
    string $method,
    string $path,
    mixed $answer,
    string $fault,
) {
    expect(implode("\n", faultsInAnswer($method, $path, $answer)))->toContain($fault);
})->with([
    'too much' => ['GET', 'session', ['user' => [
        'id' => 1,
        'name' => 'A',
        'role' => 'trainee',
        'password' => 'x',
    ], 'isDemo' => false, 'isPasswordOwn' => true, 'practices' => []], 'not allowed: password'],
    'too little' => ['GET', 'attempts/1/test', ['volt' => 1.0, 'ohm' => null], 'floats'],
    'another kind' => ['GET', 'classrooms', [[
        'id' => 'one',
        'name' => 'A',
        'isMine' => true,
        'archived' => false,
        'endsOn' => null,
        'sharedWith' => [],
        'trainees' => [],
    ]], 'must match the type: number'],
    'one of a list' => [
        'GET',
        'patterns',
        [['key' => 'a', 'title' => 'A', 'practice' => 'na', 'sketch' => ['boxes' => [], 'runs' => []]], ['key' => 'a', 'title' => 'A', 'practice' => 'fr', 'sketch' => ['boxes' => [], 'runs' => []]]],
        '/practice',
    ],
    'something where nothing is told' => ['POST', 'attempts/1/begin', ['verdict' => 'pass'], 'should answer nothing'],
    'a key for its words' => [
        'GET',
        'patterns',
        [['key' => 'a', 'title' => 'wall-parts.place.switch-box', 'practice' => 'na', 'sketch' => ['boxes' => [], 'runs' => []]]],
        'tells the key "wall-parts.place.switch-box"',
    ],
    'a step that is none' => ['GET', 'attempts/1/debrief', ['mistakes' => [1], 'order' => null, 'questions' => []], '/mistakes/0'],
]);

it('finds a request that was taken and should not have been', function () {
    $step = fn (array $step) => faultsInAnswer('POST', 'attempts/1/steps', [
        'head' => 1,
        'keptUpTo' => 1,
        'startedAt' => null,
        'dueAt' => null,
        'setAside' => [],
    ], 200, People::batch([$step]));

    expect($step(People::land('W1.black@B1', 'S1#3')))->toBe([])->and($step(['do' => 'solder', 'points' => ['A']]))->not->toBe([]);
});

it('finds a refusal without a word', function () {
    expect(faultsInAnswer('GET', 'attempts', ['message' => 'No.'], 403))->toBe([])
        ->and(faultsInAnswer('GET', 'attempts', ['trace' => []], 500))->not->toBe([]);
});

it('takes a number only where it is one', function (array $body, string $field) {
    $people = new People;
    $this->actingAs($people->instructor)->postJson('api/assignments', [
        'classroom' => $people->classroom->id,
        'boardFile' => $people->attempt->assignment->board_file_id,
        'trainees' => [$people->trainee->id],
        'minutes' => null,
        ...$body,
    ])
        ->assertStatus(422)->assertJsonValidationErrors($field);
})->with([
    'a yes for a class' => [['classroom' => true], 'classroom'],
    'a text for a board' => [['boardFile' => '1'], 'boardFile'],
    'a yes for a time' => [['minutes' => true], 'minutes'],
]);

it('takes a yes only where it is one', function () {
    $exam = new Exam;
    $this->actingAs($exam->instructor)
        ->putJson("api/attempts/{$exam->attempt(1)->id}/observations", ['observed' => ['tug' => 1]])
        ->assertStatus(422);
});

it('keeps to the contract where no other test asks', function () {
    $exam = new Exam;
    $this->actingAs($exam->instructor)
        ->getJson("api/tasks/{$exam->task->id}")
        ->assertOk()
        ->assertJsonPath('board.id', $exam->task->board_file_id);
    $this->getJson('api/classrooms')->assertOk()->assertJsonPath('0.trainees.0.name', $exam->trainees[0]->name);
    $this->getJson("api/board-files/{$exam->task->board_file_id}/task-words")
        ->assertOk()
        ->assertJsonPath('title', $exam->task->boardFile->title);
});
