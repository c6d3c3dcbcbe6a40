<?php

declare(strict_types=1);

use App\Models\Attempt;
use App\Models\Evening;
use App\Models\Record;
use Tests\Support\Exam;
use Tests\Support\People;
use Tests\Support\Tick;

/** @return array<string, mixed> the draft of an evening: everybody of the class at so many stations in a row */
function eveningDraft(Exam $exam, int $stations = 2, array $change = []): array
{
    $all = array_map(fn (int $i) => [
        'id' => "T$i", 'label' => "Station $i", 'x' => $i * 10, 'y' => 20, 'surface' => 'screen', 'nextTo' => $i > 1 ? ['T'.($i - 1)] : [],
    ], range(1, $stations));

    return [
        'classroom' => $exam->classroom->id,
        'task' => $exam->task->id,
        'title' => 'Tuesday practical',
        'startsAt' => now()->toIso8601ZuluString(),
        'minutes' => 15,
        'changeover' => 3,
        'variants' => 4,
        'stations' => $all,
        'people' => array_map(fn ($trainee) => ['trainee' => $trainee->id, 'extraPercent' => 0, 'notBefore' => 0], $exam->trainees),
        'retests' => [],
        'breaks' => [],
        'fixed' => [],
        ...$change,
    ];
}

function varied(): Exam
{
    return new Exam(change: ['varying' => ['feed', 'faces', 'labels'], 'seed' => 'tuesday']);
}

function keptEvening(Exam $exam, int $stations = 2, array $change = []): Evening
{
    $id = test()->actingAs($exam->instructor)->postJson('api/evenings', eveningDraft($exam, $stations, $change))->assertCreated()->json('id');

    return Evening::query()->findOrFail($id);
}

it('plans a draft without keeping it, and says what moving a person by hand costs', function () {
    $exam = varied();
    $this->actingAs($exam->instructor);
    $plan = $this->postJson('api/evening-plans', eveningDraft($exam))->assertOk()->json();
    $moved = [...$plan['sittings'][0], 'from' => 40, 'to' => 55];
    $cost = $this->postJson('api/evening-plans', eveningDraft($exam, change: ['fixed' => [$moved]]))->assertOk()->json();

    expect([$plan['minutes'], $plan['atLeast'], $cost['minutes'], $cost['conflicts']])->toBe([33, 33, 55, []])
        ->and(Evening::query()->count())->toBe(0);
});

it('keeps an evening and sets it as an exam: a seat and a variant for each, held until it is opened', function () {
    $exam = varied();
    $evening = keptEvening($exam);
    $this->postJson("api/evenings/$evening->id/set", ['twice' => true])->assertOk();
    $evening->refresh();
    $attempts = $evening->assignment->attempts()->with('trainee')->get();
    $boards = $attempts->pluck('board_json', 'trainee_id');
    $variants = array_column($evening->plan, 'variant', 'person');

    expect($attempts)->toHaveCount(3)->and($evening->assignment->held_at)->not->toBeNull()->and($evening->assignment->minutes)->toBe(15);
    foreach ($exam->trainees as $one) {
        foreach ($exam->trainees as $other) {
            expect($boards[$one->id] === $boards[$other->id])->toBe($variants[$one->id] === $variants[$other->id]);
        }
    }
    $attempt = $attempts->first();
    $this->actingAs($attempt->trainee)->postJson("api/attempts/$attempt->id/begin")->assertUnprocessable();
    $this->actingAs($exam->instructor)->postJson("api/assignments/$evening->assignment_id/moves", ['move' => 'open']);
    $this->actingAs($attempt->trainee)->postJson("api/attempts/$attempt->id/begin")->assertNoContent();
});

it('gives a retest a sitting of its own on another variant', function () {
    $exam = varied();
    $evening = keptEvening($exam, change: ['retests' => [$exam->trainees[1]->id]]);
    $this->postJson("api/evenings/$evening->id/set", ['twice' => true])->assertOk();
    $evening->refresh();
    $again = $evening->retestAssignment->attempts()->sole();
    $first = $evening->assignment->attempts()->where('trainee_id', $again->trainee_id)->sole();

    expect($again->trainee_id)->toBe($exam->trainees[1]->id)->and($again->board_json)->not->toBe($first->board_json)
        ->and($evening->retestAssignment->title())->toBe('Tuesday practical, retest');
});

