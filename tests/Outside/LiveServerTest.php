<?php

declare(strict_types=1);

use Tests\Support\LiveServer;

/** @return array<string, mixed> one small step: capped, and undone again */
function smallStep(string $device, int $number, int $base): array
{
    $step = $number % 2 === 1 ? ['do' => 'cap', 'points' => ['W1.black@B1']] : ['do' => 'undo'];

    return ['device' => $device, 'base' => $base, 'steps' => [['number' => $number, 'at' => '2026-01-01T10:00:00Z', 'step' => $step]]];
}

it('loses no confirmed step when the server is killed', function () {
    $server = new LiveServer(port: 8197);
    $server->signIn('quill');
    $attempts = $server->ask('quill', 'GET', '/api/attempts')[1];
    $path = '/api/attempts/'.array_column($attempts, 'id')[array_search(
        'Propagation house, path light',
        array_map(fn (array $attempt) => $attempt['board']['title'], $attempts),
        true,
    )];
    $confirmed = 0;
    foreach (range(1, 12) as $number) {
        [$status, $receipt] = $server->ask('quill', 'POST', "$path/steps", smallStep('tablet-aa-11', $number, $confirmed));
        expect($status)->toBe(200);
        $confirmed = $receipt['head'];
    }
    $server->kill();
    $server->start();
    $bench = $server->ask('quill', 'GET', $path)[1];
    $server->stop();

    expect($confirmed)->toBe(12)->and(array_column($bench['steps'], 'sequence'))->toBe(range(1, 12));
});

it('loses no hand-in when the server is killed among them, and judges each once', function () {
    $server = new LiveServer(port: 8194);
    $server->signIn('marit');
    $boards = $server->ask('marit', 'GET', '/api/board-files')[1];
    $classroom = $server->ask('marit', 'GET', '/api/classrooms')[1][0];
    $assignment = $server->ask('marit', 'POST', '/api/assignments', [
        'classroom' => $classroom['id'], 'boardFile' => $boards[0]['id'], 'trainees' => array_column($classroom['trainees'], 'id'),
    ])[1];
    $paths = [];
    foreach ($assignment['attempts'] as $attempt) {
        $who = strtolower(explode(' ', $attempt['trainee']['name'])[0]);
        $server->signIn($who);
        $paths[$who] = "/api/attempts/{$attempt['id']}";
        $server->ask($who, 'POST', "$paths[$who]/steps", smallStep("tablet-$who", 1, 0));
    }
    [$first, $second] = [array_slice($paths, 0, 2), array_slice($paths, 2)];
    $told = [];
    foreach ($first as $who => $path) {
        $told[] = $server->ask($who, 'POST', "$path/hand-in")[0];
    }
    $server->kill();
    $server->start();
    $stands = array_map(
        fn (string $who) => $server->ask($who, 'GET', $paths[$who])[1]['handedInAt'] !== null,
        array_keys($first),
    );
    // Again, twice each at once, as a hand that got no answer would press.
    $questions = [];
    foreach ($paths as $who => $path) {
        array_push($questions, [$who, 'POST', "$path/hand-in", []], [$who, 'POST', "$path/hand-in", []]);
    }
    $again = array_column($server->askAll($questions), 0);
    $summary = $server->ask('marit', 'GET', "/api/assignments/{$assignment['id']}")[1]['attempts'];
    $benches = array_map(fn (string $who) => $server->ask($who, 'GET', $paths[$who])[1], array_keys($paths));
    $server->stop();

    expect($told)->toBe([204, 204])->and($stands)->toBe([true, true])
        ->and(array_unique($again))->toBe([204])
        ->and(array_filter(array_column($summary, 'verdict')))->toHaveCount(5)
        ->and(array_map(fn (array $bench) => count($bench['steps']), $benches))->toBe(array_fill(0, 5, 1))
        // One hand-in each, however often it was pressed.
        ->and(array_map(fn (array $bench) => array_column($bench['tries'], 'try'), $benches))->toBe(array_fill(0, 5, [1]))
        ->and($second)->not->toBe([]);
});

it('takes nothing from a page that is not its own: a request without its token changes nothing', function () {
    $server = new LiveServer(port: 8191);
    $server->signIn('quill');
    $attempts = $server->ask('quill', 'GET', '/api/attempts')[1];
    $path = "/api/attempts/{$attempts[0]['id']}/steps";
    $before = $server->ask('quill', 'GET', "/api/attempts/{$attempts[0]['id']}")[1]['head'];
    $forged = $server->askForged('quill', 'POST', $path, smallStep('tablet-aa-11', 1, 0));
    $after = $server->ask('quill', 'GET', "/api/attempts/{$attempts[0]['id']}")[1]['head'];
    $server->stop();

    expect($forged)->toBe(419)->and($after)->toBe($before);
});

