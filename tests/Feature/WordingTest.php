<?php

declare(strict_types=1);

use App\Wording\ProblemSentence;
use App\Wording\Region;
use App\Wording\Words;
use Tests\Support\Files;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Catalogue\Devices\Terminal;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Problem\Problem;
use Zwindle\Problem\ProblemCode;

it('has a sentence for every problem', function (ProblemCode $code) {
    $params = array_fill_keys([
        'id',
        'what',
        'model',
        'type',
        'point',
        'detail',
        'count',
        'most',
        'bytes',
        'text',
        'code',
        'habit',
        'sum',
        'total',
        'mark',
    ], 'X');
    $sentence = ProblemSentence::of(new Problem('', $code, $params));

    expect($sentence)->not->toContain('problems.')->not->toMatch('/:[a-z]/')->toEndWith('.');
})->with(ProblemCode::cases());

it('names places in the trade English of the board', function (string $slug, string $point, string $words) {
    expect((new Words(Files::board("database/demo/$slug/board.json")))->place($point))->toBe($words);
})->with([
    ['propagation-house', 'W2.white@B1', 'the white in W2 (to Far bench) at Gate post'],
    ['propagation-house', 'W1.bare@B1', 'the bare ground in W1 (to Supply cord) at Gate post'],
    ['propagation-house', 'S1.common', 'dark screw 3 (the common) of the switch at Gate post'],
    ['propagation-house', 'B1.earth', 'the grounding screw of the box at Gate post'],
    ['propagation-house', 'LA.hot', 'brass screw 2 (center contact) of the light at Path'],
    ['propagation-house', 'PS.line', 'the hot of the supply'],
    ['boat-store', 'W2.bare@K1', 'the bare CPC in W2 (to Boat store rose) at Boat store door'],
    ['boat-store', 'CR1.loop', 'the loop block of Boat store rose'],
    ['boat-store', 'LA.live', 'brown lead (live) of the light at Boat store rose'],
    ['towpath-workshop', 'C4.core@K2', 'the brown single C4 (to Lock gate door) at Slipway'],
    ['towpath-workshop', 'S2.a1', 'the first terminal of pair A of the switch at Slipway'],
    ['towpath-workshop', 'K1.earth', 'the brass earth terminal of the box at Lock gate door'],
]);

it('calls the parts what the region calls them', function (string $slug, string $function, string $role, string $kind, string $carries) {
    $words = new Words(Files::board("database/demo/$slug/board.json"));

    expect($words->switchKind($function))->toBe($kind)->and($words->role($role))->toBe($carries);
})->with([
    // trade-facts section 1, common practice
    ['propagation-house', 'three-way', 'traveller', 'three-way', 'traveler'],
    ['propagation-house', 'four-way', 'line', 'four-way', 'hot'],
    ['propagation-house', 'one-pole', 'earth', 'single-pole', 'ground'],
    ['towpath-workshop', 'three-way', 'traveller', 'two-way', 'strapper'],
    ['towpath-workshop', 'four-way', 'line', 'intermediate', 'line'],
    ['towpath-workshop', 'two-pole', 'switched-line', 'double-pole on/off', 'switched live'],
]);

it('strings a list together', function () {
    $words = new Words(Files::board('database/demo/tool-locker/board.json'));

    expect($words->list([]))->toBe('')->and($words->list(['a']))->toBe('a')->and($words->list(['a', 'b', 'c']))->toBe('a, b and c');
});

it('keeps both Englishes complete', function (string $file) {
    $keys = function (array $lines, string $prefix = '') use (&$keys): array {
        $found = [];
        foreach ($lines as $key => $line) {
            array_push($found, ...(is_array($line) ? $keys($line, "$prefix$key.") : ["$prefix$key"]));
        }

        return $found;
    };
    $american = $keys(require Files::path("lang/en/na/$file.php"));
    $british = $keys(require Files::path("lang/en/gb/$file.php"));
    $shared = fn (array $all) => array_values(array_filter(
        $all,
        fn (string $key) => preg_match('/^(terminal|duty|model)\./', $key) !== 1,
    ));

    expect($shared($american))->toEqualCanonicalizing($shared($british))->not->toBe([]);
})->with(['bench', 'findings', 'parts', 'verdict', 'plan', 'meter', 'mistakes', 'materials-words']);