it('answers a board less and late comers by a new plan that keeps those who have begun', function () {
    $exam = varied();
    $evening = keptEvening($exam, 3);
    $this->postJson("api/evenings/$evening->id/set", ['twice' => true]);
    $evening->refresh();
    $this->postJson("api/assignments/$evening->assignment_id/moves", ['move' => 'open']);
    $first = $evening->plan[0];
    $begun = $evening->assignment->attempts()->where('trainee_id', (int) $first['person'])->sole();
    $this->postJson("api/attempts/$begun->id/moves", ['move' => 'start'])->assertOk();
    $this->travel(4)->minutes();
    $late = People::user('trainee');
    $exam->classroom->trainees()->attach($late->id);
    $draft = eveningDraft($exam, 2, ['base' => 1, 'startsAt' => $evening->starts_at->toIso8601ZuluString()]);
    $draft['people'][] = ['trainee' => $late->id, 'extraPercent' => 25, 'notBefore' => 10];
    $this->putJson("api/evenings/$evening->id", $draft)->assertOk();
    $plan = array_column($evening->refresh()->plan, null, 'person');

    expect($plan[$first['person']]['station'])->toBe($first['station'])->and($plan[$first['person']]['from'])->toBe(0)
        ->and(min(array_column(array_diff_key($plan, [$first['person'] => 1]), 'from')))->toBeGreaterThanOrEqual(4)
        ->and($plan[(string) $late->id]['to'] - $plan[(string) $late->id]['from'])->toBe(19)
        ->and($evening->assignment->attempts()->count())->toBe(4)
        ->and($begun->refresh()->board_json)->toBe($evening->assignment->attempts()->whereKey($begun->id)->value('board_json'));
    $this->putJson("api/evenings/$evening->id", $draft)->assertConflict();
});

it('takes out who sits no more, and never who has begun', function () {
    $exam = varied();
    $evening = keptEvening($exam);
    $this->postJson("api/evenings/$evening->id/set", ['twice' => true]);
    $draft = eveningDraft($exam, 2, ['base' => 1]);
    array_pop($draft['people']);
    $this->putJson("api/evenings/$evening->id", $draft)->assertOk();

    expect($evening->refresh()->assignment->attempts()->count())->toBe(2);
});

it('shows the room: who sits where, how far, and a plain word where something is wrong', function () {
    $exam = varied();
    $evening = keptEvening($exam);
    $this->postJson("api/evenings/$evening->id/set", ['twice' => true]);
    $evening->refresh();
    $this->postJson("api/assignments/$evening->assignment_id/moves", ['move' => 'open']);
    $wall = $this->getJson("api/evenings/$evening->id/wall")->assertOk()->json();
    expect(array_column(array_column($wall['stations'], 'now'), 'state'))->toBe(['waiting', 'waiting'])
        ->and($wall['stations'][0]['next'])->toHaveCount(1);
    $this->getJson("api/evenings/$evening->id/wall?have={$wall['tag']}")->assertNoContent();
    $attempt = Attempt::query()->findOrFail($wall['stations'][0]['now']['attempt']);
    $this->postJson("api/attempts/$attempt->id/moves", ['move' => 'start']);
    $wordAt = fn () => $this->actingAs($exam->instructor)->getJson("api/evenings/$evening->id/wall")->json('stations.0.now.word');
    expect($wordAt())->toBe('no device');
    $this->actingAs($attempt->trainee)->getJson("api/attempts/$attempt->id/clock")->assertOk();
    expect($wordAt())->toBeNull();
    $this->travel(60)->seconds();
    expect($wordAt())->toBe('offline');
    $this->travel(3)->minutes();
    $this->actingAs($attempt->trainee)->getJson("api/attempts/$attempt->id/clock");
    expect($wordAt())->toBe('idle');
    $text = (string) $this->getJson("api/evenings/$evening->id/wall")->getContent();
    expect($text)->not->toContain('verdict')->not->toContain('headline')->not->toContain('board_json');
    $this->travel(20)->minutes();
    Tick::of('hand-in-overdue');
    $this->getJson("api/evenings/$evening->id/wall")->assertJsonPath('stations.0.now.state', 'waiting');
});

it('logs what each part was found to be before the clock', function () {
    $exam = varied();
    $evening = keptEvening($exam);
    $list = $this->getJson("api/evenings/$evening->id/parts")->assertOk()->json();
    $part = $list['stations'][1]['parts'][0]['id'];
    $this->putJson("api/evenings/$evening->id/parts", ['station' => 'T2', 'part' => $part, 'ok' => false, 'note' => 'open in one position'])
        ->assertJsonPath('stations.1.parts.0.ok', false)->assertJsonPath('stations.0.parts.0.ok', null);
    $this->getJson("api/evenings/$evening->id/wall")->assertJsonPath('stations.1.parts', 1);
    $this->putJson("api/evenings/$evening->id/parts", ['station' => 'T9', 'part' => $part, 'ok' => true])->assertUnprocessable();

    expect(Record::query()->where('what', 'parts')->count())->toBe(1)->and(json_encode($list))->not->toContain('evening.should');
});

