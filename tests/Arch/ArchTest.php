<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\Floors;
use Tests\Support\Rooms;
use Tests\Support\RoomsPicture;

const FACTS = ['Catalogue\Practices', 'Catalogue\Cables', 'Catalogue\Devices', 'Catalogue\Editions'];

const WALL = [...FACTS, 'Board', 'Board\Wiring'];

/**
 * The rooms of src/, the facts first, and what each may import. A room imports only what stands above it, and a group (the
 * first part of its name) only groups above it: so nothing goes round in circles.
 */
const ROOMS = [
    'Catalogue\Practices' => [],
    'Catalogue\Cables' => ['Catalogue\Practices'],
    'Catalogue\Devices' => ['Catalogue\Practices'],
    'Catalogue\Editions' => ['Catalogue\Practices'],
    'Board' => FACTS,
    'Board\Wiring' => [...FACTS, 'Board'],
    'Problem' => [],
    'Bench' => WALL,
    'Circuit\Net' => WALL,
    'Circuit\Solve' => [...WALL, 'Circuit\Net', 'Brick\Math'],
    'Circuit\Trace' => [...WALL, 'Circuit\Net', 'Circuit\Solve'],
    'Circuit\Probe' => [...WALL, 'Circuit\Net', 'Circuit\Solve'],
    'Circuit\Scheme' => [...WALL, 'Circuit\Net', 'Circuit\Solve'],
    'Schematic' => [...WALL, 'Circuit\Net', 'Circuit\Scheme'],
    'Check\Findings' => FACTS,
    'Check\Fill' => [...WALL, 'Brick\Math'],
    'Check\Figures' => [...WALL, 'Circuit\Solve', 'Circuit\Trace'],
    'Check\Evidence' => [...WALL, 'Circuit\Net', 'Circuit\Solve', 'Circuit\Trace', 'Circuit\Scheme', 'Check\Findings'],
    'Check\Rules' => [...WALL, 'Circuit\Net', 'Circuit\Solve', 'Circuit\Scheme', 'Check\Findings', 'Check\Evidence', 'Check\Fill'],
    'Check' => [...WALL, 'Circuit\Net', 'Circuit\Solve', 'Circuit\Scheme', 'Check\Findings', 'Check\Evidence', 'Check\Rules'],
    'Plan\Search' => [...WALL, 'Circuit\Scheme'],
    'Plan' => [...WALL, 'Circuit\Scheme', 'Check', 'Check\Findings', 'Plan\Search'],
    'Plan\Refusal' => [...WALL, 'Circuit\Scheme', 'Plan', 'Plan\Search'],
    'Plan\Materials' => [...WALL, 'Plan'],
    'Plan\Prepare' => [...WALL, 'Circuit\Net', 'Circuit\Solve', 'Circuit\Probe', 'Circuit\Scheme', 'Check\Fill', 'Plan'],
    'Plan\Convert' => [...WALL, 'Circuit\Scheme', 'Plan', 'Plan\Refusal'],
    'Repair\Move' => WALL,
    'Repair\Mistake' => [...WALL, 'Circuit\Net', 'Repair\Move'],
    'Repair\Nearest' => [...WALL, 'Circuit\Net', 'Plan\Search', 'Repair\Move'],
    'Repair' => [
        ...WALL,
        'Circuit\Net',
        'Circuit\Solve',
        'Circuit\Scheme',
        'Check',
        'Check\Evidence',
        'Check\Findings',
        'Plan',
        'Plan\Search',
        'Repair\Move',
        'Repair\Mistake',
        'Repair\Nearest',
    ],
    'Diagnosis\Telling' => [...WALL, 'Circuit\Net', 'Circuit\Solve', 'Repair\Mistake'],
    'Diagnosis' => [...WALL, 'Circuit\Net', 'Circuit\Solve', 'Diagnosis\Telling', 'Repair\Mistake', 'Repair\Move'],
    'Proving\Rig' => [...WALL, 'Circuit\Net', 'Circuit\Solve', 'Circuit\Probe'],
    'Proving\Reading' => [...WALL, 'Proving\Rig'],
    'Proving' => [...WALL, 'Bench', 'Circuit\Net', 'Circuit\Solve', 'Proving\Rig', 'Proving\Reading'],
    'Proving\Order' => [...WALL, 'Circuit\Net', 'Proving', 'Proving\Reading'],
    'Proving\Walk' => [...WALL, 'Circuit\Net', 'Circuit\Solve', 'Diagnosis\Telling', 'Repair\Mistake', 'Proving'],
    'Proving\Misconceptions' => [...WALL, 'Circuit\Net', 'Circuit\Solve'],
    'Hunt' => [
        ...WALL, 'Bench', 'Circuit\Net', 'Circuit\Solve', 'Check', 'Diagnosis', 'Proving', 'Proving\Reading', 'Proving\Order',
        'Repair\Mistake', 'Repair\Move',
    ],
    'Evening' => [],
    'Evening\Seating' => ['Plan\Search', 'Evening'],
    'Exam\Vary' => [...WALL, 'Circuit\Scheme', 'Plan', 'Plan\Search'],
    'Drill' => [...WALL, 'Circuit\Net', 'Circuit\Solve', 'Exam\Vary'],
    'Exam\Task' => [
        ...WALL, 'Circuit\Trace', 'Check', 'Check\Findings', 'Plan', 'Repair\Mistake', 'Exam\Vary',
    ],
    'Exam\Sitting' => [],
    'Exam\Grading' => [
        ...WALL,
        'Problem',
        'Bench',
        'Circuit\Solve',
        'Check',
        'Check\Evidence',
        'Check\Findings',
        'Plan',
        'Plan\Search',
        'Repair',
        'Repair\Move',
        'Repair\Mistake',
        'Exam\Task',
        'Exam\Vary',
    ],
    'Format\Read' => [
        ...WALL, 'Problem', 'Bench', 'Diagnosis', 'Evening', 'Exam\Vary', 'Exam\Task', 'Exam\Grading', 'Check\Findings', 'Plan', 'Repair\Mistake', 'Opis\JsonSchema',
    ],
    'Format\Write' => [
        ...WALL,
        'Bench',
        'Circuit\Net',
        'Circuit\Solve',
        'Circuit\Scheme',
        'Schematic',
        'Check',
        'Check\Evidence',
        'Check\Findings',
        'Plan',
        'Repair',
        'Repair\Move',
        'Repair\Mistake',
    ],
];