it('keeps every step once when a class saves at the same moment', function () {
    // The long form, forty trainees with its times, is timings/saving.mjs.
    $server = new LiveServer(port: 8196);
    $server->signIn('marit');
    $boards = $server->ask('marit', 'GET', '/api/board-files')[1];
    $classroom = $server->ask('marit', 'GET', '/api/classrooms')[1][0];
    [$status, $assignment] = $server->ask('marit', 'POST', '/api/assignments', [
        'classroom' => $classroom['id'], 'boardFile' => $boards[0]['id'], 'trainees' => array_column($classroom['trainees'], 'id'),
    ]);
    expect($status)->toBe(201);
    $paths = [];
    foreach ($assignment['attempts'] as $attempt) {
        $who = strtolower(explode(' ', $attempt['trainee']['name'])[0]);
        $server->signIn($who);
        $paths[$who] = "/api/attempts/{$attempt['id']}";
    }
    $statuses = [];
    foreach (range(1, 8) as $number) {
        $questions = [];
        foreach ($paths as $who => $path) {
            $question = [$who, 'POST', "$path/steps", smallStep("tablet-$who", $number, $number - 1)];
            array_push($questions, $question, $question); // every one a double click
        }
        array_push($statuses, ...array_column($server->askAll($questions), 0));
    }
    $kept = array_map(fn (string $who) => array_column($server->ask($who, 'GET', $paths[$who])[1]['steps'], 'number'), array_keys($paths));
    $server->stop();

    expect(array_count_values($statuses))->toBe([200 => 80])
        ->and($kept)->toBe(array_fill(0, 5, range(1, 8)));
});

it('answers a trainee in normal time while somebody searches boards without end', function () {
    $server = new LiveServer(port: 8195);
    $server->signIn('marit');
    $server->signIn('quill');
    $attempts = $server->ask('quill', 'GET', '/api/attempts')[1];
    $path = '/api/attempts/'.array_column($attempts, 'id')[array_search(
        'Propagation house, path light',
        array_map(fn (array $attempt) => $attempt['board']['title'], $attempts),
        true,
    )];
    $questions = array_fill(0, 9, ['marit', 'POST', '/api/drawing-looks', endlessBoard()]);
    $questions[] = ['quill', 'POST', "$path/steps", smallStep('tablet-aa-11', 1, 0)];
    $answers = $server->askAll($questions);
    $server->stop();
    $looks = array_count_values(array_column(array_slice($answers, 0, 9), 0));

    // Nine looks of one person: what waits behind a newer one is put off (how many, hangs on which worker took them); the step is kept.
    expect($answers[9][0])->toBe(200)
        ->and($looks[200] ?? 0)->toBeGreaterThanOrEqual(1)
        ->and(($looks[409] ?? 0) + ($looks[429] ?? 0))->toBeGreaterThanOrEqual(1)
        ->and(array_diff(array_keys($looks), [200, 409, 429]))->toBe([]);
});

/** @return array<string, mixed> sixteen switches, eight lights, and so many open cables that no search comes to an end */
function endlessBoard(): array
{
    $boxes = [['id' => 'F', 'kind' => 'supply', 'label' => 'Feed']];
    $devices = [['id' => 'PS', 'in' => 'F', 'model' => 'na-supply', 'breakerA' => 15]];
    $controls = $cables = [];
    for ($i = 1; $i <= 16; $i++) {
        $boxes[] = ['id' => "B$i", 'kind' => $i % 2 === 0 ? 'light-box' : 'switch-box', 'label' => "Box $i", 'material' => 'plastic'];
        $devices[] = ['id' => "S$i", 'in' => "B$i", 'model' => 'na-switch-3way'];
        if ($i % 2 === 0) {
            $devices[] = ['id' => "LA$i", 'in' => "B$i", 'model' => 'na-lampholder'];
            $controls[] = ['lamps' => ["LA$i"], 'switches' => ['S'.($i - 1), "S$i"]];
        }
    }
    for ($i = 0; $i < 190; $i++) {
        $to = $i < 16 ? $i + 1 : ($i * 7 + 3) % 17;
        $i % 17 === $to || $cables[] = ['id' => "W$i", 'type' => 'any', 'from' => $boxes[$i % 17]['id'], 'to' => $boxes[$to]['id']];
    }

    return [
        'format' => 'zwindle-board',
        'version' => 1,
        'title' => 'Endless',
        'practice' => 'na',
        'code' => 'NEC-2023',
        'enclosures' => $boxes,
        'devices' => $devices,
        'cables' => $cables,
        'controls' => $controls,
        'alwaysOn' => [],
    ];
}
