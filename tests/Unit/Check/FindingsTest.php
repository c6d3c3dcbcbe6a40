<?php

declare(strict_types=1);

use Tests\Support\Build;
use Tests\Support\Files;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Check\Findings\Severity;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Check\Rulebook;
use Zwindle\Format\Write\StateLines;

/** @return list<string> */
function codesOf(string $folder, string $name): array
{
    $board = is_file(Files::path("tests/Corpus/findings/$folder/$name.board.json")) ? "$name.board.json" : 'board.json';
    $wiring = Files::wiring("tests/Corpus/findings/$folder/$board", "tests/Corpus/findings/$folder/$name.wiring.json");

    return array_values(array_unique(array_map(fn (Finding $finding) => $finding->code->value, Checker::check($wiring)->findings)));
}

it('finds it in the wiring that has it', function (FindingCode $code) {
    expect(codesOf($code->value, 'has'))->toContain($code->value);
})->with(FindingCode::cases());

it('does not find it in the nearest neighbour', function (FindingCode $code) {
    expect(codesOf($code->value, 'has-not'))->not->toContain($code->value);
})->with(FindingCode::cases());

it('finds exactly what the mistake and its consequences are', function (string $folder, array $codes) {
    expect(codesOf($folder, 'has'))->toBe($codes);
})->with([
    'crossed traveller' => ['common-on-traveller', ['common-on-traveller', 'partial-control']],
    'split pair' => ['four-way-pair-split', ['four-way-pair-split', 'partial-control']],
    'two-pole part' => ['wrong-device', ['wrong-device', 'partial-control']],
    'open neutral' => ['open-neutral', ['open-neutral', 'never-lights', 'switch-no-effect']],
    'shell' => ['shell-live', ['shell-live']],
    'series' => ['dim', ['dim']],
    'sleeve forgotten' => ['line-unmarked', ['line-unmarked']],
    'earth open' => ['earth-missing', ['earth-missing']],
    'polarity' => ['polarity-switching', ['polarity-switching', 'neutral-switched', 'shell-live', 'separate-return']],
]);

it('finds the earth that alone brings the current of a lamp back', function (array $exchange) {
    $right = Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json');
    $codes = array_map(fn (Finding $finding) => $finding->code, Checker::check(Build::renamed($right, $exchange))->findings);

    expect($codes)->toContain(FindingCode::EarthAsLive)
        ->toContain(FindingCode::OpenNeutral)->not
        ->toContain(FindingCode::NeutralEarthContact);
})->with([
    'the bare under the shell screw' => [['W3.white@L1' => 'W3.bare@L1', 'W3.bare@L1' => 'W3.white@L1']],
    'the white of the lamp in the ground splice one box before' => [['W2.bare@B2' => 'W2.white@B2', 'W2.white@B2' => 'W2.bare@B2']],
]);

it('finds no wrong part where the chain works in another order', function () {
    $right = Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json');
    $fourWay = Build::renamed($right, ['S1.common' => 'S1.a1', 'S1.t1' => 'S1.b1', 'S1.t2' => 'S1.b2']);
    $fitted = Wiring::of($right->board, $fourWay->joints, [], [], ['S1' => DeviceCatalogue::all()['na-switch-4way']]);

    expect(Checker::check($fitted)->verdict)->toBe(Verdict::Pass);
});

it('folds what follows under its cause', function () {
    $wiring = Files::wiring(
        'tests/Corpus/findings/common-on-traveller/board.json',
        'tests/Corpus/findings/common-on-traveller/has.wiring.json',
    );
    $result = Checker::check($wiring);

    expect($result->causes())->toHaveCount(1)
        ->and($result->findings[0]->code)->toBe(FindingCode::CommonOnTraveller)
        ->and($result->findings[0]->at)->toBe(['S2.common', 'S2.t2'])
        ->and($result->findings[1]->causedBy)->toBe(0);
});

it('never points a cause at itself or in a circle', function (string $board, string $wiring) {
    $findings = Checker::check(Files::wiring($board, $wiring))->findings;
    $unending = array_filter(array_keys($findings), function (int $at) use ($findings): bool {
        for ($steps = 0; $findings[$at]->causedBy !== null; $steps++) {
            if ($steps > count($findings)) {
                return true;
            }
            $at = $findings[$at]->causedBy;
        }

        return false;
    });

    expect($unending)->toBe([]);
})->with(Files::everyWiring());

it('passes every wiring that the contract calls right and fails the one that it calls wrong', function (string $name) {
    $expected = json_decode(Files::text("tests/Corpus/contract/$name.expect.json"), true);
    $result = Checker::check(Files::wiring("tests/Corpus/contract/$name.board.json", "tests/Corpus/contract/$name.wiring.json"));
    $codes = array_map(fn (Finding $finding) => $finding->code->value, $result->findings);
    $dear = array_filter($result->findings, fn (Finding $finding) => $finding->code->severity() !== Severity::Note);

    expect($result->verdict->value)->toBe($expected['verdict'])
        ->and($result->scheme()?->value)->toBe($expected['scheme'])
        ->and(array_map(fn (string $line) => json_decode($line, true), [
            ...StateLines::of($result->evidence->table),
        ]))->toEqual($expected['states'])
        ->and(array_diff($expected['findingsInclude'], $codes))->toBe([])
        ->and($expected['verdict'] === 'pass' ? $dear : [])->toBe([]);
})->with(array_map(fn (string $path) => basename($path, '.expect.json'), glob(Files::path('tests/Corpus/contract/*.expect.json')) ?: []));

it('passes the right wiring of every demo board', function (string $board) {
    $result = Checker::check(Files::wiring($board, str_replace('board.json', 'right.wiring.json', $board)));

    expect($result->verdict)->toBe(Verdict::Pass)->and($result->findings)->toBe([]);
})->with(Files::demoBoards());

it('has every rule in the rulebook, one class a code, with a reference', function () {
    $files = array_map(fn (string $path) => basename($path, '.php'), glob(Files::path('src/Check/Rules/*.php')) ?: []);
    $classes = array_values(array_unique(array_map(
        fn ($rule) => class_basename($rule),
        array_merge(...array_values(array_map(Rulebook::rules(...), Practice::all()))),
    )));
    $codes = array_map(fn (FindingCode $code) => $code->name, FindingCode::cases());
    sort($classes);
    sort($codes);

    expect($classes)->toBe($files)->and($codes)->toBe($files);
    foreach (FindingCode::cases() as $code) {
        foreach (Zwindle\Catalogue\Editions\Editions::all() as $edition) {
            expect($edition->cite($code->value) ?? $code->basis())->not->toBe('')->not->toContain('memory');
        }
    }
});
