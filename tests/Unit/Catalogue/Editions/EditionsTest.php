<?php

declare(strict_types=1);

use Opis\JsonSchema\Validator;
use Tests\Support\Files;
use Zwindle\Catalogue\Editions\Editions;
use Zwindle\Catalogue\Practices\Practice;

it('reads every edition of the contract from a file that keeps to its schema', function (string $id) {
    $validator = new Validator;
    $validator->resolver()?->registerFile('zwindle:edition', Files::path('schemas/edition.schema.json'));
    $text = Files::text("src/Catalogue/Editions/files/$id.json");

    expect($validator->validate(json_decode($text), 'zwindle:edition')->isValid())->toBeTrue()
        ->and(Editions::find($id)?->id)->toBe($id);
})->with(['NEC-2008', 'NEC-2011', 'NEC-2014', 'NEC-2017', 'NEC-2020', 'NEC-2023', 'BS7671-2018', 'BS7671-2018A2', 'BS7671-2018A3']);

it('has no edition without a test, and names the newest', function () {
    expect(Editions::all())->toHaveCount(9)
        ->and(Editions::newest(Practice::from('na'))->id)->toBe('NEC-2023')
        ->and(Editions::newest(Practice::from('gb'))->id)->toBe('BS7671-2018A3')
        ->and(Editions::find('NEC-1999'))->toBeNull();
});

it('has what differs from edition to edition', function (string $id, string $neutral, ?int $earths) {
    // trade-facts section 5: 404.2(C) from 2011, none where several switches serve a light in 2014, one location from 2017; 314.16(B)(5)
    // from 2020 (memory).
    expect(Editions::find($id)?->neutralAtSwitches->value)->toBe($neutral)
        ->and(Editions::find($id)?->earthsInOneAllowance)->toBe($earths);
})->with([
    ['NEC-2008', 'none', null], ['NEC-2011', 'every-box', null], ['NEC-2014', 'none-for-several', null], ['NEC-2017', 'one-location', null],
    ['NEC-2020', 'one-location', 4],
    ['NEC-2023', 'one-location', 4],
    ['BS7671-2018', 'none', null],
    ['BS7671-2018A2', 'none', null],
    ['BS7671-2018A3', 'none', null],
]);