/**
 * The floors of app/, the lowest first, and what each may import of the others: nothing goes round in circles, and what is asked
 * for comes from below.
 */
const FLOORS = [
    'Enums' => [],
    'Exceptions' => [],
    'Files' => ['Exceptions'],
    'Models' => ['Enums', 'Exceptions', 'Files'],
    'Wording' => [],
    'Services' => ['Exceptions', 'Models'],
    'Queries' => ['Exceptions', 'Files', 'Models', 'Wording', 'Services'],
    'Shapes' => ['Models', 'Wording', 'Services', 'Queries'],
    'Paper' => ['Enums', 'Models', 'Wording', 'Services', 'Queries', 'Shapes'],
    'Actions' => ['Enums', 'Exceptions', 'Files', 'Models', 'Wording', 'Services', 'Queries', 'Shapes'],
    'Policies' => ['Models', 'Services', 'Queries'],
    'Care' => ['Enums', 'Models', 'Services', 'Actions'],
    'Console' => ['Exceptions', 'Files', 'Models', 'Wording', 'Services', 'Queries', 'Shapes', 'Actions', 'Care'],
    'Http' => ['Enums', 'Exceptions', 'Files', 'Models', 'Wording', 'Services', 'Queries', 'Shapes', 'Paper', 'Actions', 'Care'],
    'Providers' => ['Wording'],
];

arch()->preset()->php();
arch()->preset()->security();
arch()->preset()->laravel()->ignoring([
    'App\Exceptions\InputRefused',
    'App\Console\Commands\ReadsFilesCommand',
    'App\Http\Controllers\Controller',
]);
arch()->preset()->strict()->ignoring('App');

it('has a line in the table of rooms for every folder of src/ that holds classes', function () {
    expect(array_keys(ROOMS))->toEqualCanonicalizing(Rooms::all());
});

it('lets a room import only what the table allows it', function (string $room) {
    expect(array_values(array_diff(Rooms::imports()[$room], ROOMS[$room])))->toBe([]);
})->with(array_keys(ROOMS));

it('goes round in no circle: a room and a group import only what stands above them in the table', function () {
    $above = [];
    $groups = [];
    $guilty = [];
    foreach (ROOMS as $room => $imports) {
        $group = Rooms::groupOf($room);
        foreach (array_filter($imports, fn (string $import) => isset(ROOMS[$import])) as $import) {
            if (! isset($above[$import])) {
                $guilty[] = "$room imports $import, which stands below it";
            }
            if (Rooms::groupOf($import) !== $group && isset($groups[Rooms::groupOf($import)][$group])) {
                $guilty[] = "$group and ".Rooms::groupOf($import).' import each other';
            }
            $groups[$group][Rooms::groupOf($import)] = true;
        }
        $above[$room] = true;
    }

    expect($guilty)->toBe([]);
});

