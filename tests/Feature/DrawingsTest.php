<?php

declare(strict_types=1);

use App\Models\BoardFile;
use Tests\Support\Build;
use Tests\Support\Files;
use Tests\Support\People;
use Zwindle\Plan\Planner;

/** @return array<string, mixed> the body of a save */
function saved(array $board, int $base): array
{
    return ['base' => $base, 'board' => $board];
}

/** @return array<string, mixed> */
function houseBoard(): array
{
    return json_decode(Files::text('database/demo/propagation-house/board.json'), true);
}

it('starts a bare board of a practice, with its feed, and keeps what is drawn', function (string $practice, string $code) {
    $this->actingAs($instructor = People::user('instructor'));
    $drawing = $this->postJson('api/drawings', ['practice' => $practice])->assertCreated()->json();

    expect($drawing['board']['code'])->toBe($code)
        ->and($drawing['board']['devices'][0]['model'])->toBe("$practice-supply")
        ->and($drawing['version'])->toBe(1);
    $board = [...$drawing['board'], 'title' => 'Hen house'];
    $this->putJson("api/drawings/{$drawing['id']}", saved($board, 1))->assertOk()->assertJsonPath('version', 2);
    $this->getJson("api/drawings/{$drawing['id']}")->assertOk()->assertJsonPath('board.title', 'Hen house');
    expect(BoardFile::query()->find($drawing['id'])?->title)->toBe('Hen house')
        ->and(BoardFile::query()->find($drawing['id'])?->instructor_id)->toBe($instructor->id);
})->with([['na', 'NEC-2023'], ['gb', 'BS7671-2018A3']]);

it('tells the second of two who save, and loses nothing of either', function () {
    $this->actingAs(People::user('instructor'));
    $drawing = $this->postJson('api/drawings', ['practice' => 'na'])->json();
    $this->putJson("api/drawings/{$drawing['id']}", saved([...$drawing['board'], 'title' => 'First'], 1))->assertOk();
    $answer = $this->putJson("api/drawings/{$drawing['id']}", saved([...$drawing['board'], 'title' => 'Second'], 1))
        ->assertConflict()
        ->json();

    expect($answer['theirs']['board']['title'])->toBe('First')
        ->and($answer['theirs']['version'])->toBe(2)
        ->and($answer['message'])->toContain('Your work is safe');
    $this->getJson("api/drawings/{$drawing['id']}")->assertJsonPath('board.title', 'First');
});

it('keeps for a task the version that it was set with', function () {
    $people = new People;
    $file = $people->assignment->boardFile;
    $file->update(['instructor_id' => $people->instructor->id]);
    $longer = houseBoard();
    $longer['title'] = 'Propagation house, drawn on';
    $this->actingAs($people->instructor)->putJson("api/drawings/$file->id", saved($longer, 1))->assertOk();
    $before = $this->actingAs($people->trainee)->getJson("api/attempts/{$people->attempt->id}")->assertOk()->json('title');
    $library = $this->actingAs($people->instructor)->getJson('api/board-files')->json();
    $frozen = BoardFile::query()->where('frozen_of', $file->id)->firstOrFail();

    expect($before)->toBe('Propagation house, path light')
        ->and(array_column($library, 'title'))->toBe(['Propagation house, drawn on'])
        ->and($frozen->version)->toBe(1);
    $this->actingAs($people->instructor)->getJson("api/drawings/$frozen->id")->assertNotFound();
    $this->actingAs($people->instructor)->getJson("api/board-files/$frozen->id/plans")->assertOk();
});

it('keeps a drawing with problems, and sets none that is not finished', function () {
    $people = new People;
    $drawing = $this->actingAs($people->instructor)->postJson('api/drawings', ['practice' => 'na'])->json();
    $board = $drawing['board'];
    $board['enclosures'][] = ['id' => 'B1', 'kind' => 'switch-box', 'at' => [900, 900]];
    $this->putJson("api/drawings/{$drawing['id']}", saved($board, 1))->assertOk();
    $this->postJson('api/assignments', [
        'classroom' => $people->classroom->id,
        'boardFile' => $drawing['id'],
        'trainees' => [$people->trainee->id],
    ])
        ->assertStatus(422)->assertJsonPath('problems.0.pointer', '/enclosures/1');
    $this->getJson("api/board-files/{$drawing['id']}/plans")->assertStatus(422);
});

