<?php

declare(strict_types=1);

use App\Actions\Classes\JudgeUnjudged;
use Illuminate\Support\Facades\Route;
use Tests\Support\Exam;
use Tests\Support\Files;
use Tests\Support\MutatedFile;

/** What no form would send, in the place of any field. */
const ODDITIES = [
    null,
    '',
    ' ',
    0,
    -1,
    1e308,
    PHP_INT_MAX,
    true,
    [],
    [[]],
    ['a' => ['b' => ['c' => []]]],
    "\0",
    "'; drop table users; --",
    '<script>alert(1)</script>',
    '../../../../etc/passwd', "\u{202E}\u{0}\u{FEFF}", '{"format":"zwindle-task"}', '[[[[[[[[', '9999999999999999999999', 'NaN',
];

/**
 * Every route that takes a body or a query, what it takes, and what it is about.
 *
 * @return array<string, Closure(): array{user: \App\Models\User, trainee: \App\Models\User, ids: array<string, int|string>,
 *     body: array<string, mixed>}>
 */
function takingRoutes(): array
{
    $coached = fn (array $change = []) => new Exam(change: ['mode' => 'coached', 'help' => ['tester', 'hints'], ...$change]);
    $asInstructor = function (array $change, Closure $body) use ($coached): Closure {
        return function () use ($coached, $change, $body): array {
            $exam = $coached($change);
            $ids = [
                'task' => $exam->task->id,
                'attempt' => $exam->attempt()->id,
                'boardFile' => $exam->task->board_file_id,
                'assignment' => $exam->assignment->id,
                'plan' => 0,
                'classroom' => $exam->assignment->classroom_id,
                'trainee' => $exam->trainees[0]->id,
            ];

            return ['user' => $exam->instructor, 'trainee' => $exam->trainees[0], 'ids' => $ids, 'body' => $body($exam)];
        };
    };
    $asTrainee = function (array $change, Closure $body) use ($asInstructor): Closure {
        return function () use ($asInstructor, $change, $body): array {
            $at = $asInstructor($change, $body)();

            return [...$at, 'user' => $at['trainee']];
        };
    };
    $board = Files::text('database/demo/propagation-house/board.json');
    $task = fn (Exam $exam) => ['boardFile' => $exam->task->board_file_id, 'marking' => $exam->task->marking_id, 'task' => Exam::sent()];
    $own = function (Closure $given, string $key, Closure $made): Closure {
        return function () use ($given, $key, $made): array {
            $at = $given();

            return [...$at, 'ids' => [...$at['ids'], $key => $made($at['user'])]];
        };
    };

    $evening = fn (Exam $exam) => [
        'classroom' => $exam->classroom->id, 'task' => $exam->task->id, 'title' => 'Tuesday', 'startsAt' => null, 'minutes' => 15,
        'changeover' => 3, 'variants' => 1, 'people' => [['trainee' => $exam->trainees[0]->id, 'extraPercent' => 0, 'notBefore' => 0]],
        'stations' => [['id' => 'T1', 'label' => 'One', 'x' => 1, 'y' => 1, 'surface' => 'screen', 'nextTo' => []]],
        'retests' => [], 'breaks' => [['from' => 60, 'to' => 70]], 'fixed' => [],
    ];
    $ofEvening = fn (array $more = [], ?array $body = null) => function () use ($asInstructor, $evening, $more, $body): array {
        $at = $asInstructor(['mode' => 'exam'], $evening)();
        $id = test()->actingAs($at['user'])->postJson('api/evenings', $at['body'])->json('id');

        return [...$at, 'ids' => [...$at['ids'], 'evening' => $id], 'body' => $body ?? [...$at['body'], ...$more]];
    };

    $ofDrill = fn (array $body, string $kind = 'feed') => $own($asTrainee([], fn () => $body), 'drill', fn ($user) => test()->actingAs($user)
        ->postJson('api/drills', ['kind' => $kind, 'practice' => 'na'])->json('id'));

    return [
        'POST api/attempts/{attempt}/proof' => $asTrainee([], fn () => ['isOn' => true]),
        'POST api/attempts/{attempt}/proof/acts' => $asTrainee([], fn () => [
            'key' => 'tablet-1',
            'act' => ['kind' => 'touch', 'with' => 'two-pole', 'one' => 'S1#1', 'other' => 'S1#2', 'on' => null],
        ]),
        'GET api/attempts/{attempt}/proof/ahead' => $asTrainee([], fn () => ['with' => 'ohm', 'one' => 'S1#1']),
        'GET api/board-files/{boardFile}/plans/{plan}/question' => $asInstructor([], fn () => ['asked' => '0-S1,1-S2']),
        'POST api/board-files/{boardFile}/diagnosis' => $asInstructor([], fn () => [
            'states' => [], 'looks' => [], 'probes' => [], 'parts' => [['device' => 'L1', 'good' => true]],
        ]),
        'POST api/board-files/{boardFile}/confirmed-mistakes' => $asInstructor([], fn () => [
            'kind' => 'earth-off', 'at' => ['W1.bare@B1'],
        ]),
        'POST api/attempts/{attempt}/diagnosis' => $asTrainee(['surface' => 'wall'], fn () => [
            'states' => [], 'looks' => [], 'probes' => [], 'parts' => [['device' => 'L1', 'good' => true]],
        ]),
        'PUT api/attempts/{attempt}/diagnosis' => $asTrainee(['surface' => 'wall'], fn () => ['kind' => 'lamp-blown', 'at' => ['L1']]),
        'POST api/attempts/{attempt}/photographs' => $asTrainee(['surface' => 'wall'], fn () => [
            'box' => 'B1',
            'jpeg' => '/9j/2wBDAAEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQH/wAAL'
                .'CAABAAEBAREA/8QAHwAAAQUBAQEBAQEAAAAAAAAAAAECAwQFBgcICQoL/9oACAEBAAA/ANLPIP/Z',
        ]),
        'POST api/drills' => $asTrainee([], fn () => ['kind' => 'device', 'practice' => 'gb']),
        'POST api/drills/{drill}/measurements' => $ofDrill(['measure' => 'pen 1']),
        'POST api/drills/{drill}/answer' => $ofDrill(['answers' => ['on', 'off']], 'lamp'),
        'POST api/tasks' => $asInstructor([], $task),
        'PUT api/tasks/{task}' => $asInstructor([], fn (Exam $exam) => [...$task($exam), 'base' => 1]),
        'POST api/task-trials' => $asInstructor([], fn (Exam $exam) => [...$task($exam), 'seats' => 3, 'row' => 6]),
        'POST api/task-attacks' => $asInstructor([], fn (Exam $exam) => [...$task($exam), 'task' => Exam::sent(['kind' => 'guess'])]),
        'POST api/tasks/{task}/assignments' => $asInstructor([], fn (Exam $exam) => [
            'classroom' => $exam->classroom->id,
            'trainees' => array_column($exam->trainees, 'id'),
            'row' => 6,
            'twice' => true,
        ]),
        'PUT api/mark-table' => $asInstructor([], fn () => [
            'columns' => ['name', 'total'], 'headings' => ['total' => 'Points'], 'key' => 'name', 'separator' => 'tab', 'decimal' => 'comma',
        ]),
        'POST api/markings' => $asInstructor([], fn (Exam $exam) => ['marking' => (array) json_decode($exam->task->marking->json)]),
        'PUT api/markings/{marking}' => $own(
            $asInstructor([], fn (Exam $exam) => ['marking' => (array) json_decode($exam->task->marking->json)]),
            'marking',
            fn ($user) => tap(Exam::marking('wiring'))->update(['instructor_id' => $user->id])->id,
        ),
        'POST api/assignments/{assignment}/moves' => $asInstructor(
            ['mode' => 'exam'],
            fn () => ['move' => 'add-time', 'minutes' => 5, 'why' => 'Fire drill'],
        ),
        'POST api/attempts/{attempt}/moves' => $asInstructor(
            ['mode' => 'exam'],
            fn (Exam $exam) => tap(['move' => 'add-time', 'minutes' => 5, 'why' => ''], fn () => $exam->begun()),
        ),
        'PUT api/attempts/{attempt}/mark' => $asInstructor([], function (Exam $exam): array {
            test()->actingAs($exam->trainees[0])->postJson("api/attempts/{$exam->attempt()->id}/hand-in");

            return ['line' => 'total', 'points' => 3, 'why' => 'By eye'];
        }),
        'POST api/attempts/{attempt}/note' => $asInstructor([], fn () => ['note' => 'Neat work.']),
        'POST api/attempts/{attempt}/release' => $asInstructor(
            [],
            fn (Exam $exam) => tap([], fn () => judgedSeat($exam)),
        ),
        'POST api/evenings' => $asInstructor(['mode' => 'exam'], $evening),
        'POST api/evening-plans' => $asInstructor(['mode' => 'exam'], $evening),
        'PUT api/evenings/{evening}' => $ofEvening(['base' => 1]),
        'PUT api/evenings/{evening}/plan' => $ofEvening(),
        'POST api/evenings/{evening}/set' => $ofEvening([], ['twice' => true]),
        'PUT api/evenings/{evening}/parts' => $ofEvening([], ['station' => 'T1', 'part' => 'S1', 'ok' => true, 'note' => 'fine']),
        'PUT api/attempts/{attempt}/as-built' => $asInstructor(
            ['mode' => 'exam'],
            fn (Exam $exam) => tap(['asPlanned' => true], fn () => $exam->begun()),
        ),
        'PUT api/attempts/{attempt}/clock' => $asTrainee([], fn () => ['away' => true]),
        'PUT api/attempts/{attempt}/late-steps/{step}' => $own(
            $asInstructor(['mode' => 'exam'], fn () => ['accepted' => false]),
            'step',
            fn ($user) => \App\Models\Attempt::query()->where('seat', 1)->latest('id')->firstOrFail()->steps()->create([
                'device' => 'tablet-aa', 'number' => 1, 'set_aside' => 'late', 'json' => ['do' => 'undo'], 'made_at' => now(),
                'received_at' => now(),
            ])->id,
        ),
        'PUT api/attempts/{attempt}/late-acts/{late}' => $own(
            $asInstructor(['mode' => 'exam', 'kind' => 'predict'], fn () => ['accepted' => false]),
            'late',
            fn ($user) => \App\Models\LateAct::query()->create([
                'attempt_id' => \App\Models\Attempt::query()->where('seat', 1)->latest('id')->firstOrFail()->id, 'key' => 'tablet-1',
                'kind' => 'answer', 'body' => ['question' => 1, 'answer' => [0]], 'made_at' => now(), 'received_at' => now(),
            ])->id,
        ),
        'PUT api/attempts/{attempt}/observations' => $asInstructor(
            ['surface' => 'wall'],
            fn (Exam $exam) => tap(['observed' => ['tug' => true]], fn () => judgedSeat($exam)),
        ),
        'POST api/attempts/{attempt}/re-mark' => $asInstructor(
            [],
            fn (Exam $exam) => tap(['take' => true], fn () => judgedSeat($exam)),
        ),
        'PUT api/attempts/{attempt}/answers' => $asTrainee(['kind' => 'predict'], fn () => ['question' => 1, 'answer' => [0]]),
        'POST api/attempts/{attempt}/steps' => $asTrainee([], fn (Exam $exam) => Exam::steps($exam->right())),
        'PUT api/stock-lines' => $asInstructor([], fn () => [
            'practice' => 'na',
            'part' => 'device na-switch-3way',
            'price' => '1.20',
            'held' => '4',
        ]),
        'PUT api/board-files/{boardFile}/as-found' => $own(
            $asInstructor([], fn () => ['lands' => ['W1.black@B1' => 'S1.common', 'S1.t1' => 'A'], 'marks' => ['W1.white@B1' => 'line']]),
            'boardFile',
            fn () => Exam::boardFile('database/demo/propagation-house/board.json')->id,
        ),
        'PUT api/drawings/{boardFile}' => $own(
            $asInstructor([], fn () => ['base' => 1, 'board' => (array) json_decode($board)]),
            'boardFile',
            fn ($user) => tap(Exam::boardFile('database/demo/propagation-house/board.json'))->update(['instructor_id' => $user->id])->id,
        ),
        'POST api/board-files/{boardFile}/converted' => $asInstructor([], fn () => ['to' => 'gb']),
        'POST api/classrooms' => $asInstructor([], fn () => ['name' => 'Monday']),
        'PATCH api/classrooms/{classroom}' => $asInstructor([], fn () => ['name' => 'Monday', 'archived' => false]),
        'POST api/classrooms/{classroom}/roster' => $asInstructor([], fn () => ['text' => "Odd Berg\nLi Wei", 'base64' => null]),
        'POST api/classrooms/{classroom}/trainees' => $asInstructor([], fn () => [
            'trainees' => [['name' => 'Odd Berg', 'extraPercent' => 25]],
        ]),
        'PATCH api/trainees/{trainee}' => $asInstructor([], fn (Exam $exam) => [
            'seen' => ['name' => $exam->trainees[0]->name, 'extraPercent' => 0],
            'name' => 'Odd Berg',
            'extraPercent' => 0,
        ]),
        'POST api/instructors' => $asInstructor([], fn () => ['name' => 'Edda Rowan']),
        'PUT api/password' => $asInstructor([], fn () => ['current' => 'lights-on', 'password' => 'a longer one']),
        'PATCH api/board-files/{boardFile}' => fn () => [
            ...($at = $asInstructor([], fn () => ['title' => 'Stairs', 'archived' => false])()),
            'user' => tap($at['user'], fn ($user) => App\Models\BoardFile::query()->whereKey($at['ids']['boardFile'])
                ->update(['instructor_id' => $user->id])),
        ],
        'POST api/tries' => $asInstructor([], fn (Exam $exam) => ['task' => $exam->task->id, 'seat' => 1, 'mode' => 'coached']),
        'POST api/drawings' => $asInstructor([], fn (Exam $exam) => ['practice' => 'na', 'copyOf' => $exam->task->board_file_id]),
        'POST api/drawing-looks' => $asInstructor([], fn () => json_decode($board, true)),
        'POST api/drawing-neutrals' => $own($asInstructor([], fn () => json_decode($board, true)), 'query', fn () => '?box=B1'),
        'POST api/assignments' => $asInstructor([], fn (Exam $exam) => [
            'classroom' => $exam->classroom->id,
            'boardFile' => $exam->task->board_file_id,
            'trainees' => array_column($exam->trainees, 'id'),
            'minutes' => 15,
        ]),
        'GET api/attempts/{attempt}/test' => $asTrainee([], fn () => ['one' => 'S1#1', 'other' => 'S1#2', 'down' => 'S1']),
        'GET api/attempts/{attempt}/path' => $asInstructor(
            [],
            fn (Exam $exam) => tap(['lamp' => 'L1', 'state' => 0], fn () => judgedSeat($exam)),
        ),
        'GET api/board-files/{boardFile}/plans/{plan}/path' => $asInstructor([], fn () => ['lamp' => 'L1', 'state' => 0]),
        'GET api/board-files/{boardFile}/plans/{plan}/materials' => $asInstructor([], fn () => [
            'sets' => 2,
            'free' => 9,
            'sheath' => 1,
            'waste' => 5,
            'round' => 6,
            'csv' => 'cuts',
        ]),
        'GET api/board-files/{boardFile}/plans/{plan}/file' => $asInstructor([], fn () => ['as' => 'svg', 'edition' => 'NEC-2023']),
        'GET api/board-files/{boardFile}/plans' => $asInstructor([], fn () => ['edition' => 'NEC-2023']),
        'GET api/assignments/{assignment}/paper' => $asInstructor([], fn () => ['pages' => 'keys']),
    ];
}

