<?php

declare(strict_types=1);

use App\Actions\Bench\HandIn;
use App\Actions\Bench\KeepSteps;
use Carbon\CarbonImmutable;
use Tests\Support\Files;
use Tests\Support\People;
use Zwindle\Bench\Step;
use Zwindle\Bench\StepLog;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Verdict;

function handedIn(string $slug, string $wiring): People
{
    $people = new People($slug);
    $steps = $wiring === 'bare'
        ? []
        : WiringAsSteps::of(Files::wiring("database/demo/$slug/board.json", "database/demo/$slug/$wiring.wiring.json"));
    $batch = [];
    foreach ($steps as $i => $step) {
        $batch[] = ['number' => $i + 1, 'at' => CarbonImmutable::now(), 'step' => $step];
    }
    app(KeepSteps::class)->execute($people->attempt, 'tablet-aa-11', 0, $batch);
    app(HandIn::class)->execute($people->attempt);

    return $people;
}

it('gives the verdict in one sentence, the table and the findings with their places', function () {
    $people = handedIn('propagation-house', 'crossed');
    $verdict = $this->actingAs($people->trainee)->getJson("api/attempts/{$people->attempt->id}/verdict")->assertOk();

    $verdict->assertJsonPath('verdict', 'fail')
        ->assertJsonPath('headline', 'Lights in 1 of 4 combinations: common and a traveler are swapped at Far bench.')
        ->assertJsonPath('lamps.0.states', '0001')
        ->assertJsonPath('lamps.0.expected', '1001')
        ->assertJsonPath('trips', '----')
        ->assertJsonPath('findings.0.at', ['S2#3', 'S2#2'])
        ->assertJsonPath('findings.0.boxes', ['B2'])
        ->assertJsonPath('findings.1.causedBy', 0);
});

it('says it in the sentence of the mistake', function (string $slug, string $wiring, string $headline) {
    $people = handedIn($slug, $wiring);

    expect($people->attempt->refresh()->headline)->toBe($headline);
})->with([
    [
        'propagation-house',
        'right',
        'Correct: Gate post and Far bench control Path in every combination.',
    ],
    ['propagation-house', 'open-neutral', 'Never lights: open neutral at the light at Path.'],
    ['tool-locker', 'always-lit', 'Never goes off: Locker light is on the hot instead of the switch leg.'],
    [
        'tool-locker',
        'neutral-switched',
        'Works, but not safe: the switch is in the neutral, so Locker light is live when off.',
    ],
    ['boat-store', 'drop-in-neutral-block', 'Trips in 1 of 2 combinations: line and neutral are connected together in Boat store rose.'],
    ['propagation-house', 'bare', 'Never lights: the hot stops at the hot of the supply.'],
    ['boat-store', 'unsleeved', 'It works in every combination. One remark to put right.'],
    [
        'towpath-workshop',
        'pair-split',
        'Only lights with the switch at Slipway down: a pair is split across the intermediate at Slipway.',
    ],
    [
        'packing-barn',
        'ground-off',
        'Works, but not safe: not grounded: the ground screw of the switch at Cold store, the grounding screw of the box at Barn ridge and green lead (ground) of the light at Barn ridge.',
    ],
]);

it('shows the current\'s path for chosen positions, computed by the core', function () {
    $people = handedIn('propagation-house', 'right');
    $path = fn (int $state) => $this->actingAs($people->trainee)
        ->getJson("api/attempts/{$people->attempt->id}/path?lamp=LA&state=$state")
        ->assertOk();

    $path(0)->assertJsonPath('end', 'returns')->assertJsonPath('stopsAt', 'PS#2')->assertJsonPath('hops.0.from', 'PS#1');
    $path(1)->assertJsonPath('end', 'open-contact')->assertJsonPath('stopsAt', 'S2#1');
    expect($path(1)->json('sentence'))->toBe(
        'The hot gets as far as brass screw 1 (a traveler) of the switch at Far bench and stops at an open contact.',
    );
});

it('refuses a path for a lamp or a state that is not there', function (string $query) {
    $people = handedIn('propagation-house', 'right');

    $this->actingAs($people->trainee)->getJson("api/attempts/{$people->attempt->id}/path?$query")->assertStatus(422);
})->with(['lamp=LX&state=0', 'lamp=LA&state=4', 'lamp=LA&state=-1', 'lamp=LA', 'state=0']);

it('speaks in words for every finding of the corpus, in both Englishes', function (string $board, string $wiring) {
    $result = Zwindle\Check\Checker::check(Files::wiring($board, $wiring));
    $headline = (new App\Wording\Headline($result))->sentence();
    $sentences = array_map((new App\Wording\FindingSentence($result))->of(...), $result->findings);

    foreach ([$headline, ...$sentences] as $sentence) {
        expect($sentence)->not->toMatch('/findings\.|verdict\.|parts\.|:[a-z]+/')->not->toBe('');
    }
})->with(Files::everyWiring());

