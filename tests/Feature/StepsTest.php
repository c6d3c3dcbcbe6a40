<?php

declare(strict_types=1);

use App\Models\KeptStep;
use Illuminate\Testing\TestResponse;
use Tests\Support\People;

function send(People $people, array $batch): TestResponse
{
    return test()->actingAs($people->trainee)->postJson("api/attempts/{$people->attempt->id}/steps", $batch);
}

it('keeps steps in their order with device, number and both times', function () {
    $people = new People;
    send($people, People::batch([People::land('W1.black@B1', 'S1#3'), People::land('W2.black@B1', 'S1#1')]))
        ->assertOk()->assertJson(['head' => 2, 'keptUpTo' => 2, 'setAside' => [], 'dueAt' => null]);

    $step = KeptStep::where('sequence', 2)->firstOrFail();
    expect($step->device)->toBe('tablet-aa-11')
        ->and($step->number)->toBe(2)
        ->and($step->made_at)->not->toBeNull()
        ->and($step->received_at)->not->toBeNull()
        ->and($people->attempt->refresh()->started_at)->not->toBeNull();
});

it('stores a step posted twice once', function () {
    $people = new People;
    $batch = People::batch([People::land('W1.black@B1', 'S1#3')]);
    send($people, $batch)->assertOk();
    send($people, $batch)->assertOk()->assertJson(['head' => 1, 'keptUpTo' => 1, 'setAside' => []]);

    expect(KeptStep::count())->toBe(1);
});

it('takes a batch again of which it had stored a part', function () {
    $people = new People;
    send($people, People::batch([People::land('W1.black@B1', 'S1#3')]))->assertOk();
    send($people, People::batch([People::land('W1.black@B1', 'S1#3'), People::land('W2.black@B1', 'S1#1')]))->assertJsonPath('head', 2);

    expect(KeptStep::count())->toBe(2);
});

it('sets aside what comes after the hand-in, with device, number and times', function () {
    $people = new People;
    send($people, People::batch([People::land('W1.black@B1', 'S1#3')]));
    $this->actingAs($people->trainee)->postJson("api/attempts/{$people->attempt->id}/hand-in")->assertNoContent();
    send($people, People::batch([People::land('W2.black@B1', 'S1#1')], from: 2, base: 1))
        ->assertOk()->assertJsonPath('setAside', [['number' => 2, 'reason' => 'after-hand-in']])->assertJsonPath('head', 1);

    $bench = $this->actingAs($people->trainee)->getJson("api/attempts/{$people->attempt->id}");
    expect($bench->json('steps'))->toHaveCount(1)
        ->and(array_keys($bench->json('setAside.0')))->toBe(['device', 'number', 'reason', 'madeAt', 'receivedAt'])
        ->and($bench->json('setAside.0.device'))->toBe('tablet-aa-11');
});

it('sets aside what comes after the time, by the server\'s clock', function () {
    $people = new People(minutes: 15);
    send($people, People::batch([People::land('W1.black@B1', 'S1#3')]))->assertJsonPath('setAside', []);
    $this->travel(16)->minutes();
    send($people, People::batch([People::land('W2.black@B1', 'S1#1')], from: 2, base: 1))->assertJsonPath('setAside.0.reason', 'late');
});

it('sets aside the steps of a device left behind by another one', function () {
    $people = new People;
    send($people, People::batch([People::land('W1.black@B1', 'S1#3')], device: 'tablet-aa-11'));
    send($people, People::batch([People::land('W2.red@B1', 'S1#2')], base: 1, device: 'tablet-bb-22'))->assertJsonPath('head', 2);
    // The same end, and an undo, which hangs on all before it.
    send($people, People::batch([People::land('W2.red@B1', 'S1#1')], from: 2, base: 1, device: 'tablet-aa-11'))
        ->assertJsonPath('setAside', [['number' => 2, 'reason' => 'left-behind']])->assertJsonPath('head', 2);
    send($people, People::batch([['do' => 'undo']], from: 3, base: 1, device: 'tablet-aa-11'))
        ->assertJsonPath('setAside', [['number' => 3, 'reason' => 'left-behind']])->assertJsonPath('head', 2);
});

it('goes on with a tab that was left behind where nothing that it touches was touched meanwhile', function () {
    $people = new People;
    send($people, People::batch([People::land('W1.black@B1', 'S1#3')], device: 'tablet-aa-11'));
    send($people, People::batch([People::land('W2.red@B1', 'S1#2')], base: 1, device: 'tablet-bb-22'));
    send($people, People::batch([People::land('W2.black@B1', 'S1#1')], from: 2, base: 1, device: 'tablet-aa-11'))
        ->assertJsonPath('setAside', [])->assertJsonPath('head', 3);
});

it('sets aside a step that won’t fit and goes on with the next', function () {
    $people = new People;
    send($people, People::batch([['do' => 'undo'], People::land('W1.black@B1', 'S1#3')]))
        ->assertJsonPath('setAside', [['number' => 1, 'reason' => 'does-not-fit:nothing-to-undo']])->assertJsonPath('head', 1);
});

it('refuses a hostile batch and stores nothing', function (array $change) {
    $people = new People;
    send($people, [...People::batch([People::land('W1.black@B1', 'S1#3')]), ...$change])->assertStatus(422);

    expect(KeptStep::count())->toBe(0);
})->with([
    'no device' => [['device' => '']],
    'a device with markup' => [['device' => '<script>x</script>']],
    'a negative base' => [['base' => -1]],
    'no steps' => [['steps' => []]],
    'a step that is no object' => [['steps' => [['number' => 1, 'at' => '2026-01-01T00:00:00Z', 'step' => 'land']]]],
    'an unknown kind' => [['steps' => [['number' => 1, 'at' => '2026-01-01T00:00:00Z', 'step' => ['do' => 'solder']]]]],
    'no time' => [['steps' => [['number' => 1, 'at' => 'noon-ish?', 'step' => ['do' => 'undo']]]]],
    'a number twice' => [['steps' => array_fill(0, 2, ['number' => 1, 'at' => '2026-01-01T00:00:00Z', 'step' => ['do' => 'undo']])]],
]);

it('hands in once, and a second time changes nothing', function () {
    $people = new People;
    $this->actingAs($people->trainee)->postJson("api/attempts/{$people->attempt->id}/hand-in")->assertNoContent();
    $first = $people->attempt->refresh()->handed_in_at;
    $this->travel(5)->minutes();
    $this->actingAs($people->trainee)->postJson("api/attempts/{$people->attempt->id}/hand-in")->assertNoContent();

    expect($people->attempt->refresh()->handed_in_at?->eq($first))->toBeTrue()
        ->and($people->attempt->verdict)->toBe('fail')
        ->and($people->attempt->headline)->toContain('Never lights');
});