it('copies a board of the library to draw on, and lets nobody draw on the original or another\'s', function () {
    $file = People::boardFile();
    $this->actingAs($instructor = People::user('instructor'));
    $this->getJson("api/drawings/$file->id")->assertNotFound();
    $this->putJson("api/drawings/$file->id", saved(houseBoard(), 1))->assertNotFound();
    $copy = $this->postJson('api/drawings', ['copyOf' => $file->id])->assertCreated()->json();

    expect($copy['board']['title'])->toBe('Propagation house, path light');
    $this->actingAs(People::user('instructor'))->getJson("api/drawings/{$copy['id']}")->assertNotFound();
    $this->actingAs(People::user('instructor'))->postJson('api/drawings', ['copyOf' => $copy['id']])->assertNotFound();
    $this->actingAs($instructor)->getJson("api/drawings/{$copy['id']}")->assertOk();
});

it('keeps the drawing board from trainees', function () {
    $people = new People;
    $this->actingAs($people->trainee);

    $this->postJson('api/drawings', ['practice' => 'na'])->assertForbidden();
    $this->getJson("api/drawings/{$people->assignment->boardFile->id}")->assertNotFound();
    $this->putJson("api/drawings/{$people->assignment->boardFile->id}", saved(houseBoard(), 1))->assertNotFound();
    // An exam board must not be worked out in another tab.
    $this->call('POST', 'api/drawing-looks', content: (string) json_encode(houseBoard()))->assertForbidden();
    $this->call('POST', 'api/drawing-neutrals?box=B1', content: (string) json_encode(houseBoard()))->assertForbidden();
});

it('says beside a drawing what works, what each core carries and how full each box gets', function () {
    $this->actingAs(People::user('instructor'));
    $board = houseBoard();
    $board['cables'][1]['type'] = 'any';
    $look = $this->call('POST', 'api/drawing-looks', content: (string) json_encode($board))->assertOk()->json();
    $schemes = array_column($look['schemes'], 'works', 'id');

    expect($look['problems'])->toBe([])->and($look['hasPlan'])->toBeTrue()->and($look['sentence'])->toContain('control Path')
        ->and($schemes)->toMatchArray(['feed-through' => true, 'dead-end' => false])
        ->and($look['cables'][1])->toMatchArray(['id' => 'W2', 'print' => '14/3', 'proposed' => true])
        ->and(array_column($look['cables'][1]['cores'], 'role', 'flag'))->toBe([
            'BLK' => 'traveler',
            'RED' => 'traveler',
            'WHT' => 'neutral',
            'BARE' => 'ground',
        ])
        ->and($look['boxes'][0])->toMatchArray(['id' => 'B1', 'text' => '18.00 of 18.00 in³', 'fits' => true]);
});

it('marks what is wrong with a drawing instead of refusing it', function (callable $spoil, string $pointer) {
    $this->actingAs(People::user('instructor'));
    $look = $this->call('POST', 'api/drawing-looks', content: (string) json_encode($spoil(houseBoard())))->assertOk()->json();

    expect(array_column($look['problems'], 'pointer'))->toContain($pointer)
        ->and($look['hasPlan'])->toBeFalse()
        ->and($look['cables'])->toBe([]);
})->with([
    'a cable to nowhere' => [
        fn (array $board) => [...$board, 'cables' => [[...$board['cables'][0], 'to' => 'B9'], ...array_slice($board['cables'], 1)]],
        '/cables/0/to',
    ],
    'two supplies' => [
        fn (array $board) => [...$board, 'devices' => [...$board['devices'], ['id' => 'P2', 'in' => 'B1', 'model' => 'na-supply']]],
        '/devices/4',
    ],
    'a device in no box' => [
        fn (array $board) => [...$board, 'devices' => [...$board['devices'], ['id' => 'S9', 'in' => 'B9', 'model' => 'na-switch-1p']]],
        '/devices/4/in',
    ],
    'an absurd length' => [
        fn (array $board) => [...$board, 'cables' => [[...$board['cables'][0], 'lengthM' => -3], ...array_slice($board['cables'], 1)]],
        '/cables/0/lengthM',
    ],
    'a thousand boxes' => [fn (array $board) => [
        ...$board,
        'enclosures' => array_map(fn (int $i) => ['id' => "X$i", 'kind' => 'switch-box'], range(1, 1000)),
    ], '/enclosures'],
]);

it('says why a drawing cannot be wired, and what would do', function () {
    $this->actingAs(People::user('instructor'));
    $board = houseBoard();
    $board['cables'][1]['type'] = 'na-14-2';
    $look = $this->call('POST', 'api/drawing-looks', content: (string) json_encode($board))->json();
    $bare = $this->call('POST', 'api/drawing-looks', content: (string) json_encode([...$board, 'controls' => []]))->json();
    $broken = $this->call('POST', 'api/drawing-looks', content: '{"title": ')->assertOk()->json();

    expect($look['hasPlan'])->toBeFalse()->and($look['sentence'])->toContain('W2 as 14/3')
        ->and($look['schemes'][0]['why'])->toContain('W2')
        ->and($bare['sentence'])->toContain('Choose a light for a switch')
        ->and($broken['problems'])->not->toBe([]);
});