it('asks for every standard box as over the counter, and for no two alike', function () {
    $names = array_map(App\Wording\StandardBoxName::of(...), Zwindle\Catalogue\Devices\StandardBox::all());

    expect($names)->toContain(
        '3 × 2 in device box, 3½ in deep',
        '4 × 2⅛ in device box, 1⅞ in deep',
        '4 in octagon box, 1½ in deep',
        '4¹¹⁄₁₆ in square box, 2⅛ in deep',
        '3 × 2 in device box, 2 in deep',
    )
        ->and(array_unique($names))->toHaveCount(18)->and(preg_grep('/\dx\d|\.\d/', $names))->toBe([]);
});

it('says in words what a schema has against a file', function (array $change, string $pointer, string $said) {
    $problems = new Zwindle\Problem\Problems;
    Zwindle\Format\Read\BoardReader::read(
        (string) json_encode(array_replace_recursive(Tests\Support\Build::boardArray(), $change)),
        $problems,
    );
    $messages = array_column(App\Wording\ProblemSentence::all($problems->all()), 'message', 'pointer');

    expect($messages[$pointer] ?? null)->toBe($said);
})->with([
    'too many boxes' => [
        ['enclosures' => array_fill(1, 300, ['id' => 'X', 'kind' => 'switch-box'])],
        '/enclosures',
        'Too many boxes: at most 200, and there are 301.',
    ],
    'a cable without an end' => [
        ['cables' => [1 => ['id' => 'W9', 'type' => 'na-14-2', 'from' => 'SRC']]],
        '/cables/1',
        'Missing here: where it runs to.',
    ],
    'another kind of box' => [
        ['enclosures' => [0 => ['kind' => 'biscuit-tin']]],
        '/enclosures/0/kind',
        '"biscuit-tin" is none of these: supply, switch-box, light-box, ceiling-rose, junction-box, onward.',
    ],
    'a number for a title' => [['title' => 5], '/title', 'This must be a text, and is a whole number.'],
    'no title' => [['title' => ''], '/title', 'This must not be empty.'],
    'a bad name' => [
        ['devices' => [0 => ['id' => '1st']]],
        '/devices/0/id',
        '"1st" is not a valid name: start with a letter, then letters, digits, "-" or "_", at most 32 in all.',
    ],
    'a newer file' => [['version' => 2], '/version', 'This must be "1", and is "2".'],
    'a negative length' => [['cables' => [0 => ['lengthM' => -3]]], '/cables/0/lengthM', 'This must be more than 0, and is -3.'],
]);

it('names the fields that a task may not have', function () {
    $problems = new Zwindle\Problem\Problems;
    Zwindle\Format\Read\JsonText::read(Tests\Support\Exam::json(['mood' => 'good']), 'task', $problems);

    expect(array_column(App\Wording\ProblemSentence::all($problems->all()), 'message'))->toBe(['Not known here: mood.']);
});

it('has a sentence for every keyword that a schema uses', function () {
    $used = [];
    foreach (glob(base_path('schemas/*.json')) ?: [] as $schema) {
        preg_match_all('/"(\w+)":/', (string) file_get_contents($schema), $found);
        $used = [...$used, ...$found[1]];
    }
    $keywords = array_intersect(array_unique($used), [
        'maxItems',
        'minItems',
        'required',
        'enum',
        'const',
        'type',
        'additionalProperties',
        'pattern',
        'minimum',
        'exclusiveMinimum',
        'maximum',
        'exclusiveMaximum',
        'multipleOf',
        'maxLength',
        'minLength',
        'uniqueItems',
        'oneOf',
        'anyOf',
        'not',
        'dependentRequired',
        'propertyNames',
        'contains',
    ]);

    expect(array_filter($keywords, fn (string $keyword) => ! Illuminate\Support\Facades\Lang::has("problems.schema.$keyword")))->toBe([])
        ->and(count($keywords))->toBeGreaterThan(10);
});

/** @return array<string, string> key → sentence, of every language file of a region and of what both say */
function sentencesOf(string $region): array
{
    return ownSentencesOf($region) + ownSentencesOf('en');
}

/** @return array<string, string> key → sentence, of the language files that only this region has */
function ownSentencesOf(string $region): array
{
    $flat = function (array $lines, string $prefix) use (&$flat): array {
        $found = [];
        foreach ($lines as $key => $line) {
            $found += is_array($line) ? $flat($line, "$prefix.$key") : ["$prefix.$key" => $line];
        }

        return $found;
    };
    $all = [];
    foreach (glob(base_path($region === 'en' ? 'lang/en/*.php' : "lang/en/$region/*.php")) ?: [] as $path) {
        $all += $flat(require $path, basename($path, '.php'));
    }

    return $all;
}