/** Its first seat has handed in, and is judged. */
function judgedSeat(Exam $exam): void
{
    $exam->attempt()->update(['handed_in_at' => now()]);
    app(JudgeUnjudged::class)->execute($exam->attempt());
}

/**
 * A body with an oddity in the place of each of its fields, two levels deep; and what is no field beside them.
 *
 * @param  array<string, mixed>  $body
 * @return iterable<string, array<string, mixed>>
 */
function spoiltBodies(array $body): iterable
{
    yield 'nothing' => [];
    foreach ($body as $field => $value) {
        foreach (ODDITIES as $i => $oddity) {
            yield "$field: oddity $i" => [...$body, $field => $oddity];
            foreach (is_array($value) ? array_slice(array_keys($value), 0, 2) : [] as $key) {
                yield "$field.$key: oddity $i" => [...$body, $field => array_replace($value, [$key => $oddity])];
            }
            if (is_array($value)) {
                yield "$field, more: oddity $i" => [...$body, $field => [...$value, $oddity]];
            }
        }
    }
}

it('answers what no form would send with a message, never with a trace', function (string $route) {
    ['user' => $user, 'ids' => $ids, 'body' => $whole] = takingRoutes()[$route]();
    [$method, $path] = explode(' ', $route, 2);
    $uri = preg_replace_callback('/\{(\w+)\}/', fn (array $match) => (string) $ids[$match[1]], $path).($ids['query'] ?? '');
    $send = fn (array $body) => $method === 'GET'
        ? $this->actingAs($user)->getJson("$uri?".http_build_query($body))
        : $this->actingAs($user)->json($method, $uri, $body);
    $told = [];
    // As it is, it is taken: what is spoilt is what counts.
    $taken = $send($whole);
    expect($taken->status())->toBeLessThan(300, (string) $taken->getContent());
    foreach (spoiltBodies($whole) as $how => $body) {
        $answer = $send($body);
        $isClear = $answer->status() < 500
            && preg_match('/Stack trace|vendor\\\\?\/|SQLSTATE|Exception/', (string) $answer->getContent()) === 0;
        $told = $isClear ? $told : [...$told, "$how → {$answer->status()} ".substr((string) $answer->getContent(), 0, 200)];
    }

    expect($told)->toBe([]);
})->with(fn () => array_map(fn (string $route) => [$route], array_combine(array_keys(takingRoutes()), array_keys(takingRoutes()))));