it('begins with a pattern in one step, and every pattern has a plan already', function (string $key) {
    $this->actingAs(People::user('instructor'));
    $drawing = $this->postJson('api/drawings', ['pattern' => $key])->assertCreated()->json();
    $look = $this->call('POST', 'api/drawing-looks', content: (string) json_encode($drawing['board']))->assertOk()->json();

    expect($look['problems'])->toBe([])->and([$key, $look['hasPlan'], $look['sentence']])->toBe([$key, true, $look['sentence']])
        ->and(array_filter($look['boxes'], fn (array $box) => $box['fits'] === false))->toBe([]);
})->with(fn () => array_map(
    fn (string $path) => basename($path, '.board.json'),
    glob(Files::path('database/patterns/*.board.json')) ?: [],
));

it('has a pattern for every way of wiring, and the station fed at any box, with and without grounds', function () {
    $this->actingAs(People::user('instructor'));
    $patterns = $this->getJson('api/patterns')->assertOk()->json();
    $schemes = [];
    foreach ($patterns as ['key' => $key]) {
        $board = Build::board(json_decode(Files::text("database/patterns/$key.board.json"), true));
        $schemes[$board->practice->id][] = Planner::plan($board)->plans[0]->result->scheme()?->value;
    }

    expect(array_unique($schemes['na']))->toContain('single', 'light-fed', 'feed-through', 'dead-end')
        ->and(array_unique($schemes['gb']))->toContain('single', 'light-fed', 'feed-through', 'common-link')
        ->and(count(array_filter($patterns, fn (array $pattern) => str_contains($pattern['key'], 'station'))))->toBe(8);
    $this->postJson('api/drawings', ['pattern' => '../../.env'])->assertStatus(422);
    $this->actingAs((new People)->trainee)->getJson('api/patterns')->assertForbidden();
});

it('sets a board whose cables are open with those that chosen by the planner, and shows its plans', function () {
    $people = new People;
    $this->actingAs($people->instructor);
    $drawing = $this->postJson('api/drawings', ['pattern' => 'na-03-three-way-feed-through'])->json();
    $this->getJson("api/board-files/{$drawing['id']}/plans")->assertOk()->assertJsonPath('plans.0.verdict', 'pass');
    $this->getJson("api/board-files/{$drawing['id']}/plans/0/materials")->assertOk();
    $assignment = $this->postJson('api/assignments', [
        'classroom' => $people->classroom->id,
        'boardFile' => $drawing['id'],
        'trainees' => [$people->trainee->id],
    ])->assertCreated()->json();
    $bench = $this->actingAs($people->trainee)->getJson("api/attempts/{$assignment['attempts'][0]['id']}")->assertOk()->json();

    expect(array_column($bench['board']['cables'], 'print'))->toBe(['14/2', '14/3', '14/2'])
        ->and(BoardFile::query()->find($drawing['id'])?->json)->toContain('"any"');
});

it('sets no board with open cables that cannot be wired', function () {
    $people = new People;
    $drawing = $this->actingAs($people->instructor)->postJson('api/drawings', ['pattern' => 'na-03-three-way-feed-through'])->json();
    $board = $drawing['board'];
    $board['cables'][1]['type'] = 'na-14-2';
    $this->putJson("api/drawings/{$drawing['id']}", saved($board, 1))->assertOk();

    $this->postJson('api/assignments', [
        'classroom' => $people->classroom->id,
        'boardFile' => $drawing['id'],
        'trainees' => [$people->trainee->id],
    ])->assertStatus(422);
});

it('asks about what is most likely not meant, by the names on the wall', function () {
    $this->actingAs(People::user('instructor'));
    $board = houseBoard();
    $board['enclosures'][2]['at'] = $board['enclosures'][1]['at'];
    $look = $this->call('POST', 'api/drawing-looks', content: (string) json_encode($board))->assertOk()->json();

    expect($look['warnings'])->toBe([['about' => ['B1', 'B2'], 'message' => 'Gate post and Far bench overlap.']])
        ->and($look['hasPlan'])->toBeTrue();
});

it('names boxes by what is written on them, even where the drawing has problems', function () {
    $this->actingAs(People::user('instructor'));
    $board = houseBoard();
    $board['enclosures'][] = ['id' => 'B7', 'kind' => 'switch-box', 'label' => 'Potting shed'];
    $look = $this->call('POST', 'api/drawing-looks', content: (string) json_encode($board))->assertOk()->json();

    expect($look['problems'][0]['message'])->toBe('No cable connects enclosure Potting shed to the rest of the board.');
});

