<?php

declare(strict_types=1);

use Tests\Support\Artisan;
use Tests\Support\Files;

$demo = fn (string $slug, string $wiring) => ["database/demo/$slug/board.json", "database/demo/$slug/$wiring.wiring.json"];

it('exits 0 on a pass, 0 on remarks, 1 on a failure', function (array $files, int $status, string $verdict) {
    $process = Artisan::run(['zwindle:check', ...$files, '--json']);

    expect($process->getExitCode())->toBe($status)
        ->and(json_decode($process->getOutput(), true)['verdict'])->toBe($verdict)
        ->and($process->getErrorOutput())->toBe('');
})->with([
    'pass' => [$demo('propagation-house', 'right'), 0, 'pass'],
    'remarks' => [$demo('boat-store', 'unsleeved'), 0, 'remarks'],
    'fail' => [$demo('propagation-house', 'crossed'), 1, 'fail'],
]);

it('prints JSON in the shape of the contract', function () use ($demo) {
    $json = json_decode(Artisan::run(['zwindle:check', ...$demo('propagation-house', 'crossed'), '--json'])->getOutput(), true);

    expect(array_keys($json))->toBe(['verdict', 'scheme', 'schemes', 'variants', 'states', 'findings', 'repairs', 'alsoRepairs', 'tidy'])
        ->and($json['states'])->toHaveCount(4)
        ->and($json['states'][0])->toBe(['switches' => ['S1' => 'up', 'S2' => 'up'], 'lamps' => ['LA' => 'off'], 'trip' => null])
        ->and(array_keys($json['findings'][0]))->toBe(['code', 'severity', 'at', 'reference', 'message'])
        ->and($json['findings'][1]['causedBy'])->toBe(0);
});

it('prints the truth table and the findings in the English of the practice', function (array $files, array $texts) {
    $output = Artisan::run(['zwindle:check', ...$files])->getOutput();
    foreach ($texts as $text) {
        expect($output)->toContain($text);
    }
})->with([
    'North American' => [$demo('propagation-house', 'crossed'), [
        'S1',
        'S2',
        'LA',
        'traveler',
        'common and a traveler are swapped at Far bench',
        'lock off',
    ]],
    'British' => [$demo('towpath-workshop', 'com-on-strapper'), [
        'strapper',
        'common and a strapper are swapped at Paint bay door',
        'isolate',
    ]],
]);

it('refuses bad input with status 2, a message on standard error and every problem as JSON', function () {
    $path = tempnam(sys_get_temp_dir(), 'zw');
    file_put_contents(
        $path,
        '{"format": "zwindle-wiring", "version": 1, "joints": [{"in": "B9", "points": ["A.b", "A.b"], "by": "terminal"}]}',
    );
    $process = Artisan::run(['zwindle:check', 'database/demo/propagation-house/board.json', $path, '--json']);
    $json = json_decode($process->getOutput(), true);
    unlink($path);

    expect($process->getExitCode())->toBe(2)
        ->and($process->getErrorOutput())->toContain('refused')
        ->and(array_keys($json))->toBe(['error', 'problems'])
        ->and(array_column($json['problems'], 'pointer'))->toBe([
            '/joints/0/in',
            '/joints/0/points/0',
            '/joints/0/points/1',
            '/joints/0/points/1',
            '/joints/0',
        ]);
});

it('refuses files that cannot be read or are no board', function (array $files) {
    $process = Artisan::run(['zwindle:check', ...$files]);

    expect($process->getExitCode())->toBe(2)->and($process->getErrorOutput())->not->toContain('Stack trace')->not->toBe('');
})->with([
    'missing' => [['no-such-board.json', 'no-such-wiring.json']],
    'a folder' => [['database', 'database']],
    'another file' => [['composer.json', 'package.json']],
]);

it('refuses a board with a cable still to be chosen', function () {
    $path = tempnam(sys_get_temp_dir(), 'zw');
    file_put_contents($path, str_replace('"na-14-3"', '"any"', Files::text('database/demo/propagation-house/board.json')));
    $process = Artisan::run(['zwindle:check', $path, 'database/demo/propagation-house/right.wiring.json', '--json']);
    unlink($path);

    expect($process->getExitCode())->toBe(2)
        ->and(json_decode($process->getOutput(), true)['problems'][0]['pointer'])->toBe('/cables/1/type');
});

it('writes a netlist for the positions that are named, the others up', function () use ($demo) {
    $output = Artisan::run(['zwindle:spice', ...$demo('propagation-house', 'right'), '--state=S2:down'])->getOutput();

    expect($output)->toContain('* state: S1:up,S2:down')->toContain("\nRLA ")->toContain('.op');
});

