<?php

declare(strict_types=1);

use Opis\JsonSchema\Validator;
use Tests\Support\Files;
use Zwindle\Board\Wiring\JoinedBy;
use Zwindle\Catalogue\Practices\Colour;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Check\Findings\FindingCode;

it('reads every practice from a file that keeps to its schema', function (Practice $practice) {
    $validator = new Validator;
    $validator->resolver()?->registerFile('zwindle:practice', Files::path('schemas/practice.schema.json'));
    $json = json_decode(Files::text("src/Catalogue/Practices/files/$practice->value.json"));

    expect($validator->validate($json, 'zwindle:practice')->isValid())->toBeTrue()->and($json->id)->toBe($practice->value)
        ->and(array_diff($json->knowsNot, array_column(FindingCode::cases(), 'value')))->toBe([]);
})->with(Practice::cases());

it('has a file for every practice, and no file without one', function () {
    $files = array_map(fn (string $path) => basename($path, '.json'), glob(Files::path('src/Catalogue/Practices/files/*.json')) ?: []);

    expect($files)->toEqualCanonicalizing(array_column(Practice::cases(), 'value'));
});

it('writes every colour on a flag, and no two alike', function (Practice $practice) {
    $flags = array_map(fn (Colour $colour) => $colour->flag($practice), Colour::cases());

    expect(array_unique($flags))->toHaveCount(11)->and(array_keys($practice->custom()->flags))
        ->toEqualCanonicalizing(array_column(Colour::cases(), 'value'));
})->with(Practice::cases());

it('has one answer to what conductors are joined with', function (string $practice, int $conductors, JoinedBy $by) {
    // Common practice: wire nuts in North America; in Britain levers as far as there are ports, a strip beyond.
    expect(JoinedBy::from(Practice::from($practice)->custom()->connectorFor($conductors)))->toBe($by);
})->with([
    ['na', 2, JoinedBy::WireNut], ['na', 9, JoinedBy::WireNut],
    ['gb', 2, JoinedBy::Lever], ['gb', 5, JoinedBy::Lever], ['gb', 6, JoinedBy::Strip],
]);

it('reckons what the practice reckons, and knows the findings of its own', function () {
    expect(Practice::NorthAmerica->nominalV())->toBe(120)->and(Practice::Britain->nominalV())->toBe(230)
        ->and(Practice::NorthAmerica->custom()->reckonsBoxFill)->toBeTrue()->and(Practice::Britain->custom()->reckonsBoxFill)->toBeFalse()
        ->and(Practice::NorthAmerica->knows('rcd-absent'))->toBeFalse()->and(Practice::Britain->knows('rcd-absent'))->toBeTrue()
        ->and(Practice::Britain->knows('box-overfilled'))->toBeFalse()->and(Practice::Britain->knows('dim'))->toBeTrue()
        ->and(Practice::Britain->custom()->supply)->toBe(['breakerA' => 6, 'rcdMa' => 30]);
});
