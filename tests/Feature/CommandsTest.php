<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Support\Files;

/** @param  list<string>  $arguments */
function artisan(array $arguments): Process
{
    $process = new Process([PHP_BINARY, 'artisan', ...$arguments], Files::path(''));
    $process->run();

    return $process;
}

$demo = fn (string $slug, string $wiring) => ["database/demo/$slug/board.json", "database/demo/$slug/$wiring.wiring.json"];

it('exits 0 on a pass, 0 on remarks, 1 on a failure', function (array $files, int $status, string $verdict) {
    $process = artisan(['zwindle:check', ...$files, '--json']);

    expect($process->getExitCode())->toBe($status)
        ->and(json_decode($process->getOutput(), true)['verdict'])->toBe($verdict)
        ->and($process->getErrorOutput())->toBe('');
})->with([
    'pass' => [$demo('propagation-house', 'right'), 0, 'pass'],
    'remarks' => [$demo('boat-store', 'unsleeved'), 0, 'remarks'],
    'fail' => [$demo('propagation-house', 'crossed'), 1, 'fail'],
]);

it('prints JSON in the shape of the contract', function () use ($demo) {
    $json = json_decode(artisan(['zwindle:check', ...$demo('propagation-house', 'crossed'), '--json'])->getOutput(), true);

    expect(array_keys($json))->toBe(['verdict', 'scheme', 'schemes', 'variants', 'states', 'findings'])
        ->and($json['states'])->toHaveCount(4)
        ->and($json['states'][0])->toBe(['switches' => ['S1' => 'up', 'S2' => 'up'], 'lamps' => ['LA' => 'off'], 'trip' => null])
        ->and(array_keys($json['findings'][0]))->toBe(['code', 'severity', 'at', 'reference', 'message'])
        ->and($json['findings'][1]['causedBy'])->toBe(0);
});

it('prints the truth table and the findings in the English of the practice', function (array $files, array $texts) {
    $output = artisan(['zwindle:check', ...$files])->getOutput();
    foreach ($texts as $text) {
        expect($output)->toContain($text);
    }
})->with([
    'North American' => [$demo('propagation-house', 'crossed'), ['S1', 'S2', 'LA', 'traveler', 'common and a traveler are exchanged at Far bench', 'lock off']],
    'British' => [$demo('towpath-workshop', 'com-on-strapper'), ['strapper', 'common and a strapper are exchanged at Paint bay door', 'isolate']],
]);

it('refuses bad input with status 2, a message on standard error and every problem as JSON', function () {
    $path = tempnam(sys_get_temp_dir(), 'zw');
    file_put_contents($path, '{"format": "zwindle-wiring", "version": 1, "joints": [{"in": "B9", "points": ["A.b", "A.b"], "by": "terminal"}]}');
    $process = artisan(['zwindle:check', 'database/demo/propagation-house/board.json', $path, '--json']);
    $json = json_decode($process->getOutput(), true);
    unlink($path);

    expect($process->getExitCode())->toBe(2)
        ->and($process->getErrorOutput())->toContain('refused')
        ->and(array_keys($json))->toBe(['error', 'problems'])
        ->and(array_column($json['problems'], 'pointer'))->toBe(['/joints/0/in', '/joints/0/points/0', '/joints/0/points/1', '/joints/0/points/1', '/joints/0']);
});

it('refuses files that cannot be read or are no board', function (array $files) {
    $process = artisan(['zwindle:check', ...$files]);

    expect($process->getExitCode())->toBe(2)->and($process->getErrorOutput())->not->toContain('Stack trace')->not->toBe('');
})->with([
    'missing' => [['no-such-board.json', 'no-such-wiring.json']],
    'a folder' => [['database', 'database']],
    'another file' => [['composer.json', 'package.json']],
]);

it('refuses a board with a cable still to be chosen', function () {
    $path = tempnam(sys_get_temp_dir(), 'zw');
    file_put_contents($path, str_replace('"na-14-3"', '"any"', Files::text('database/demo/propagation-house/board.json')));
    $process = artisan(['zwindle:check', $path, 'database/demo/propagation-house/right.wiring.json', '--json']);
    unlink($path);

    expect($process->getExitCode())->toBe(2)->and(json_decode($process->getOutput(), true)['problems'][0]['pointer'])->toBe('/cables/1/type');
});

it('writes a netlist for the positions that are named, the others up', function () use ($demo) {
    $output = artisan(['zwindle:spice', ...$demo('propagation-house', 'right'), '--state=S2:down'])->getOutput();

    expect($output)->toContain('* state: S1:up,S2:down')->toContain("\nRLA ")->toContain('.op');
});

it('refuses an unknown switch or position', function (string $state) use ($demo) {
    $process = artisan(['zwindle:spice', ...$demo('propagation-house', 'right'), "--state=$state"]);

    expect($process->getExitCode())->toBe(2)->and($process->getOutput())->toBe('');
})->with(['S9:up', 'S1:sideways', 'S1', 'LA:up']);
