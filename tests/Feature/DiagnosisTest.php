<?php

declare(strict_types=1);

use App\Models\ConfirmedMistake;
use App\Paper\Hunt\FaultCards;
use Tests\Support\Files;
use Tests\Support\People;
use Zwindle\Diagnosis\Suspect;
use Zwindle\Hunt\EqualFaults;
use Zwindle\Plan\Planner;

/** @return array<string, mixed> off, off, on, off on a three-way board; and more that was seen */
function seenSoFar(array $more = []): array
{
    $at = fn (string $one, string $other, string $lamp): array => [
        'switches' => ['S1' => $one, 'S2' => $other], 'lamps' => ['LA' => $lamp], 'trip' => null,
    ];

    return ['states' => [$at('up', 'up', 'off'), $at('up', 'down', 'off'), $at('down', 'down', 'on'), $at('down', 'up', 'off')],
        'looks' => [], 'probes' => [], 'parts' => [], ...$more];
}

it('finds an exchanged common in two looks, with the repair in words, and writes down what was confirmed', function () {
    $this->actingAs($instructor = People::user('instructor'));
    $file = People::boardFile('propagation-house');
    $first = $this->postJson("api/board-files/$file->id/diagnosis", seenSoFar())->assertOk()->json();
    expect($first['fits'])->toBe(14)->and($first['next']['kind'])->toBe('look')->and($first['walk'])->toBe(['S2', 'S1', 'S2'])
        ->and(count($first['next']['choices']))->toBeGreaterThan(1)->and($first['next']['text'])->toStartWith('Open ');

    $found = $this->postJson("api/board-files/$file->id/diagnosis", seenSoFar([
        'looks' => [['point' => 'S2.common', 'with' => ['W2.red@B2']]],
    ]))->assertOk()->json();
    expect([$found['fits'], $found['next']])->toBe([1, null])->and($found['suspects'][0]['text'])->toContain('Far bench')
        ->and(count($found['suspects'][0]['repair']))->toBe(2)->and($found['suspects'][0]['repair'][0])->toContain('Far bench');

    $confirm = ['kind' => $found['suspects'][0]['kind'], 'at' => $found['suspects'][0]['at']];
    $this->postJson("api/board-files/$file->id/confirmed-mistakes", $confirm)->assertNoContent();
    expect(ConfirmedMistake::query()->where('instructor_id', $instructor->id)->sole()->at)->toBe('S2.common S2.t2');
});

it('draws a sleeve on what is sleeved, and says of each choice whether it is', function () {
    $this->actingAs(People::user('instructor'));
    $file = People::boardFile('boat-store');
    $at = fn (string $position, string $lamp): array => ['switches' => ['S1' => $position], 'lamps' => ['LA' => $lamp], 'trip' => null];
    $seen = ['states' => [$at('up', 'off'), $at('down', 'on')], 'looks' => [], 'probes' => [], 'parts' => []];
    $ask = fn (array $more): array => $this->postJson("api/board-files/$file->id/diagnosis", [...$seen, ...$more])->assertOk()->json('next');
    // As planned wherever it asks, until it asks what is sleeved.
    $looks = $probes = [];
    do {
        $next = $ask(['looks' => $looks, 'probes' => $probes]);
        if ($next['choices'] === []) {
            // The loop block is live.
            $probes[] = ['point' => $next['at'], 'live' => true];
        } else {
            $looks[] = ['point' => $next['at'], 'with' => $next['choices'][0]['with'], 'taped' => $next['choices'][0]['taped']];
        }
        $sleeves = array_values(array_filter($next['choices'], fn (array $choice) => str_contains($choice['name'], 'sleeve on the blue')));
    } while (count($looks) < 8 && count($probes) < 2 && count($sleeves) < 2);
    [$with, $without] = $sleeves;
    expect($with['name'])->toEndWith(', sleeve on the blue')->and($with['conductors'])->toBe([['colour' => 'blue', 'mark' => 'brown']])
        ->and($without['name'])->toEndWith(', no sleeve on the blue')->and($without['conductors'])->toBe([['colour' => 'blue', 'mark' => '']]);
});

it('asks for the supply first where all is dark, not where something lights, and to halve the circuit where it trips', function () {
    $this->actingAs(People::user('instructor'));
    $at = fn (string $one, string $lamp, ?string $trip): array => [
        'switches' => ['S1' => $one, 'S2' => 'up'], 'lamps' => ['LA' => $lamp], 'trip' => $trip,
    ];
    $file = People::boardFile('propagation-house');
    $first = fn (array $states): string => $this->postJson("api/board-files/$file->id/diagnosis", seenSoFar(['states' => $states]))
        ->assertOk()->json('first');
    expect($first([$at('up', 'off', null), $at('down', 'off', null)]))->toContain('breaker')
        // One that is dark is as it should be, as a rule.
        ->and($first([$at('up', 'off', null)]))->toBe('')
        ->and($first([]))->toBe('')
        ->and($first([$at('up', 'off', null), $at('down', 'on', null)]))->toBe('')
        ->and($first([$at('up', 'off', null), $at('down', 'off', 'breaker')]))->toContain('split that half again');
});

it('puts what a class has shown before first', function () {
    $this->actingAs($instructor = People::user('instructor'));
    $file = People::boardFile('propagation-house');
    for ($i = 0; $i < 60; $i++) {
        ConfirmedMistake::query()->create([
            'instructor_id' => $instructor->id, 'board_file_id' => $file->id, 'kind' => 'core-open', 'at' => 'W2.red@B2', 'found_at' => now(),
        ]);
    }
    $this->postJson("api/board-files/$file->id/diagnosis", seenSoFar())->assertOk()->assertJsonPath('suspects.0.kind', 'core-open');
    // Another instructor's boards teach nothing here.
    $this->actingAs(People::user('instructor'))->postJson("api/board-files/$file->id/diagnosis", seenSoFar())
        ->assertJsonPath('suspects.0.kind', 'common-and-traveller-exchanged');
});