it('refuses an unknown switch or position', function (string $state) use ($demo) {
    $process = Artisan::run(['zwindle:spice', ...$demo('propagation-house', 'right'), "--state=$state"]);

    expect($process->getExitCode())->toBe(2)->and($process->getOutput())->toBe('');
})->with(['S9:up', 'S1:sideways', 'S1', 'LA:up']);

it('judges by another edition in one step', function (string $edition, string $verdict, array $codes) use ($demo) {
    $json = json_decode(Artisan::run([
        'zwindle:check',
        ...$demo('seed-store', 'right'),
        "--edition=$edition",
        '--json',
    ])->getOutput(), true);

    expect($json['verdict'])->toBe($verdict)->and(array_column($json['findings'], 'code'))->toBe($codes);
})->with([
    ['NEC-2008', 'pass', []], ['NEC-2011', 'remarks', ['neutral-absent-at-switch']], ['NEC-2014', 'pass', []], ['NEC-2023', 'pass', []],
]);

it('refuses an edition that is unknown or of the other practice', function (string $edition) use ($demo) {
    $process = Artisan::run(['zwindle:check', ...$demo('seed-store', 'right'), "--edition=$edition"]);

    expect($process->getExitCode())->toBe(2)->and($process->getErrorOutput())->toContain('Known editions: NEC-2008');
})->with(['NEC-1999', 'BS7671-2018']);

it('prints the diagram and who disputes the scheme', function () use ($demo) {
    $output = Artisan::run(['zwindle:check', ...$demo('seed-store', 'return-on-white')])->getOutput();

    expect($output)->toContain(
        'L  ────┤com S1  t1├───┤t1  S2 com├───┤   (LA)   ├──── N',
    )->not->toContain('Disputed')
        ->toContain('200.7(C)(1) does not allow the white as the return')
        ->toContain('quoted from memory')->not
        ->toContain('(memory)');
});

it('counts box fill in the shape of the contract', function () {
    $json = json_decode(Artisan::run(['zwindle:fill', 'database/demo/propagation-house/board.json', '--json'])->getOutput(), true);
    [$gate] = $json['boxes'];

    expect(array_column($json['boxes'], 'enclosure'))->toBe(['B1', 'B2', 'L1'])
        ->and(array_slice($gate, 0, 5))->toHaveKeys(['enclosure', 'volumeIn3', 'usedIn3', 'allowances', 'fits'])
        ->and($gate['usedIn3'])->toEqual(18.0)->and($gate['volumeIn3'])->toEqual(18.0)->and($gate['fits'])->toBeTrue()
        ->and($gate['allowances'][0])->toEqual([
            'what' => '14 AWG conductors that end or are spliced here',
            'count' => 5,
            'eachIn3' => 2.0,
            'in3' => 10.0,
        ])
        ->and(array_column($gate['oneMore'], 'fits', 'type'))->toBe(['na-14-2' => false, 'na-14-3' => false])
        ->and(Artisan::run([
            'zwindle:fill',
            'database/demo/propagation-house/board.json',
        ])->getOutput())->toContain('Gate post: 18.00 of 18.00 in³, fits')->toContain('Smallest fix: the box ');
});

it('works out the British figures', function () use ($demo) {
    $json = json_decode(Artisan::run(['zwindle:figures', ...$demo('boat-store', 'right'), '--json'])->getOutput(), true);

    expect($json['load'])->toMatchArray(['lampholders' => 1, 'mostLampholders' => 13, 'fits' => true, 'mostZsOhm' => 7.28])
        ->and(array_column($json['runs'], 'cable'))->toBe(['W1', 'W2'])
        ->and($json['lamps'][0]['fits'])->toBeTrue()
        ->and(Artisan::run(['zwindle:figures', ...$demo('boat-store', 'right')])->getOutput())->toContain('0.297')->toContain('Table 4D5');
});

it('reads the meter', function (array $arguments, array $has) use ($demo) {
    $json = json_decode(Artisan::run([
        'zwindle:meter',
        ...$demo('propagation-house', 'right'),
        ...$arguments,
        '--json',
    ])->getOutput(), true);

    expect($json)->toMatchArray($has);
})->with([
    'lamp, cold' => [['LA.hot', 'LA.neutral'], ['ohm' => 16, 'open' => false]],
    'open' => [['PS.line', 'PS.neutral', '--state=S1:down'], ['ohm' => null, 'open' => true]],
    'live' => [['PS.line', 'LA.hot', '--live', '--state=S1:down'], ['volt' => 120, 'floating' => [], 'trip' => null]],
    'floating' => [['S1.t1', 'PS.neutral', '--live', '--state=S1:down,S2:down'], ['volt' => 0, 'floating' => ['S1.t1']]],
]);

