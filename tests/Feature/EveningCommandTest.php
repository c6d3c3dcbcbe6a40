<?php

declare(strict_types=1);

use Tests\Support\Artisan;

/**
 * The example of the contract, section 8.
 *
 * @param  array<string, mixed>  $change
 */
function eveningFile(array $change = []): string
{
    return Artisan::file((string) json_encode([
        'format' => 'zwindle-evening',
        'version' => 1,
        'title' => 'Practical, first year',
        'people' => [
            ['id' => 'P1', 'name' => 'Person one', 'extraPercent' => 25, 'notBefore' => 0],
            ['id' => 'P2', 'name' => 'Person two'],
        ],
        'stations' => [['id' => 'T1', 'label' => 'By the door', 'nextTo' => ['T2']], ['id' => 'T2', 'label' => 'By the window']],
        'minutes' => 15,
        'changeoverMinutes' => 3,
        'variants' => 4,
        'retests' => ['P2'],
        'breaks' => [['from' => 60, 'to' => 75]],
        'fixed' => [],
        'now' => 0,
        ...$change,
    ]));
}

it('plans the evening of the contract', function () {
    [$status, $json] = Artisan::json(['zwindle:evening', eveningFile()]);

    expect($status)->toBe(0)
        ->and([$json['minutes'], $json['atLeast'], $json['conflicts']])->toBe([33, 33, []])
        ->and(array_keys($json['sittings'][0]))->toBe(['person', 'station', 'from', 'to', 'variant', 'retest'])
        ->and(array_filter($json['sittings'], fn (array $sitting) => $sitting['retest']))->toHaveCount(1);
});

it('takes an answer back as what is fixed', function () {
    [, $json] = Artisan::json(['zwindle:evening', eveningFile()]);
    [$status, $again] = Artisan::json(['zwindle:evening', eveningFile(['fixed' => $json['sittings']])]);

    expect($status)->toBe(0)->and($again)->toBe($json);
});

it('names the rule that a fixed sitting breaks', function () {
    $fixed = [['person' => 'P1', 'station' => 'T1', 'from' => 55, 'to' => 74, 'variant' => 1]];
    [$status, $json] = Artisan::json(['zwindle:evening', eveningFile(['fixed' => $fixed])]);

    expect($status)->toBe(0)
        ->and(array_column($json['conflicts'], 'rule'))->toBe(['break'])
        ->and($json['conflicts'][0]['message'])->toBe('Person one works through a break.');
});

it('answers with nothing where nobody sits, and with ids that are numbers', function () {
    [$status, $nobody] = Artisan::json(['zwindle:evening', eveningFile(['people' => [], 'retests' => []])]);
    [, $numbered] = Artisan::json(['zwindle:evening', eveningFile([
        'people' => [['id' => '1', 'name' => 'One']], 'stations' => [['id' => '7', 'label' => 'Seven']], 'retests' => ['1'],
    ])]);

    expect([$status, $nobody['sittings'], $nobody['minutes'], $nobody['atLeast']])->toBe([0, [], 0, 0])
        ->and(array_column($numbered['sittings'], 'person'))->toBe(['1', '1']);
});

it('ends with status 1 and the reason where there can be no plan', function (array $change, string $reason) {
    [$status, $json] = Artisan::json(['zwindle:evening', eveningFile($change)]);

    expect([$status, $json['impossible']['message']])->toBe([1, $reason])
        ->and(Artisan::run(['zwindle:evening', eveningFile($change)])->getOutput())->toContain($reason);
})->with([
    [['stations' => []], 'There are people but no station.'],
    [['variants' => 1], 'A retest needs a second variant, and there is one.'],
]);

it('refuses a file that makes no sense, with every place', function () {
    $run = Artisan::run(['zwindle:evening', eveningFile([
        'retests' => ['P9'],
        'breaks' => [['from' => 20, 'to' => 20]],
        'fixed' => [['person' => 'P8', 'station' => 'T8', 'from' => 5, 'to' => 5, 'variant' => 1]],
        'stations' => [['id' => 'T1', 'label' => 'A', 'nextTo' => ['T7']], ['id' => 'T1', 'label' => 'B']],
    ])]);

    expect($run->getExitCode())->toBe(2)->and($run->getErrorOutput())
        ->toContain('/retests/0', '/breaks/0', '/fixed/0/person', '/fixed/0/station', '/stations/0/nextTo/0', '/stations/1/id');
});

it('writes a table that a person reads', function () {
    $output = Artisan::run(['zwindle:evening', eveningFile()])->getOutput();

    expect($output)->toContain('finishes at 33 min', 'This is the shortest possible.', 'By the door', 'retest');
});