it('writes down once what both regions say', function () {
    $american = ownSentencesOf('na');
    $shared = ownSentencesOf('en');

    expect(array_intersect_assoc($american, ownSentencesOf('gb')))->toBe([])
        ->and(array_intersect_assoc($american, $shared))->toBe([])->and(array_intersect_assoc(ownSentencesOf('gb'), $shared))->toBe([])
        ->and(count($american))->toBeGreaterThan(100)->and(count($shared))->toBeGreaterThan(300);
});

/** Words that only the other side says, trade-facts section 7 and house style section 3 (common practice). */
const BRITISH_WORDS = '/\b(RCDs?|CPCs?|strappers?|sleev\w+|sleeve|earths?|cores?|colour\w*|grey|centre|neighbours?|two-way|intermediates?|T&E|accessor(y|ies)|switched live|permanent line|sockets?|isolated|energise\w*)\b/i';
const AMERICAN_WORDS = '/\b(GFCIs?|travelers?|hots?|grounds?|grounded|grounding|gray|colors?|center|neighbors?|three-ways?|four-ways?|splic\w+|receptacles?|tape[ds]?|switch leg|energize\w*)\b/i';

it('says no word of the other side to a region', function (string $region, string $words, array $allowed) {
    $sentences = array_filter(sentencesOf($region), fn (string $key) => preg_match($allowed[0], $key) !== 1, ARRAY_FILTER_USE_KEY);
    // Names that sentences are given are no words: `:color`.
    $foreign = array_filter($sentences, fn (string $sentence) => preg_match($words, (string) preg_replace('/:\w+/', '', $sentence)) === 1);

    expect(count($sentences))->toBeGreaterThan(200)->and($foreign)->toBe([]);
})->with([
    // What stands there only because both files have the same keys is never said on a board of the region; conversions, faults
    // in files and blank sheets speak of both.
    'America' => ['na', BRITISH_WORDS, [
        '/^(findings|task.rule)\.(earth-unsleeved|flex-reversed|rocker-inverted)|^(convert|problems|paper|drawing)\./',
    ]],
    'Britain' => ['gb', AMERICAN_WORDS, [
        '/^(bench\.(look|connector)|plan\.connector|materials-words|task\.rule)\.|^parts\.scheme-note|^(convert|problems|paper|drawing)\./',
    ]],
]);

it('says no word of one side in templates that both sides see', function () {
    $paths = [
        ...(glob(base_path('resources/js/{screens,shared}/*/*.vue'), GLOB_BRACE) ?: []),
        ...(glob(base_path('resources/views/*/*.blade.php')) ?: []),
    ];
    $guilty = [];
    foreach ($paths as $path) {
        $template = (string) preg_replace([
            '/<script.*?<\/script>/s',
            '/<style.*?<\/style>/s',
            '/\{\{.*?\}\}/s',
            '/"[^"]*"/s',
            '/<[^>]*>/s',
            '/tape or sleeve/',
            '/@\w+(\([^)]*\))?/',
        ], ' ', (string) file_get_contents($path));
        foreach ([BRITISH_WORDS, AMERICAN_WORDS] as $words) {
            preg_match_all($words, $template, $found);
            $guilty = [...$guilty, ...array_map(fn (string $word) => basename($path).": $word", $found[0])];
        }
    }

    expect(count($paths))->toBeGreaterThan(60)->and($guilty)->toBe([]);
});

it('has a sentence for every finding in each practice that knows it, and a name for every remark that a task may weigh', function (FindingCode $code) {
    $missing = [];
    foreach (Practice::all() as $practice) {
        $names = ["findings.$code->value", ...($code->severity()->fails() ? [] : ["task.rule.$code->value"])];
        foreach ($code->isIn($practice) ? $names : [] as $key) {
            Illuminate\Support\Facades\Lang::has($key, Region::of($practice)) || $missing[] = "$practice->words $key";
        }
    }

    expect($missing)->toBe([]);
})->with(FindingCode::cases());

it('has words for every terminal of every part, and a name for every part that is no switch', function (DeviceModel $model) {
    $practices = array_filter(Practice::all(), fn (Practice $practice) => $practice->hasModel($model->id));
    $has = fn (string $key) => array_filter(
        $practices,
        fn (Practice $practice) => ! Illuminate\Support\Facades\Lang::has($key, Region::of($practice)),
    ) === [];
    $missing = array_filter($model->terminals, fn (Terminal $terminal) => ! $has("parts.terminal.$model->id.$terminal->name"));

    expect($practices)->not->toBe([])->and(array_column($missing, 'name'))->toBe([])->and($model->function !== null || $has("parts.model.$model->id"))->toBeTrue();
})->with(DeviceCatalogue::all());