it('looks at spoilt drawings, tries spoilt tasks and reads spoilt markings, and says what is wrong', function () {
    $exam = new Exam;
    $this->actingAs($exam->instructor);
    $spoiler = new MutatedFile(seed: 21);
    $task = ['boardFile' => $exam->task->board_file_id, 'marking' => $exam->task->marking_id, 'seats' => 3];
    $whole = Exam::json([
        'varying' => ['faces', 'labels'],
        'positions' => ['twisting' => 'either'],
        'rules' => ['line-unmarked' => 'fault'],
        'seed' => 's',
    ]);
    $boards = array_map(fn (array $board) => Files::text($board[0]), Files::demoBoards());
    $send = fn (string $path, string $text) => $this->call('POST', "api/$path", server: [
        'CONTENT_TYPE' => 'application/json',
        'HTTP_ACCEPT' => 'application/json',
    ], content: $text);
    $told = [];
    $statuses = [];
    for ($i = 0; $i < 240; $i++) {
        $board = $spoiler->of(array_values($boards)[$i % count($boards)]);
        $answer = match ($i % 3) {
            0 => $send('drawing-looks', $board),
            1 => $send('task-trials', substr((string) json_encode($task), 0, -1).",\"task\":{$spoiler->of($whole)}}"),
            2 => $send('markings', "{\"marking\":{$spoiler->of($exam->task->marking->json)}}"),
        };
        $statuses[$i % 3][$answer->status()] = true;
        $told = $answer->status() < 500 ? $told : [...$told, "$i: ".substr((string) $answer->getContent(), 0, 300)];
    }

    // Some of each are taken and some are not: the spoiling is neither too little nor too much.
    expect($told)->toBe([])
        ->and($statuses[0])->toHaveKey(200)
        ->and($statuses[1])->toHaveKey(200)
        ->and($statuses[2])->toHaveKeys([201, 422]);
});