it('prints a list for the wall, a slip a person and a sheet a station', function (string $page) {
    $exam = varied();
    $evening = keptEvening($exam);
    expect($this->get("api/evenings/$evening->id/paper?page=$page")->assertOk()->getContent())->toStartWith('%PDF');
})->with(['list', 'slips', 'stations']);

it('takes down a real board at the station, judges and marks it like any other', function () {
    $exam = new Exam(change: ['surface' => 'wall'], marking: 'station');
    $attempt = $exam->begun();
    $this->actingAs($exam->instructor);
    $sheet = $this->putJson("api/attempts/$attempt->id/as-built", ['asPlanned' => true])->assertOk()->json();
    $rows = array_merge(...array_column($sheet['boxes'], 'rows'));
    $lands = array_column(array_filter($rows, fn (array $row) => $row['lands'] !== ''), 'lands', 'point');
    $this->putJson("api/attempts/$attempt->id/as-built", ['lands' => $lands])->assertOk();
    $this->postJson("api/attempts/$attempt->id/moves", ['move' => 'close'])->assertJsonPath('state', 'handed-in')
        ->assertJsonPath('verdict', 'pass');
    $this->getJson("api/attempts/$attempt->id/mark")->assertJsonPath('mark.isOpen', true);
    $this->putJson("api/attempts/$attempt->id/as-built", ['asPlanned' => true])->assertConflict();
    expect(Record::query()->where('what', 'as-built')->count())->toBe(2);
});

it('fails a real board that is written down with a crossed conductor', function () {
    $exam = new Exam(change: ['surface' => 'wall'], marking: 'station');
    $attempt = $exam->begun();
    $this->actingAs($exam->instructor);
    $sheet = $this->putJson("api/attempts/$attempt->id/as-built", ['asPlanned' => true])->json();
    $rows = array_merge(...array_column($sheet['boxes'], 'rows'));
    $lands = array_column(array_filter($rows, fn (array $row) => $row['lands'] !== ''), 'lands', 'point');
    $common = array_key_first(array_filter($lands, fn (string $place) => str_ends_with($place, '.common')));
    $traveller = array_search(str_replace('.common', '.t1', $lands[$common]), $lands, true);
    [$lands[$common], $lands[$traveller]] = [$lands[$traveller], $lands[$common]];
    $this->putJson("api/attempts/$attempt->id/as-built", ['lands' => $lands])->assertOk();
    $this->postJson("api/attempts/$attempt->id/moves", ['move' => 'close'])->assertJsonPath('verdict', 'fail');
});

it('keeps evenings, parts and real boards from trainees and from other instructors', function () {
    $exam = varied();
    $evening = keptEvening($exam);
    $attempt = $exam->begun();
    foreach ([[People::user('instructor'), 404], [$exam->trainees[1], 404]] as [$stranger, $status]) {
        $this->actingAs($stranger);
        foreach (['', '/wall', '/parts', '/paper?page=list'] as $path) {
            $this->getJson("api/evenings/$evening->id$path")->assertStatus($status);
        }
        $this->postJson("api/evenings/$evening->id/set", ['twice' => true])->assertStatus($status);
        $this->getJson("api/attempts/$attempt->id/as-built")->assertNotFound();
        $this->putJson("api/attempts/$attempt->id/as-built", ['asPlanned' => true])->assertNotFound();
    }
    $this->actingAs($exam->trainees[0])->getJson('api/evenings')->assertForbidden();
    $this->postJson('api/evening-plans', eveningDraft($exam))->assertForbidden();
});

it('refuses a draft that makes no sense', function (array $change) {
    $exam = varied();
    $this->actingAs($exam->instructor)->postJson('api/evening-plans', eveningDraft($exam, change: $change))->assertUnprocessable();
})->with([
    'no station' => [['stations' => []]],
    'a retest of nobody' => [['retests' => [999]]],
    'a stranger' => [['people' => [['trainee' => 999_999, 'extraPercent' => 0, 'notBefore' => 0]]]],
    'a break that ends before it begins' => [['breaks' => [['from' => 20, 'to' => 10]]]],
]);

it('plans an evening for nobody', function () {
    $exam = varied();
    $this->actingAs($exam->instructor)->postJson('api/evening-plans', eveningDraft($exam, change: ['people' => []]))
        ->assertOk()->assertJsonPath('minutes', 0);
});

