<?php

declare(strict_types=1);

use Tests\Support\Files;
use Tests\Support\HttpContract;
use Tests\Support\People;

it('describes every route of the contract, and is read by instructors alone', function () {
    $document = json_decode(Files::text('docs/api/openapi.json'), true);
    $described = [];
    foreach ($document['paths'] as $path => $methods) {
        foreach (array_keys($methods) as $method) {
            $described[] = strtoupper($method).' '.substr($path, 1);
        }
    }
    expect($described)->toEqualCanonicalizing(array_keys(HttpContract::all()));

    $people = new People;
    $this->get('docs/api')->assertRedirect('/sign-in');
    $this->actingAs($people->trainee)->get('docs/api')->assertNotFound();
    $this->actingAs($people->instructor)->get('docs/api')->assertOk()->assertSee('GET /api/board-files/{boardFile}', false);
});