it('judges by another edition and says what changes', function () {
    $people = handedIn('seed-store', 'right');
    $verdict = fn (string $query) => $this->actingAs($people->trainee)
        ->getJson("api/attempts/{$people->attempt->id}/verdict$query")
        ->assertOk();

    $verdict('')->assertJsonPath('edition', 'NEC-2014')
        ->assertJsonPath('verdict', 'pass')
        ->assertJsonPath('changes.appear', [])
        ->assertJsonPath('editions.0.id', 'NEC-2023');
    $verdict('?edition=NEC-2011')->assertJsonPath('verdict', 'remarks')->assertJsonPath('changes.verdictThen', 'pass')
        ->assertJsonPath('changes.appear', [
            'Yard door: no neutral in the box. This edition does not require it where the box can be reached later without opening finished walls.',
        ])->assertJsonPath('changes.vanish', []);
});

it('refuses an edition that is unknown or of the other practice', function (string $edition) {
    $people = handedIn('seed-store', 'right');

    $this->actingAs($people->trainee)->getJson("api/attempts/{$people->attempt->id}/verdict?edition=$edition")->assertStatus(422);
})->with(['NEC-1999', 'BS7671-2018']);

it('names the schemes with their dispute, control by control', function (string $slug, string $wiring, array $schemes, string $note) {
    $people = handedIn($slug, $wiring);
    $json = $this->actingAs($people->trainee)->getJson("api/attempts/{$people->attempt->id}/verdict")->assertOk()->json('schemes');

    expect(array_column($json, 'id'))->toBe($schemes)->and($json[0]['note'])->toContain($note);
})->with([
    'line out on the white' => ['seed-store', 'right', ['dead-end'], 'as 200.7(C) requires'],
    'return on the white' => ['seed-store', 'return-on-white', ['dead-end'], '200.7(C)(1) does not allow the white as the return'],
    'three sheds alike' => ['three-sheds', 'right', ['light-fed'], 'looped in'],
    'one shed of three works alone' => ['three-sheds', 'fed-from-the-switched-block', ['light-fed', null], 'looped in'],
]);

it('gives the diagram in places, and the figures of the practice', function () {
    $american = handedIn('propagation-house', 'right');
    $json = $this->actingAs($american->trainee)->getJson("api/attempts/{$american->attempt->id}/verdict")->json();
    expect(array_column($json['diagram']['symbols'], 'id'))->toBe(['line', 'S1', 'S2', 'LA', 'neutral'])
        ->and($json['diagram']['symbols'][1]['contacts']['up'])->toBe([['S1#3', 'S1#1']])
        ->and($json['diagram']['symbols'][1]['earthed'])->toBeTrue()
        ->and($json['layers']['neutral'])->toContain('W2.white@B1')->not->toContain('W2.red@B1')
        ->and($json['figures'][0])->toMatchArray(['title' => 'Gate post: 18.00 of 18.00 in³, fits', 'fits' => true]);

    $british = handedIn('boat-store', 'right');
    $json = $this->actingAs($british->trainee)->getJson("api/attempts/{$british->attempt->id}/verdict")->json();
    expect($json['figures'][0]['title'])->toBe('1 lampholder at 100 W: 0.43 A of 6 A (max. 13).')
        ->and($json['figures'][1]['fits'])->toBeTrue();
});

it('gives the smallest repair in words and places', function () {
    $people = handedIn('propagation-house', 'crossed');
    $json = $this->actingAs($people->trainee)->getJson("api/attempts/{$people->attempt->id}/verdict")->json('repair');
    $right = handedIn('propagation-house', 'right');

    expect($json['reason'])->toBeNull()
        ->and(array_column($json['moves'], 'box'))->toBe(['B2', 'B2'])
        ->and($json['moves'][0]['text'])->toBe(
            'Far bench: move the red in W2 (to Gate post) [RED] from dark screw 3 (the common) of S2 to brass screw 2 (a traveler) of S2.',
        )
        ->and($json['moves'][0]['places'])->toBe(['W2.red@B2', 'S2#2'])
        // Lit when both are up or both down, and nothing trips.
        ->and($json['after'])->toBe(['verdict' => 'pass', 'lamps' => [['id' => 'LA', 'states' => '1001']], 'trips' => '----'])
        ->and($this->actingAs($right->trainee)->getJson(
            "api/attempts/{$right->attempt->id}/verdict",
        )->json('repair'))->toBe(['title' => '', 'note' => '', 'moves' => [], 'after' => null, 'undoes' => '', 'also' => [], 'reason' => null])
        ->and($json['undoes'])->toBe('common and a traveler swapped at the switch at Far bench (dark screw 3, brass screw 2)');
});

it('gives the nearest plan: what would have to change, and the board wired so', function () {
    $people = handedIn('seed-store', 'return-on-white');
    $nearest = $this->actingAs($people->trainee)->getJson("api/attempts/{$people->attempt->id}/verdict")->json('nearest');
    $board = Files::board('database/demo/seed-store/board.json');
    $wired = StepLog::replay($board, array_map(Step::of(...), $nearest['standing']))->bench()->wiring();
    $right = handedIn('propagation-house', 'right');

    // School B works; the nearest plan that passes is another, and more than a repair.
    expect($nearest['headline'])->toContain('Correct:')->and(count($nearest['changes']))->toBeGreaterThan(1)
        ->and(Checker::check($wired)->verdict)->toBe(Verdict::Pass)
        ->and($this->actingAs($right->trainee)->getJson("api/attempts/{$right->attempt->id}/verdict")->json('nearest.changes'))->toBe([]);
});