it('has a hostile body for every route that takes one', function () {
    $taking = collect(Route::getRoutes()->getRoutes())->flatMap(fn ($route) => array_map(
        fn (string $method) => "$method {$route->uri()}",
        array_intersect($route->methods(), ['POST', 'PUT']),
    ));
    // These take none, or a whole file, or are tried where signing in is.
    $bodiless = [
        'POST api/session',
        'POST api/second-factor',
        'PUT api/second-factor',
        'POST api/board-files',
        'POST api/attempts/{attempt}/begin',
        'POST api/attempts/{attempt}/hand-in',
        'POST api/attempts/{attempt}/time-up',
        'POST api/attempts/{attempt}/retry',
        'POST api/attempts/{attempt}/finish',
        'POST api/attempts/{attempt}/refused',
        'POST api/assignments/{assignment}/release',
        'POST api/trainees/{trainee}/code',
        'PUT api/classrooms/{classroom}/trainees/{trainee}/to/{other}',
        'PUT api/classrooms/{classroom}/instructors/{instructor}',
        'POST api/board-files/{deleted}/back',
        'PUT api/board-files/{boardFile}/instructors/{instructor}',
        'PUT api/assignments/{assignment}/marking',
    ];

    expect($taking->diff($bodiless)->diff(array_keys(takingRoutes()))->values()->all())->toBe([]);
});

it('finds nothing under a number that is none, by any route', function (string $number) {
    $exam = new Exam;
    $this->actingAs($exam->instructor);
    foreach (Route::getRoutes()->getRoutes() as $route) {
        if (str_starts_with($route->uri(), 'api/') && str_contains($route->uri(), '{') && ! $route->isFallback) {
            $uri = preg_replace('/\{\w+\??\}/', rawurlencode($number), $route->uri());
            $status = $this->json($route->methods()[0], (string) $uri)->status();
            expect([$route->uri(), $status < 500])->toBe([$route->uri(), true]);
        }
    }
})->with(['%2e%2e', 'a', '-1', '1.5', '99999999999999999999', "é'"]);