it('tells of every room in docs/architecture.md, and draws it as the code has it', function () {
    [$core, $application] = explode('## The application', Files::text('docs/architecture.md'));
    preg_match_all('/^\| `([\w\/]+)\/` \|/m', $core, $told);
    preg_match_all('/^\| `(\w+)\/` \|/m', $application, $floors);

    expect($told[1])->toEqualCanonicalizing(array_map(fn (string $room) => strtr($room, '\\', '/'), array_keys(ROOMS)))
        ->and(array_reverse($floors[1]))->toEqualCanonicalizing(array_keys(FLOORS))
        ->and(Files::text('docs/architecture.svg'))->toBe(
            RoomsPicture::draw(Rooms::imports(), Floors::ROWS, Floors::folders()),
            'make it anew with `composer picture`',
        );
});

it('shows every room and every floor in the picture, and no box upon another', function () {
    $svg = Files::text('docs/architecture.svg');
    preg_match_all('/<rect x="(\\d+)" y="(\\d+)" width="(\\d+)" height="(\\d+)"/', $svg, $found, PREG_SET_ORDER);
    $boxes = array_map(fn (array $box) => array_map(intval(...), array_slice($box, 1)), $found);
    $over = [];
    foreach ($boxes as $i => [$x, $y, $wide, $high]) {
        foreach (array_slice($boxes, $i + 1) as [$x2, $y2, $wide2, $high2]) {
            $x < $x2 + $wide2 && $x2 < $x + $wide && $y < $y2 + $high2 && $y2 < $y + $high && $over[] = "$x,$y over $x2,$y2";
        }
    }
    preg_match_all('/<text[^>]*>([^<]*)<\\/text>/', $svg, $texts);
    $said = implode(' ', $texts[1]);
    $missing = array_filter([
        ...array_map(fn (string $room) => Rooms::groupOf($room) === $room ? "src/$room" : substr((string) strpbrk($room, '\\'), 1), Rooms::all()),
        ...array_map(fn (string $floor) => "app/$floor", array_keys(Floors::folders())),
        ...array_merge(...array_values(Floors::folders())),
    ], fn (string $name) => ! str_contains($said, $name));

    expect($over)->toBe([])->and(count($boxes))->toBeGreaterThan(20)->and(array_values($missing))->toBe([])
        ->and(array_merge(...Floors::ROWS))->toEqualCanonicalizing(array_keys(Floors::folders()));
});

it('breaks lines so that methods show how long they are', function () {
    $long = [];
    foreach ([...Files::below('src'), ...Files::below('app')] as $path) {
        foreach (file($path, FILE_IGNORE_NEW_LINES) ?: [] as $i => $line) {
            // A sentence of its own may be as long as it is.
            if (mb_strlen($line) > 140 && ! preg_match('/^\s*["\'].{100,}["\'],?$/u', $line)) {
                $long[] = "$path:".($i + 1);
            }
        }
    }

    expect($long)->toBe([]);
});

it('puts names of points together, and takes them apart, in one place each', function () {
    $guilty = [];
    foreach ([...Files::below('src'), ...Files::below('app')] as $path) {
        $isName = in_array(basename($path, '.php'), ['DevicePoint', 'End', 'PlaceMap'], true);
        // `"$lamp->id.$side->name"`, `"$switch.a1"`, `"$core@$box"`, `explode('.', $point)`
        $glue = '/"\$[\w>-]+[.#@](\$[\w>-]+|\{[^}]+\}|line|neutral|earth|switched|[ab][12])"|(explode|str_contains)\([^)]*\'[@#]\'/';
        if (! $isName && preg_match($glue, (string) file_get_contents($path), $found) === 1) {
            $guilty[] = "$path: $found[0]";
        }
    }

    expect($guilty)->toBe([]);
});

arch('the core knows no framework, clock or database')->expect('Zwindle')->toOnlyUse(['Zwindle', 'Brick\Math', 'Opis\JsonSchema']);

arch('values of the core are final')->expect('Zwindle')->classes()->toBeFinal();

arch('rules are rules')->expect('Zwindle\Check\Rules')->toImplement(Zwindle\Check\Evidence\Rule::class)->toBeReadonly();

arch('controllers hold no rule of the trade')
    ->expect('App\Http\Controllers')
    ->not->toUse(['Zwindle\Check', 'Zwindle\Circuit', 'Illuminate\Support\Facades\DB'])
    ->ignoring('App\Http\Controllers\HealthController');

arch('sentences know nothing of JSON, pages and HTTP')
    ->expect('App\Wording')
    ->not->toUse(['App\Shapes', 'App\Console', 'App\Http', 'App\Models', 'Zwindle\Format\Write']);

arch('shapes of JSON know nothing of pages and HTTP')->expect('App\Shapes')->not->toUse(['App\Console', 'App\Http']);