it('refuses what these commands cannot do', function (array $arguments, string $says) {
    $process = Artisan::run($arguments);

    expect($process->getExitCode())->toBe(2)->and($process->getErrorOutput())->toContain($says);
})->with([
    'box fill in Britain' => [['zwindle:fill', 'database/demo/boat-store/board.json'], 'does not count box fill'],
    'British figures elsewhere' => [['zwindle:figures', ...$demo('propagation-house', 'right')], 'for British boards'],
    'a probe on nothing' => [['zwindle:meter', ...$demo('propagation-house', 'right'), 'S1.com', 'LA.hot'], 'no point S1.com'],
    'a switch that is not there' => [[
        'zwindle:meter',
        ...$demo('propagation-house', 'right'),
        'S1.common',
        'LA.hot',
        '--state=S9:up',
    ], 'no switch S9'],
]);

it('plans in the shape of the contract', function () {
    $json = json_decode(Artisan::run(['zwindle:plan', 'database/demo/seed-store/board.json', '--json'])->getOutput(), true);
    [$plan] = $json['plans'];
    $joints = count($plan['wiring']['joints']);
    $folder = sys_get_temp_dir().'/zwindle-plan-'.bin2hex(random_bytes(4));
    mkdir($folder);
    file_put_contents("$folder/plan.wiring.json", json_encode($plan['wiring']));
    $check = Artisan::run(['zwindle:check', 'database/demo/seed-store/board.json', "$folder/plan.wiring.json", '--json']);
    unlink("$folder/plan.wiring.json");
    rmdir($folder);

    expect(array_keys($plan))->toBe(['scheme', 'verdict', 'cables', 'wiring', 'conductors', 'steps'])
        ->and([$plan['scheme'], $plan['verdict']])->toBe(['dead-end', 'pass'])
        ->and($plan['cables'])->toBe(['W1' => 'na-14-2', 'W2' => 'na-14-2', 'W3' => 'na-14-3'])
        ->and($plan['conductors']['W3.white'])->toBe('line')
        ->and(array_values(array_filter(array_column($plan['steps'], 'joint'), is_int(...))))->toHaveCount($joints)
        ->and($json['impossible'])->toBeNull()->and($json['truncated'])->toBeFalse()
        // What the planner writes, check reads and passes.
        ->and($check->getExitCode())->toBe(0)
        ->and(json_decode($check->getOutput(), true)['verdict'])->toBe('pass');
});

it('says in words and figures what is impossible, with status 1', function () {
    $process = Artisan::run(['zwindle:plan', 'database/demo/propagation-house/board.json', '--scheme=common-link', '--json']);
    $json = json_decode($process->getOutput(), true);

    expect($process->getExitCode())->toBe(1)
        ->and($json['plans'])->toBe([])
        ->and($json['impossible']['shortages'][0])->toBe(['scheme' => 'common-link', 'cable' => 'W2', 'has' => 3, 'needs' => 4])
        ->and($json['impossible']['message'])->toContain('Run W2 has 3 insulated conductors and needs 4')
        ->and($json['impossible']['message'])->toEndWith('What would work: W2 as 14/4; any method that works.')
        ->and($json['impossible']['rule']['kind'])->toBe('scheme')
        ->and(array_column($json['impossible']['ways'], 'kind'))->toBe(['cables', 'any-scheme'])
        ->and($json['impossible']['change'])->toBe(['W2' => 'na-14-4']);
});

it('lists every distinct plan, and steps in either order of work', function () {
    $json = json_decode(Artisan::run(['zwindle:plan', 'database/demo/seed-store/board.json', '--all', '--json'])->getOutput(), true);
    $firstStep = fn (string $order) => json_decode(Artisan::run([
        'zwindle:plan',
        'database/demo/packing-barn/board.json',
        "--order=$order",
        '--json',
    ])->getOutput(), true)['plans'][0]['steps'][0]['text'];

    expect(count($json['plans']))->toBeGreaterThan(5)
        ->and($firstStep('box-by-box'))->toStartWith('Loading door: ')
        ->and($firstStep('farthest-first'))->toStartWith('Barn ridge: ');
});

it('refuses a scheme, an order or a board that it does not know', function (array $arguments, string $says) {
    $process = Artisan::run(['zwindle:plan', ...$arguments]);

    expect($process->getExitCode())->toBe(2)->and($process->getErrorOutput())->toContain($says);
})->with([
    [['database/demo/seed-store/board.json', '--scheme=ring'], 'There is no scheme "ring"'],
    [['database/demo/seed-store/board.json', '--order=at-random'], 'no order of work'],
    [['database/demo/seed-store/right.wiring.json'], 'refused'],
]);