it('puts the place first where a class makes a mistake on this board, and not on another', function () {
    $this->actingAs($instructor = People::user('instructor'));
    $file = People::boardFile('propagation-house');
    $exchanged = fn (): array => array_values(array_filter(
        $this->postJson("api/board-files/$file->id/diagnosis", seenSoFar())->assertOk()->json('suspects'),
        fn (array $suspect) => $suspect['kind'] === 'common-and-traveller-exchanged',
    ));
    $before = array_column($exchanged(), 'at');
    expect(count($before))->toBeGreaterThan(1);
    $confirm = fn (int $board) => ConfirmedMistake::query()->create([
        'instructor_id' => $instructor->id, 'board_file_id' => $board, 'kind' => 'common-and-traveller-exchanged',
        'at' => implode(' ', $before[1]), 'found_at' => now(),
    ]);
    $confirm(People::boardFile('tool-locker')->id);
    expect(array_column($exchanged(), 'at'))->toBe($before);
    $confirm($file->id);
    expect($exchanged()[0]['at'])->toBe($before[1]);
});

it('says which taps contradict each other, what comes nearest, and what is no answer', function () {
    $this->actingAs(People::user('instructor'));
    $file = People::boardFile('propagation-house');
    $seen = seenSoFar();
    $again = [...$seen['states'][0], 'lamps' => ['LA' => 'on']];
    $this->postJson("api/board-files/$file->id/diagnosis", [...$seen, 'states' => [...$seen['states'], $again]])->assertOk()
        ->assertJsonPath('fits', 0)->assertJsonCount(1, 'contradictions');
    $dim = array_map(fn (array $state) => [...$state, 'lamps' => ['LA' => 'dim']], $seen['states']);
    expect($this->postJson("api/board-files/$file->id/diagnosis", [...$seen, 'states' => $dim])->assertOk()->json('nearest'))->not->toBe([]);
    $this->postJson("api/board-files/$file->id/diagnosis", [...$seen, 'looks' => [['point' => 'Z9.x', 'with' => []]]])->assertUnprocessable();
    $this->actingAs(People::user('trainee'))->postJson("api/board-files/$file->id/diagnosis", $seen)->assertNotFound();
    $this->postJson("api/board-files/$file->id/confirmed-mistakes", ['kind' => 'earth-off', 'at' => []])->assertNotFound();
});

it('deals faults of equal difficulty to real boards, on cards that put them in and right again', function (string $slug) {
    $right = Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/right.wiring.json");
    $set = EqualFaults::of($right, 6, 'tuesday');
    $ids = array_map(fn (array $one) => array_values($one['fault']->mistakes)[0]->id(), $set);
    $looks = array_column($set, 'looks');
    $plain = (new Suspect($right, []))->survey()->truthTable;
    expect($set)->toHaveCount(6)->and(max($looks) - min($looks))->toBeLessThanOrEqual(1)->and(count(array_unique($ids)))->toBe(6)
        ->and(array_map(fn (array $one) => array_values($one['fault']->mistakes)[0]->id(), EqualFaults::of($right, 6, 'tuesday')))->toBe($ids)
        ->and(array_map(fn (array $one) => array_values($one['fault']->mistakes)[0]->id(), EqualFaults::of($right, 6, 'friday')))->not->toBe($ids);
    foreach ($set as ['fault' => $fault]) {
        $table = $fault->survey()->truthTable;
        expect([$table->lamps, $table->trips])->not->toBe([$plain->lamps, $plain->trips]);
    }
    foreach ((new FaultCards($right, 6, 'tuesday'))->cards() as $card) {
        expect($card['putIn'])->not->toBe([])->and($card['putRight'])->not->toBe([])->and($card['symptom'])->not->toContain('diagnosis.');
    }
})->with(['propagation-house']);

it('prints the cards for an instructor alone', function () {
    $this->actingAs(People::user('instructor'));
    $file = People::boardFile('propagation-house');
    expect($this->get("api/board-files/$file->id/fault-cards?seats=3&seed=a")->assertOk()->headers->get('Content-Type'))->toBe('application/pdf');
    $this->getJson("api/board-files/$file->id/fault-cards?seats=99")->assertUnprocessable();
    $this->actingAs(People::user('trainee'))->get("api/board-files/$file->id/fault-cards?seats=3")->assertNotFound();
});

it('says on every fault card how a hand goes in, and tells no trainee that a screw is loose', function () {
    $right = Planner::plan(Files::board('database/demo/packing-barn/board.json'))->plans[0]->wiring;
    $page = (new FaultCards($right, 40, 'wednesday'))->page();
    $notes = array_column($page['cards'], 'note');
    $html = view('paper.fault-cards', [...$page, 'practice' => $right->board->practice, 'style' => ''])->render();
    $caution = require base_path('lang/en/na/caution.php');
    $pages = explode('<div class="page">', $html);
    $ofTrainees = array_filter($pages, fn (string $page) => str_contains($page, __('paper.fault-told')));
    $telling = array_filter($ofTrainees, fn (string $page) => str_contains($page, __('paper.fault-loose')));

    expect($notes)->toContain('loose')->toContain('')
        ->and(substr_count($html, e($caution['hands'])))->toBeGreaterThanOrEqual(3 * 40)
        ->and($html)->toContain(e(__('paper.fault-loose')))
        ->and($ofTrainees)->toHaveCount(40)->and($telling)->toBe([]);
});
