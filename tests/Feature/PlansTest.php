<?php

declare(strict_types=1);

use App\Models\BoardFile;
use Tests\Support\Artisan;
use Tests\Support\Files;
use Tests\Support\People;
use Zwindle\Bench\Step;
use Zwindle\Bench\StepLog;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Verdict;

it('lists every plan of a board, those that pass first, and where an electronic switch could go', function () {
    $file = People::boardFile('seed-store');
    $json = $this->actingAs(People::user('instructor'))->getJson("api/board-files/$file->id/plans")->assertOk()->json();
    $verdicts = array_column($json['plans'], 'verdict');

    expect($verdicts[0])->toBe('pass')->and($verdicts)->toContain('remarks')
        ->and(array_search('remarks', $verdicts, true))->toBeGreaterThan(array_key_last(array_keys($verdicts, 'pass', true)))
        ->and($json['impossible'])->toBeNull()
        ->and($json['plans'][0]['differs'])->toBe([])
        ->and(array_filter(array_slice($json['plans'], 1), fn (array $plan) => $plan['differs'] === []))->toBe([])
        ->and(array_unique(array_map(fn (array $plan) => [
            $plan['scheme'],
            ...$plan['differs'],
        ], $json['plans']), SORT_REGULAR))->toHaveCount(count($json['plans']))
        ->and($json['neutrals'][1])->toContain('with W3 as 14/4')
        ->and($json['edition'])->toBe('NEC-2014');
});

it('plans by another edition, and refuses one of the other practice', function () {
    $file = People::boardFile('seed-store');
    $this->actingAs(People::user('instructor'));

    $this->getJson("api/board-files/$file->id/plans?edition=NEC-2011")
        ->assertOk()
        ->assertJsonPath('plans', [])
        ->assertJsonPath('edition', 'NEC-2011');
    $this->getJson("api/board-files/$file->id/plans?edition=BS7671-2018")->assertStatus(422);
    $this->getJson("api/board-files/$file->id/plans?edition=NEC-1999")->assertStatus(422);
});

it('shows a plan wired on the board, with its steps in either order', function () {
    $file = People::boardFile('packing-barn');
    $json = $this->actingAs(People::user('instructor'))->getJson("api/board-files/$file->id/plans/0")->assertOk()->json();
    $wired = StepLog::replay(
        Files::board('database/demo/packing-barn/board.json'),
        array_map(Step::of(...), $json['standing']),
    )->bench()->wiring();
    $texts = fn (string $order) => array_column($json['orders'][$order], 'text');

    expect(Checker::check($wired)->verdict)->toBe(Verdict::Pass)
        ->and($texts('boxByBox'))->toEqualCanonicalizing($texts('farthestFirst'))->not->toBe($texts('farthestFirst'))
        ->and($json['orders']['boxByBox'][0])->toHaveKeys(['text', 'box', 'places', 'steps'])
        ->and(array_merge(...array_column($json['orders']['farthestFirst'], 'steps')))->toEqualCanonicalizing($json['standing'])
        ->and($json['cores'][0]['cores'][0])->toBe(['colour' => 'black', 'flag' => 'BLK', 'name' => 'black', 'rank' => 4, 'role' => 'hot'])
        ->and($json['verdict']['verdict'])->toBe('pass')->and($json['verdict']['diagram']['symbols'])->not->toBe([]);
});

it('follows the current in a plan, and has none further down than there are', function () {
    $file = People::boardFile();
    $this->actingAs(People::user('instructor'));
    $ends = array_map(
        fn (int $state) => $this->getJson("api/board-files/$file->id/plans/0/path?lamp=LA&state=$state")->assertOk()->json('end'),
        range(0, 3),
    );

    expect($ends[0])->toBe($ends[3])->not->toBe($ends[1]);
    $this->getJson("api/board-files/$file->id/plans/999")->assertNotFound();
    $this->getJson("api/board-files/$file->id/plans/0/path?lamp=NOPE&state=0")->assertStatus(422);
    $this->getJson("api/board-files/$file->id/plans/0/path?lamp=LA&state=9")->assertStatus(422);
});

it('says why a board has no plan, and what would do', function () {
    $file = People::boardFile();
    $file->update(['json' => str_replace('"na-14-3"', '"na-14-2"', $file->json)]);
    $json = $this->actingAs(People::user('instructor'))->getJson("api/board-files/$file->id/plans")->assertOk()->json();

    expect($json['plans'])->toBe([])->and($json['impossible'])->toContain('W2 as 14/3')->and($json['neutrals'])->toBe([]);
    $this->getJson("api/board-files/$file->id/plans/0")->assertNotFound();
});

it('carries a board over into the library, once however often it is asked for', function () {
    $file = People::boardFile('boat-store');
    $this->actingAs($instructor = People::user('instructor'));
    $first = $this->postJson("api/board-files/$file->id/converted")->assertCreated()->json();
    $second = $this->postJson("api/board-files/$file->id/converted")->assertCreated()->json();
    $converted = BoardFile::query()->findOrFail($first['boardFile']['id']);

    expect($second['boardFile']['id'])->toBe($first['boardFile']['id'])
        ->and($converted->title)->toEndWith('(North America)')->and($converted->board()->title)->toBe($converted->title)
        ->and($converted->instructor_id)->toBe($instructor->id)->and($converted->board()->practice->id)->toBe('na')
        ->and(implode(' ', $first['notes']))->toContain('a white is never the return', 'one-way becomes single-pole');
    $this->getJson("api/board-files/{$converted->id}/plans")->assertOk()->assertJsonPath('plans.0.verdict', 'pass');
});

it('gives a plan as files that the commands take', function () {
    $this->actingAs(People::user('instructor'));
    $drawing = $this->postJson('api/drawings', ['pattern' => 'na-03-three-way-feed-through'])->json();
    $get = fn (string $as) => $this->get("api/board-files/{$drawing['id']}/plans/0/file?as=$as")->assertOk();
    [$board, $wiring] = [Artisan::file((string) $get('board')->getContent()), Artisan::file((string) $get('wiring')->getContent())];
    [$status, $json] = Artisan::json(['zwindle:check', $board, $wiring]);

    expect($status)->toBe(0)->and($json['verdict'])->toBe('pass')
        ->and(rawurldecode((string) $get('wiring')->headers->get('Content-Disposition')))->toContain('plan.wiring.json')
        ->and($get('spice')->getContent())->toContain('* state: S1:up,S2:up', 'RL1 ', '.op');
    $this->getJson("api/board-files/{$drawing['id']}/plans/0/file?as=secrets")->assertStatus(422);
    $this->actingAs((new People)->trainee)->getJson("api/board-files/{$drawing['id']}/plans/0/file?as=wiring")->assertNotFound();
});