it('has a line in the table of floors for every folder of app/', function () {
    $folders = array_map(basename(...), glob(Files::path('app/*'), GLOB_ONLYDIR) ?: []);

    expect(array_keys(FLOORS))->toEqualCanonicalizing($folders);
});

it('lets a floor of app import only what stands above it in the table of floors', function (string $floor) {
    $guilty = [];
    foreach (Files::below("app/$floor") as $path) {
        preg_match_all('/\\bApp\\\\(\\w+)\\\\[\\w\\\\]+/', (string) file_get_contents($path), $found);
        foreach (array_diff(array_unique($found[1]), [$floor, ...FLOORS[$floor]]) as $import) {
            $guilty[] = "$path imports App\\$import";
        }
    }
    $below = array_slice(array_keys(FLOORS), (int) array_search($floor, array_keys(FLOORS), true));

    expect($guilty)->toBe([])->and(array_intersect(FLOORS[$floor], $below))->toBe([]);
})->with(array_keys(FLOORS));

it('has one use case an action, and writes nothing in a query', function () {
    $guilty = [];
    foreach (Files::below('app/Actions') as $path) {
        preg_match_all('/^    public (?:static )?function (?!__construct)(\\w+)/m', (string) file_get_contents($path), $found);
        $found[1] === ['execute'] || $guilty[] = "$path: ".implode(', ', $found[1]);
    }
    $write = '/DB::(transaction|insert|update|delete)|::create\\(|->(save|create|update|delete|touch|increment|updateOrCreate)\\(/';
    foreach (['Queries', 'Shapes', 'Paper', 'Wording'] as $floor) {
        foreach (Files::below("app/$floor") as $path) {
            preg_match($write, (string) file_get_contents($path), $found) === 1 && $guilty[] = "$path: $found[0]";
        }
    }

    expect($guilty)->toBe([]);
});

it('starts no search in shapes, sentences and pages: they get what was found', function () {
    $search = '/\\b(RepairSearch|Tidying|NearestPlan|Planner|Checker|QuickCheck|WouldPass|Diagnosis|Measuring|PracticeConverter|EveningPlanner)::\\w+\\(/';
    $guilty = [];
    foreach (['Shapes', 'Wording', 'Paper', 'Models', 'Policies'] as $floor) {
        foreach (Files::below("app/$floor") as $path) {
            preg_match($search, (string) file_get_contents($path), $found) === 1 && $guilty[] = "$path: $found[0]";
        }
    }

    expect($guilty)->toBe([]);
});

it('refuses in the words of the domain: HTTP is known in Http alone', function () {
    $guilty = [];
    foreach (array_diff(array_keys(FLOORS), ['Http', 'Providers']) as $floor) {
        foreach (Files::below("app/$floor") as $path) {
            $http = '/Symfony\\\\Component\\\\Http|Illuminate\\\\Http|ValidationException|\\babort(_if|_unless)?\\(|response\\(\\)/';
            preg_match($http, (string) file_get_contents($path), $found) === 1 && $guilty[] = "$path: $found[0]";
        }
    }

    expect($guilty)->toBe([]);
});

arch('pages for commands are used by commands alone')->expect('App\Console\Pages')->toOnlyBeUsedIn('App\Console');

arch('models are named for the record')->expect(['App\Models\Board', 'App\Models\Wiring', 'App\Models\Joint'])->not->toBeClasses();

it('computes no verdict in the browser', function () {
    $sources = glob(dirname(__DIR__, 2).'/resources/js/{,*/,*/*/,*/*/*/}*.{ts,vue}', GLOB_BRACE) ?: [];
    $guilty = array_filter(
        $sources,
        fn (string $path) => preg_match(
            '/na-switch|gb-switch|traveller|common-on|neutral-switched/',
            (string) file_get_contents($path),
        ) === 1
            && ! str_contains($path, 'generated'),
    );

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

it('takes every colour of the screens from the theme', function () {
    $guilty = array_filter(Files::below('resources/js', ['ts', 'vue']), fn (string $path) => preg_match(
        '/#[0-9a-f]{6}\b|\brgba?\(/i',
        (string) file_get_contents($path),
    ) === 1);

    expect(count(Files::below('resources/js', ['ts', 'vue'])))->toBeGreaterThan(150)->and(array_values($guilty))->toBe([]);
});

it('names no two functions or constants of the tests alike, which would end a whole run', function () {
    $names = [];
    foreach (Files::below('tests') as $path) {
        preg_match_all('/^(?:function|const) (\w+)/m', (string) file_get_contents($path), $found);
        array_push($names, ...$found[1]);
    }

    expect(array_keys(array_filter(array_count_values($names), fn (int $count) => $count > 1)))->toBe([]);
});