it('leaves a person where they wire, whoever moves them by hand', function () {
    $exam = varied();
    $evening = keptEvening($exam);
    $this->postJson("api/evenings/$evening->id/set", ['twice' => true]);
    $evening->refresh();
    $this->postJson("api/assignments/$evening->assignment_id/moves", ['move' => 'open']);
    $sitting = $evening->plan[0];
    $attempt = $evening->assignment->attempts()->where('trainee_id', (int) $sitting['person'])->sole();
    $this->postJson("api/attempts/$attempt->id/moves", ['move' => 'start']);
    $board = $attempt->refresh()->board_json;
    $away = [...$sitting, 'station' => $sitting['station'] === 'T1' ? 'T2' : 'T1', 'from' => 60, 'to' => 75, 'variant' => 3];
    $this->putJson("api/evenings/$evening->id", eveningDraft($exam, 2, ['base' => 1, 'fixed' => [$away]]))->assertOk();
    $plan = array_column($evening->refresh()->plan, null, 'person');

    expect($plan[$sitting['person']]['station'])->toBe($sitting['station'])
        ->and($attempt->refresh()->board_json)->toBe($board)->and($attempt->sittingState()->value)->toBe('running');
});

it('counts a screen that waited for the clock, and none that was last seen long before', function () {
    $exam = varied();
    $evening = keptEvening($exam);
    $this->postJson("api/evenings/$evening->id/set", ['twice' => true]);
    $evening->refresh();
    $this->postJson("api/assignments/$evening->assignment_id/moves", ['move' => 'open']);
    $wall = fn () => $this->actingAs($exam->instructor)->getJson("api/evenings/$evening->id/wall")->json('stations');
    [$early, $waiting] = array_map(fn (array $station) => Attempt::query()->findOrFail($station['now']['attempt']), $wall());
    $this->actingAs($early->trainee)->getJson("api/attempts/$early->id/clock")->assertOk();
    $this->travel(10)->minutes();
    $this->actingAs($waiting->trainee)->getJson("api/attempts/$waiting->id/clock")->assertOk();
    $this->actingAs($exam->instructor)->postJson("api/assignments/$evening->assignment_id/moves", ['move' => 'start']);

    expect(array_column(array_column($wall(), 'now'), 'word'))->toBe(['not here yet', null]);
});

it('keeps who has begun where no start was planned: the minutes count from the first one who began', function () {
    $exam = varied();
    $evening = keptEvening($exam, 2, ['startsAt' => null]);
    $this->postJson("api/evenings/$evening->id/set", ['twice' => true]);
    $evening->refresh();
    $this->postJson("api/assignments/$evening->assignment_id/moves", ['move' => 'open']);
    $sitting = $evening->plan[1];
    $attempt = $evening->assignment->attempts()->where('trainee_id', (int) $sitting['person'])->sole();
    $this->postJson("api/attempts/$attempt->id/moves", ['move' => 'start']);
    $this->travel(5)->minutes();
    $draft = eveningDraft($exam, 2, ['base' => 1, 'startsAt' => null]);
    $draft['people'] = array_reverse($draft['people']);
    $this->putJson("api/evenings/$evening->id", $draft)->assertOk();
    $plan = array_column($evening->refresh()->plan, null, 'person');

    expect([$plan[$sitting['person']]['station'], $plan[$sitting['person']]['from']])->toBe([$sitting['station'], 0])
        ->and(min(array_column(array_diff_key($plan, [$sitting['person'] => 1]), 'from')))->toBeGreaterThanOrEqual(5);
});

it('seats nobody again who has sat at a station that is taken away', function () {
    $exam = varied();
    $evening = keptEvening($exam, 3);
    $this->postJson("api/evenings/$evening->id/set", ['twice' => true]);
    $evening->refresh();
    $this->postJson("api/assignments/$evening->assignment_id/moves", ['move' => 'open']);
    $sitting = array_values(array_filter($evening->plan, fn (array $one) => $one['station'] === 'T3'))[0];
    $attempt = $evening->assignment->attempts()->where('trainee_id', (int) $sitting['person'])->sole();
    $this->postJson("api/attempts/$attempt->id/moves", ['move' => 'start']);
    $this->postJson("api/attempts/$attempt->id/moves", ['move' => 'close'])->assertOk();
    $this->putJson("api/evenings/$evening->id", eveningDraft($exam, 2, ['base' => 1]))->assertOk();

    // And not by the plan after that one.
    $this->putJson("api/evenings/$evening->id", eveningDraft($exam, 2, ['base' => 2]))->assertOk();

    expect(array_column($evening->refresh()->plan, 'person'))->toHaveCount(2)->not->toContain($sitting['person'])
        ->and($attempt->refresh()->handed_in_at)->not->toBeNull();
});
