<?php

declare(strict_types=1);

use Opis\JsonSchema\Validator;
use Tests\Support\Files;
use Zwindle\Board\Wiring\JoinedBy;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Cables\ConductorResistance;
use Zwindle\Catalogue\Cables\ConductorVolume;
use Zwindle\Catalogue\Cables\VoltDrop;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Practices\Colour;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Check\Findings\FindingCode;

it('reads every practice from a file that keeps to its schema', function (string $path) {
    $validator = new Validator;
    $validator->resolver()?->registerFile('zwindle:practice', Files::path('schemas/practice.schema.json'));
    $json = json_decode(Files::text($path));

    expect($validator->validate($json, 'zwindle:practice')->isValid())->toBeTrue()->and($json->id)->toBe(basename($path, '.json'))
        ->and(array_diff($json->knowsNot, array_column(FindingCode::cases(), 'value')))->toBe([])
        ->and(array_diff(array_column($json->cables, 'colours'), array_keys((array) $json->colours)))->toBe([])
        ->and(array_diff($json->models, array_keys(DeviceCatalogue::all())))->toBe([]);
})->with([
    'src/Catalogue/Practices/files/na.json',
    'src/Catalogue/Practices/files/gb.json',
    'tests/Corpus/practices/harbour/practices/xx.json',
]);

it('has every practice of a file in every schema that lists them', function (string $path) {
    $lists = [];
    preg_match_all('/"practice": \{\s*"enum": (\[[^\]]*\])/', Files::text($path), $lists);

    expect($lists[1])->not->toBe([]);
    foreach ($lists[1] as $list) {
        expect(json_decode($list))->toBe(array_keys(Practice::all()), "$path: npm run types");
    }
})->with([
    'schemas/board.schema.json',
    'schemas/edition.schema.json',
    'schemas/http/bench.schema.json',
    'schemas/http/boards.schema.json',
    'schemas/http/plans.schema.json',
]);

it('reckons every cable: its resistance, and its volume or its drop of voltage', function (Practice $practice) {
    foreach (CableType::of($practice) as $type) {
        foreach ($type->cores === [] ? [Colour::from($practice->marks['line'])] : $type->cores as $colour) {
            expect(ConductorResistance::ohmPerM($type, $colour))->toBeGreaterThan(0.0);
            $size = ConductorResistance::sizeOf($type, $colour);
            expect($practice->reckonsBoxFill ? (float) ConductorVolume::in3($size) : VoltDrop::voltPerAPerMOfOneCore($size))
                ->toBeGreaterThan(0.0);
        }
    }
})->with(Practice::all());

it('comes back from where it was kept as what it is, by its name alone', function (Practice $practice) {
    $kept = serialize($practice);
    $back = unserialize($kept);

    expect(strlen($kept))->toBeLessThan(100)->and($back->is($practice))->toBeTrue()->and($back)->toEqual($practice)
        ->and(CableType::of($back))->toEqual(CableType::of($practice));
})->with(Practice::all());

it('writes every colour on a flag, and no two alike', function (Practice $practice) {
    $flags = array_map(fn (Colour $colour) => $colour->flag($practice), Colour::cases());

    expect(array_unique($flags))->toHaveCount(11)->and(array_keys($practice->flags))
        ->toEqualCanonicalizing(array_column(Colour::cases(), 'value'));
})->with(Practice::all());

it('has one answer to what conductors are joined with', function (string $practice, int $conductors, JoinedBy $by) {
    // Common practice: wire nuts in North America; in Britain levers as far as there are ports, a strip beyond.
    expect(JoinedBy::from(Practice::from($practice)->connectorFor($conductors)))->toBe($by);
})->with([
    ['na', 2, JoinedBy::WireNut], ['na', 9, JoinedBy::WireNut],
    ['gb', 2, JoinedBy::Lever], ['gb', 5, JoinedBy::Lever], ['gb', 6, JoinedBy::Strip],
]);

it('reckons what the practice reckons, and knows the findings of its own', function () {
    expect(Practice::from('na')->nominalV)->toBe(120)->and(Practice::from('gb')->nominalV)->toBe(230)
        ->and(Practice::from('na')->reckonsBoxFill)->toBeTrue()->and(Practice::from('gb')->reckonsBoxFill)->toBeFalse()
        ->and(Practice::from('na')->knows('rcd-absent'))->toBeFalse()->and(Practice::from('gb')->knows('rcd-absent'))->toBeTrue()
        ->and(Practice::from('gb')->knows('box-overfilled'))->toBeFalse()->and(Practice::from('gb')->knows('dim'))->toBeTrue()
        ->and(Practice::from('gb')->supply)->toBe(['breakerA' => 6, 'rcdMa' => 30]);
});