it('says which conductors are re-identified, how long each run is, and where the neutral is', function () {
    $this->actingAs(People::user('instructor'));
    $board = json_decode(Files::text('database/patterns/na-04-three-way-dead-end.board.json'), true);
    $look = $this->call('POST', 'api/drawing-looks', content: (string) json_encode($board))->assertOk()->json();
    $roles = array_column($look['cables'][1]['cores'], 'role', 'flag');

    // 700 mm along, 2 ft 4 in; the white takes the hot out (NEC 200.7(C)), and the far box needs no neutral from 2014 on.
    expect($look['cables'][1]['length'])->toBe('2 ft 4 in')
        ->and($roles['WHT'])->toBe('hot, re-identified')
        ->and(array_column($look['boxes'], 'neutral', 'id'))->toMatchArray(['B1' => 'neutral here', 'B2' => 'no neutral here', 'H1' => '']);
    $board['cables'][1]['type'] = 'na-14-3';
    $ask = fn (string $box) => $this->call('POST', "api/drawing-neutrals?box=$box", content: (string) json_encode($board));

    expect($ask('B1')->assertOk()->json('sentence'))->toContain('Near door: an electronic switch that needs a neutral can go here')
        ->and($ask('B2')->assertOk()->json('sentence'))->toContain('Far door: no neutral in this box', 'W2 as 14/4');
    $ask('B9')->assertNotFound();
});

it('reckons the drop and R1+R2 of a British drawing from how its runs lie', function () {
    $this->actingAs(People::user('instructor'));
    $board = json_decode(Files::text('database/patterns/gb-02-loop-in-at-the-rose.board.json'), true);
    $look = $this->call('POST', 'api/drawing-looks', content: (string) json_encode($board))->assertOk()->json();
    $rose = array_column($look['boxes'], null, 'id')['H1'];

    // The planner takes 1.5 mm². BS 7671 Table 4D5 (memory): 29 mV/A/m; 100 W at 230 V are 0.435 A; line and neutral 0.6 m in, and
    // 0.6 m down to the switch and back: 0.435 × 0.029 × (0.6 + 0.6) = 0.015 V.
    // BS EN 60228 (memory): 12.1 mΩ/m along R1 of 1.8 m, 18.1 mΩ/m along the 1.0 mm² cpc of 0.6 m: 0.033 Ω.
    expect($rose['text'])->toBe('0.02 V drop of 6.9, R1+R2 0.03 Ω')->and($rose['fits'])->toBeTrue();
});

it('gives the cores of every scheme that works, so that it can be looked at', function () {
    $this->actingAs(People::user('instructor'));
    $board = json_decode(Files::text('database/patterns/na-04-three-way-dead-end.board.json'), true);
    $board['cables'][1]['type'] = 'na-14-4';
    $schemes = array_column($this->call('POST', 'api/drawing-looks', content: (string) json_encode($board))->json('schemes'), null, 'id');

    expect($schemes['dead-end']['works'])->toBeTrue()
        ->and(array_column($schemes['dead-end']['cables'], 'id'))->toBe(['W1', 'W2', 'W3'])
        ->and($schemes['feed-through']['cables'])->toBe([]);
});

it('offers faces, parts, sizes, editions and colours of the practice only', function (string $practice) {
    $this->actingAs(People::user('instructor'));
    $drawing = $this->postJson('api/drawings', ['practice' => $practice])->assertCreated()->json();
    $catalogue = $this->getJson("api/catalogues/$practice/{$drawing['catalogue']}")->assertOk()->json();
    $other = $practice === 'na' ? 'gb-' : 'na-';

    expect(json_encode([$catalogue['parts'], $catalogue['faces'], $catalogue['cableTypes']]))->not->toContain("\"$other")
        ->and($catalogue['boxes'] === [])->toBe($practice === 'gb')
        ->and(array_keys($catalogue['faces']))->toContain(...array_column($catalogue['parts'], 'model'))
        ->and(count($catalogue['faces'][$practice === 'na' ? 'na-switch-3way' : 'gb-switch-2way']))->toBeGreaterThan(3)
        ->and($drawing['board']['wall']['widthMm'])->toBeGreaterThan(2400);
})->with(['na', 'gb']);

it('has its catalogue kept for good under its own version, and under no other', function () {
    $this->actingAs(People::user('instructor'));
    $drawing = $this->postJson('api/drawings', ['practice' => 'gb'])->assertCreated();
    $kept = $this->putJson("api/drawings/{$drawing['id']}", saved($drawing['board'], 1))->assertExactJson(['version' => 2]);
    $cached = fn (string $version) => (string) $this->getJson("api/catalogues/gb/$version")->assertOk()->headers->get('Cache-Control');

    expect($cached($drawing['catalogue']))->toContain('immutable')->toContain('private')
        ->and($cached('another'))->toContain('no-store')
        ->and(strlen((string) $kept->getContent()))->toBeLessThan(20);
    $this->getJson('api/catalogues/nowhere/1')->assertNotFound();
});
