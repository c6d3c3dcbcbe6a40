<?php

declare(strict_types=1);

use App\Models\BoardFile;
use Tests\Support\Files;
use Tests\Support\People;

it('begins bare: every conductor, lead and terminal of every box', function () {
    $file = People::boardFile();
    $sheet = $this->actingAs(People::user('instructor'))->getJson("api/board-files/$file->id/as-found")->assertOk()->json();
    $gate = array_column($sheet['boxes'], null, 'label')['Gate post'];

    expect(array_column($gate['rows'], 'lands', 'point'))->toMatchArray(['W1.black@B1' => '', 'S1.common' => '', 'B1.earth' => ''])
        ->and(array_column($gate['places'], 'name', 'id'))->toMatchArray([
            'S1.common' => 'dark screw 3 (the common) of S1',
            'A' => 'connector A',
            'cap' => 'capped',
        ])
        ->and(array_column($sheet['marks'], 'id'))->toBe(['line', 'neutral', 'earth']);
});

it('keeps what is written down, and plans from it', function () {
    $file = People::boardFile();
    $this->actingAs($instructor = People::user('instructor'));
    $lands = ['W1.black@B1' => 'S1.t1', 'W2.black@B1' => 'S1.common', 'W1.white@B1' => 'A', 'W2.white@B1' => 'A'];
    $this->putJson("api/board-files/$file->id/as-found", ['lands' => $lands, 'marks' => ['W2.white@B2' => 'neutral']])->assertOk();
    $rows = array_merge(...array_column($this->getJson("api/board-files/$file->id/as-found")->json('boxes'), 'rows'));
    $plan = $this->getJson("api/board-files/$file->id/as-found/plan")->assertOk()->json();

    expect(array_filter(array_column($rows, 'lands', 'point')))->toEqual($lands)
        ->and($plan['verdict'])->toBe('fail')
        ->and($plan['then'])->toStartWith('Correct:')
        // The spliced neutrals stay; the exchanged common and traveler are told.
        ->and($plan['notes'][0])->toMatch('/^[1-9]\d* of \d+ connections stay as they are\.$/')
        ->and(implode(' ', $plan['moves']))->toContain('the black in W1 (to Supply cord)', '(the common)');
    $this->actingAs(People::user('instructor'))->getJson("api/board-files/$file->id/as-found")->assertJsonPath('boxes.0.rows.0.lands', '');
});

it('takes a wiring file, and has nothing to change where it is right', function () {
    $file = People::boardFile();
    $this->actingAs(People::user('instructor'));
    $wiring = $this->get("api/board-files/$file->id/plans/0/file?as=wiring")->assertOk()->getContent();
    $this->putJson("api/board-files/$file->id/as-found", ['wiring' => $wiring])->assertOk();
    $plan = $this->getJson("api/board-files/$file->id/as-found/plan")->assertOk()->json();

    expect($plan['verdict'])->toBe('pass')->and($plan['moves'])->toBe([]);
});

it('goes on from what stands when the feed has moved', function () {
    $this->actingAs($instructor = People::user('instructor'));
    $board = json_decode(Files::text('database/demo/propagation-house/board.json'), true);
    $file = BoardFile::create([
        'instructor_id' => $instructor->id,
        'title' => 'x',
        'practice' => 'na',
        'brief' => '',
        'json' => (string) json_encode($board),
    ]);
    $wiring = $this->get("api/board-files/$file->id/plans/0/file?as=wiring")->getContent();
    $this->putJson("api/board-files/$file->id/as-found", ['wiring' => $wiring])->assertOk();
    $board['cables'][0]['to'] = 'B2';
    $board['cables'][1]['type'] = 'na-14-4';
    $file->update(['json' => (string) json_encode($board)]);
    $plan = $this->getJson("api/board-files/$file->id/as-found/plan")->assertOk()->json();

    expect($plan['then'])->toMatch('/^(Correct|It works in every combination)/')
        ->and($plan['moves'])->not->toBe([])
        ->and(implode(' ', $plan['notes']))->toContain('No longer on this board: ');
});

