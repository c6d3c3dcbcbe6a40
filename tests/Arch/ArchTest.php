<?php

declare(strict_types=1);

/** The rooms of src/ and what each may import besides PHP itself: house style, section 1. */
const ROOMS = [
    'Patience' => [],
    'Catalogue' => [],
    'Board' => ['Catalogue'],
    'Wiring' => ['Board', 'Catalogue'],
    'Read' => ['Wiring', 'Board', 'Catalogue', 'Opis\JsonSchema'],
    'Bench' => ['Wiring', 'Board', 'Catalogue'],
    'Fill' => ['Wiring', 'Board', 'Catalogue', 'Brick\Math'],
    'Net' => ['Wiring', 'Board', 'Catalogue'],
    'Solve' => ['Net', 'Wiring', 'Board', 'Catalogue', 'Brick\Math'],
    'Trace' => ['Solve', 'Net', 'Wiring', 'Board', 'Catalogue'],
    'Probe' => ['Solve', 'Net', 'Wiring', 'Board', 'Catalogue'],
    'Figures' => ['Trace', 'Solve', 'Net', 'Wiring', 'Board', 'Catalogue'],
    'Scheme' => ['Solve', 'Net', 'Wiring', 'Board', 'Catalogue'],
    'Schematic' => ['Scheme', 'Solve', 'Net', 'Wiring', 'Board', 'Catalogue'],
    'Check' => ['Fill', 'Scheme', 'Trace', 'Solve', 'Net', 'Wiring', 'Board', 'Catalogue'],
    'Move' => ['Wiring', 'Board', 'Catalogue'],
    'Mistake' => ['Move', 'Net', 'Wiring', 'Board', 'Catalogue'],
    'Plan' => ['Patience', 'Check', 'Fill', 'Scheme', 'Trace', 'Solve', 'Net', 'Wiring', 'Board', 'Catalogue'],
    'Diagnose' => ['Mistake', 'Solve', 'Net', 'Wiring', 'Board', 'Catalogue'],
    'Repair' => ['Patience', 'Mistake', 'Move', 'Plan', 'Check', 'Fill', 'Scheme', 'Trace', 'Solve', 'Net', 'Wiring', 'Board', 'Catalogue'],
    'Materials' => ['Plan', 'Wiring', 'Board', 'Catalogue'],
    'Vary' => ['Patience', 'Plan', 'Check', 'Fill', 'Scheme', 'Trace', 'Solve', 'Net', 'Wiring', 'Board', 'Catalogue'],
    'Task' => ['Read', 'Vary', 'Mistake', 'Move', 'Plan', 'Check', 'Fill', 'Scheme', 'Trace', 'Solve', 'Net', 'Wiring', 'Board', 'Catalogue'],
    'Mark' => ['Patience', 'Task', 'Vary', 'Read', 'Repair', 'Mistake', 'Move', 'Bench', 'Plan', 'Check', 'Fill', 'Scheme', 'Trace', 'Solve', 'Net', 'Wiring', 'Board', 'Catalogue'],
    'Prepare' => ['Plan', 'Check', 'Fill', 'Probe', 'Scheme', 'Solve', 'Net', 'Wiring', 'Board', 'Catalogue'],
    'Convert' => ['Plan', 'Check', 'Fill', 'Scheme', 'Trace', 'Solve', 'Net', 'Wiring', 'Board', 'Catalogue'],
    'Write' => ['Repair', 'Mistake', 'Move', 'Plan', 'Check', 'Fill', 'Figures', 'Probe', 'Schematic', 'Scheme', 'Trace', 'Solve', 'Net', 'Bench', 'Wiring', 'Board', 'Catalogue'],
];

arch()->preset()->php();
arch()->preset()->security();
arch()->preset()->laravel()->ignoring(['App\Exceptions\InputRefused', 'App\Console\Commands\ReadsFilesCommand', 'App\Http\Controllers\Controller']);
arch()->preset()->strict()->ignoring('App');

it('has a line in the table of rooms for every folder of src/', function () {
    $folders = array_map(basename(...), glob(dirname(__DIR__, 2).'/src/*', GLOB_ONLYDIR) ?: []);

    expect(array_keys(ROOMS))->toEqualCanonicalizing($folders);
});

foreach (ROOMS as $room => $imports) {
    arch("$room imports only the rooms further in")
        ->expect("Zwindle\\$room")
        ->toOnlyUse(array_map(fn (string $import) => str_contains($import, '\\') ? $import : "Zwindle\\$import", [$room, ...$imports]));
}

arch('values of the core are final')->expect('Zwindle')->classes()->toBeFinal();

arch('rules are rules')->expect('Zwindle\Check\Rules')->toImplement(Zwindle\Check\Rule::class)->toBeReadonly();

arch('controllers hold no rule of the trade')
    ->expect('App\Http\Controllers')
    ->not->toUse(['Zwindle\Check', 'Zwindle\Solve', 'Zwindle\Net', 'Zwindle\Scheme', 'Illuminate\Support\Facades\DB'])
    ->ignoring('App\Http\Controllers\HealthController');

arch('models are named for the record')->expect(['App\Models\Board', 'App\Models\Wiring', 'App\Models\Joint'])->not->toBeClasses();

it('computes no verdict in the browser', function () {
    $sources = glob(dirname(__DIR__, 2).'/resources/js/{,*/,*/*/,*/*/*/}*.{ts,vue}', GLOB_BRACE) ?: [];
    $guilty = array_filter($sources, fn (string $path) => preg_match('/na-switch|gb-switch|traveller|common-on|neutral-switched/', (string) file_get_contents($path)) === 1 && ! str_contains($path, 'generated'));

    expect($sources)->not->toBe([])->and(array_values($guilty))->toBe([]);
});

it('lets no screen import another screen', function () {
    $guilty = [];
    $sources = glob(dirname(__DIR__, 2).'/resources/js/screens/*/*.{ts,vue}', GLOB_BRACE) ?: [];
    foreach ($sources as $path) {
        if (preg_match('#from \'(@/screens|\.\./)#', (string) file_get_contents($path)) === 1) {
            $guilty[] = $path;
        }
    }

    expect($sources)->not->toBe([])->and($guilty)->toBe([]);
});