it('goes on from what stands when a switch has gone', function () {
    $this->actingAs($instructor = People::user('instructor'));
    $board = json_decode(Files::text('database/demo/propagation-house/board.json'), true);
    $file = BoardFile::create([
        'instructor_id' => $instructor->id,
        'title' => 'x',
        'practice' => 'na',
        'brief' => '',
        'json' => (string) json_encode($board),
    ]);
    $wiring = $this->get("api/board-files/$file->id/plans/0/file?as=wiring")->getContent();
    $this->putJson("api/board-files/$file->id/as-found", ['wiring' => $wiring])->assertOk();
    $board['devices'] = array_values(array_filter($board['devices'], fn (array $device) => $device['id'] !== 'S2'));
    $board['controls'] = [['lamps' => ['LA'], 'switches' => ['S1']]];
    $file->update(['json' => (string) json_encode($board)]);
    $plan = $this->getJson("api/board-files/$file->id/as-found/plan")->assertOk()->json();

    expect(implode(' ', $plan['notes']))->toContain('S2.common')->and($plan['then'])->toMatch('/^(Correct|It works in every combination)/');
});

it('refuses what cannot be, and says where', function (array $body, string $words) {
    $file = People::boardFile();
    $this->actingAs(People::user('instructor'));
    $answer = $this->putJson("api/board-files/$file->id/as-found", $body)->assertStatus(422);

    expect((string) json_encode($answer->json(), JSON_UNESCAPED_UNICODE))->toContain($words);
    $this->getJson("api/board-files/$file->id/as-found")->assertJsonPath('boxes.0.rows.0.lands', '');
})->with([
    'a screw of another box' => [['lands' => ['W1.black@B1' => 'S2.common']], 'is not in enclosure'],
    'a screw that is not there' => [['lands' => ['W1.black@B1' => 'S1.middle']], 'no point S1.middle'],
    'a file of something else' => [['wiring' => '{"format": "zwindle-board"}'], 'problem'],
    'no JSON' => [['wiring' => 'WH to WH'], 'could not be read'],
    'a mark that says nothing' => [['lands' => [], 'marks' => ['W1.black@B1' => 'hello']], 'marks'],
    'nothing at all' => [[], 'lands'],
]);

it('keeps the sheet from trainees, and another\'s board from instructors', function (string $method, string $path) {
    $people = new People;
    $file = $people->assignment->boardFile;
    $own = People::boardFile();
    $own->update(['instructor_id' => $people->instructor->id]);

    $this->actingAs($people->trainee)->json($method, "api/board-files/$file->id/as-found$path", ['lands' => []])->assertNotFound();
    $this->actingAs(People::user('instructor'))->json($method, "api/board-files/$own->id/as-found$path", ['lands' => []])->assertNotFound();
})->with([['GET', ''], ['PUT', ''], ['GET', '/plan']]);

it('is filled as planned, then changed where it is otherwise', function (string $slug) {
    $this->actingAs(People::user('instructor'));
    $file = People::boardFile($slug);
    $sheet = $this->putJson("api/board-files/$file->id/as-found", ['plan' => 0])->assertOk()->json();
    expect($this->getJson("api/board-files/$file->id/as-found/plan")->assertOk()->json())->toMatchArray(['verdict' => 'pass', 'moves' => []]);

    // Two ends of one switch change places: what the planner says takes it back.
    $ends = array_values(array_filter(
        array_merge(...array_column($sheet['boxes'], 'rows')),
        fn (array $row) => $row['isEnd'] && preg_match('/^S1\\./', $row['lands']) === 1 && ! str_ends_with($row['lands'], 'earth'),
    ));
    $lands = array_column(array_merge(...array_column($sheet['boxes'], 'rows')), 'lands', 'point');
    [$lands[$ends[0]['point']], $lands[$ends[1]['point']]] = [$ends[1]['lands'], $ends[0]['lands']];
    $this->putJson("api/board-files/$file->id/as-found", ['lands' => $lands])->assertOk();
    expect($this->getJson("api/board-files/$file->id/as-found/plan")->json('verdict'))->toBeIn(['fail', 'remarks']);
    $this->putJson("api/board-files/$file->id/as-found", ['plan' => 99])->assertStatus(422)
        ->assertJsonPath('message', __('as-found.no-such-plan'));
})->with(['propagation-house', 'packing-barn', 'boat-store']);

it('keeps a sheet for each numbered board of a drawing', function () {
    $this->actingAs(People::user('instructor'));
    $file = People::boardFile();
    $filled = fn (int $number) => count(array_filter(array_column(array_merge(...array_column(
        $this->getJson("api/board-files/$file->id/as-found?number=$number")->assertOk()->json('boxes'),
        'rows',
    )), 'lands')));
    $this->putJson("api/board-files/$file->id/as-found", ['plan' => 0, 'number' => 3])->assertOk();

    expect($filled(1))->toBe(0)->and($filled(3))->toBeGreaterThan(5);
    $this->getJson("api/board-files/$file->id/as-found/plan?number=3")->assertJsonPath('verdict', 'pass');
    $this->getJson("api/board-files/$file->id/as-found?number=41")->assertStatus(422);
});
