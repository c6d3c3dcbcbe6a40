<?php

declare(strict_types=1);

use App\Models\Attempt;
use App\Models\PlacedFault;
use App\Models\User;
use Tests\Support\Exam;
use Tests\Support\HandRepairs;
use Tests\Support\HuntOnBoard;
use Zwindle\Hunt\FaultyBoard;
use Zwindle\Repair\Mistake\MistakeKind;

const FAULTY_HOUSE = 'database/demo/propagation-house/board.json';

/** @param  array<string, mixed>  $change */
function faultTask(array $change = []): Exam
{
    return new Exam(FAULTY_HOUSE, ['kind' => 'fault', 'seed' => 'tuesday', ...$change]);
}

function faultsOf(Attempt $attempt): FaultyBoard
{
    return PlacedFault::query()->where('attempt_id', $attempt->id)->sole()->asCore($attempt->board());
}

/** @param  array<string, mixed>  $act */
function act(mixed $test, Attempt $attempt, array $act): mixed
{
    return HuntOnBoard::act($test, $attempt, $act);
}

function begun(mixed $test, Exam $exam, int $seat = 0): Attempt
{
    $test->actingAs(User::query()->findOrFail($exam->trainees[$seat]->id));
    $attempt = $exam->assignment->attempts()->where('trainee_id', $exam->trainees[$seat]->id)->firstOrFail();
    $test->postJson("api/attempts/$attempt->id/begin")->assertNoContent();

    return $attempt->refresh();
}

it('puts a fault into each seat, equally hard to find, and tells nobody which', function () {
    $exam = faultTask();
    $looks = PlacedFault::query()->pluck('looks');
    expect($looks)->toHaveCount(3)->and($looks->max() - $looks->min())->toBeLessThanOrEqual(1)
        ->and($exam->assignment->attempts()->pluck('ends')->unique()->all())->toBe([1]);
    $this->actingAs($exam->trainees[0]);
    $mine = $exam->assignment->attempts()->where('trainee_id', $exam->trainees[0]->id)->sole();
    // Before it is begun nothing is shown of it.
    $this->getJson("api/attempts/$mine->id/proof")->assertNotFound();
    $this->getJson("api/attempts/$mine->id")->assertOk()->assertJsonPath('board.enclosures', [])->assertJsonPath('start', []);
    $this->postJson("api/attempts/$mine->id/begin")->assertNoContent();
    $bench = $this->getJson("api/attempts/$mine->id")->assertOk()->json();
    $proof = $this->getJson("api/attempts/$mine->id/proof")->assertOk()->json();
    expect($bench['start'])->toBe([])->and(array_merge(...array_column($bench['board']['enclosures'], 'ends')))->toBe([])
        ->and($proof['ahead'])->toBeNull()->and($proof['hunt']['symptom'])->not->toContain('diagnosis.')
        ->and($proof['bench']['namings']['kinds'])->toHaveCount(count(MistakeKind::huntedIn($exam->right()->board->practice)));
    foreach (['proof/ahead?with=two-pole&one=S1%231', 'hunt', 'mark'] as $path) {
        expect($this->getJson("api/attempts/$mine->id/$path")->status())->toBeIn([403, 404]);
    }
    $this->postJson("api/attempts/$mine->id/proof", ['isOn' => true])->assertForbidden();
    // Nor is another's looked at.
    $other = $exam->assignment->attempts()->where('trainee_id', $exam->trainees[1]->id)->sole();
    $this->getJson("api/attempts/$other->id/proof")->assertForbidden();
    act($this, $other, ['kind' => 'open-box', 'on' => 'B1'])->assertForbidden();
});

it('shows a box once its cover is off, as it is wired there', function () {
    $attempt = begun($this, faultTask(['faultKinds' => ['common-and-traveller-exchanged']]));
    $fault = array_values(faultsOf($attempt)->faults)[0];
    $box = faultsOf($attempt)->right->points[$fault->at[0]]->enclosure;
    act($this, $attempt, ['kind' => 'open-box', 'on' => $box])->assertOk()->assertJsonPath('hunt.opened', [$box]);
    $bench = $this->getJson("api/attempts/$attempt->id")->json();
    $shown = array_column($bench['board']['enclosures'], 'ends', 'id');
    expect($shown[$box])->not->toBe([])->and(array_filter(array_diff_key($shown, [$box => 1])))->toBe([])->and($bench['start'])->not->toBe([]);
    act($this, $attempt, ['kind' => 'open-box', 'on' => 'nowhere'])->assertOk()->assertJsonPath('isRefused', true);
    act($this, $attempt, ['kind' => 'name', 'on' => 'rust|B1|'])->assertUnprocessable();
    act($this, $attempt, ['kind' => 'name', 'on' => 'earth-off|nowhere|'])->assertUnprocessable();
});

it('takes a fault from symptom to proof, and grades diagnosis, method, measuring and proof', function (string $kind) {
    $exam = faultTask(['faultKinds' => [$kind]]);
    $attempt = begun($this, $exam);
    $board = faultsOf($attempt);
    $fault = array_values($board->faults)[0];
    [$one, $other] = $board->circuit()->switches;
    $first = $board->right->board->devices[$one]->enclosure;
    act($this, $attempt, ['kind' => 'flip', 'on' => $one])->assertOk();
    foreach (array_keys($board->right->board->enclosures) as $box) {
        act($this, $attempt, ['kind' => 'open-box', 'on' => $box])->assertOk();
    }
    $repair = HandRepairs::of($board);
    // No hand goes into a live board.
    act($this, $attempt, HuntOnBoard::sent($repair[0], $board))->assertOk()->assertJsonPath('isRefused', true);
    act($this, $attempt, ['kind' => 'turn-off', 'on' => 'main'])->assertOk();
    $wrong = $kind === 'earth-off' ? 'lamp-blown' : 'earth-off';
    // What is named is noted, right or wrong, and nothing else is told.
    $asWrong = act($this, $attempt, ['kind' => 'name', 'on' => "$wrong|$first|$one"])->assertOk()
        ->assertJsonPath('hunt.named.0.isRight', null)->json('said');
    act($this, $attempt, ['kind' => 'name', 'on' => HuntOnBoard::named($board, $fault)])->assertOk()
        ->assertJsonPath('hunt.named.1.isRight', null)->assertJsonPath('said', $asWrong)
        ->assertJsonPath('hunt.hands', 0)->assertJsonPath('hunt.needsHands', true);
    foreach ($repair as $done) {
        act($this, $attempt, HuntOnBoard::sent($done, $board))->assertOk()->assertJsonPath('isRefused', false)->assertJsonPath('hunt.seen', 0);
    }
    act($this, $attempt, ['kind' => 'turn-on', 'on' => 'main'])->assertOk()->assertJsonPath('trip', null);
    foreach ([$one, $other, $one] as $switch) {
        $last = act($this, $attempt, ['kind' => 'flip', 'on' => $switch])->assertOk();
    }
    $last->assertJsonPath('hunt.seen', 4);
    expect($attempt->refresh()->placed)->toBe(1);

    $this->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
    $this->getJson("api/attempts/$attempt->id/hunt")->assertForbidden();
    act($this, $attempt, ['kind' => 'flip', 'on' => $one])->assertUnprocessable();
    $this->actingAs($exam->instructor)->getJson("api/attempts/$attempt->id/mark")->assertOk()->assertJsonPath('verdict', 'pass');
    $lines = array_column($this->getJson("api/attempts/$attempt->id/mark")->json('mark.lines'), null, 'part');
    expect($lines['diagnosis']['got'] / $lines['diagnosis']['of'])->toBe(0.5)
        ->and($lines['proof']['got'])->toEqual($lines['proof']['of'])
        ->and($lines['method']['got'])->toBeLessThan($lines['method']['of']);
    $report = $this->getJson("api/attempts/$attempt->id/hunt")->assertOk()->json();
    $this->getJson("api/attempts/$attempt->id/debrief")->assertOk()->assertJsonPath('mistakes', []);
    expect($report['faults'])->toHaveCount(1)->and($report['named'])->toHaveCount(2)->and($report['best'])->not->toBe([])
        ->and(end($report['best'])['left'])->toBe(1)->and($report['path'])->not->toBe([]);
    foreach ($report['path'] as $line) {
        expect($line['percent'])->toBeGreaterThanOrEqual(0)->toBeLessThanOrEqual(100)->and($line['text'])->not->toContain('proving.');
    }
})->with(['common-and-traveller-exchanged', 'lamp-blown', 'core-open', 'loose-terminal', 'contact-dead', 'earth-off', 'neutral-open']);

it('takes a breaker that tripped for nothing from “it all went dark” to a pass, with no cover off', function () {
    $exam = faultTask(['faultKinds' => ['breaker-tripped']]);
    $attempt = begun($this, $exam);
    $proof = $this->getJson("api/attempts/$attempt->id/proof")->assertOk()->assertJsonPath('isLive', false)->json();
    $down = array_values(array_filter($proof['parts'], fn (array $part) => $part['state'] === 'tripped'));
    expect($down)->toHaveCount(1)->and($proof['hunt']['symptom'])->toContain('tripped');
    [$one, $other] = faultsOf($attempt)->circuit()->switches;
    act($this, $attempt, ['kind' => 'turn-on', 'on' => $down[0]['id']])->assertOk()->assertJsonPath('isLive', true);
    foreach ([$one, $other, $one] as $switch) {
        act($this, $attempt, ['kind' => 'flip', 'on' => $switch])->assertOk()->assertJsonPath('trip', null);
    }
    $supply = faultsOf($attempt)->right->board->supply();
    $there = "$supply->enclosure|$supply->id";
    act($this, $attempt, ['kind' => 'name', 'on' => "breaker-tripped|$there"])->assertOk()
        ->assertJsonPath('hunt.named.0.isRight', null)->assertJsonPath('hunt.seen', 4)->assertJsonPath('hunt.needsHands', true);
    $this->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
    $this->actingAs($exam->instructor)->getJson("api/attempts/$attempt->id/mark")->assertOk()->assertJsonPath('verdict', 'pass');
    foreach ($this->getJson("api/attempts/$attempt->id/mark")->json('mark.lines') as $line) {
        expect($line['got'])->toEqual($line['of']);
    }
    $report = $this->getJson("api/attempts/$attempt->id/hunt")->assertOk()->json();
    expect($report['steps'])->toBe([])->and($report['faults'][0])->toContain('Breaker tripped');
});

it('fails what is handed in with its fault in it, and gives it again with the fault in it', function () {
    $exam = faultTask(['faultKinds' => ['lamp-blown'], 'mode' => 'coached', 'tries' => 3]);
    $attempt = begun($this, $exam);
    act($this, $attempt, ['kind' => 'turn-off', 'on' => 'main'])->assertOk();
    $this->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
    $this->getJson("api/attempts/$attempt->id/mark")->assertOk()->assertJsonPath('verdict', 'fail');
    // Who measured nothing and named nothing has earned nothing by it.
    expect(array_column($this->getJson("api/attempts/$attempt->id/mark")->json('mark.lines'), 'got', 'part')['measuring'])->toEqual(0);
    $this->postJson("api/attempts/$attempt->id/retry", ['from' => 'bare'])->assertNoContent();
    $this->getJson("api/attempts/$attempt->id/proof")->assertOk()->assertJsonPath('acts', 0)->assertJsonPath('isLive', true);
});

it('puts in several, and refuses what a board does not give', function () {
    $exam = faultTask(['faults' => 2, 'mode' => 'coached']);
    expect(PlacedFault::query()->get()->map(fn (PlacedFault $one) => count($one->mistakes))->unique()->all())->toBe([2])
        ->and($exam->assignment->attempts()->pluck('ends')->unique()->all())->toBe([2]);
    expect(fn () => faultTask(['faults' => 2, 'faultKinds' => ['lamp-blown']]))
        ->toThrow(App\Exceptions\WorkRefused::class, 'equally hard');
});

it('takes of hands what the bench takes, in boxes that are open, and nothing else', function () {
    $attempt = begun($this, faultTask(['faultKinds' => ['common-and-traveller-exchanged']]));
    $board = faultsOf($attempt);
    $repair = HandRepairs::of($board);
    $box = $board->right->points[$board->suspect->mistakes[array_key_first($board->faults)]->at[0]]->enclosure;
    act($this, $attempt, ['kind' => 'turn-off', 'on' => 'main'])->assertOk();
    // Shut: nobody sees what is in it.
    act($this, $attempt, HuntOnBoard::sent($repair[0], $board))->assertUnprocessable();
    act($this, $attempt, ['kind' => 'open-box', 'on' => $box])->assertOk();
    foreach ([
        ['kind' => 'work', 'step' => ['do' => 'land', 'points' => ['nowhere'], 'on' => 'S1#1']],
        ['kind' => 'work', 'step' => ['do' => 'undo']],
        ['kind' => 'work', 'step' => ['do' => 'explode']],
        ['kind' => 'work'],
        ['kind' => 'tighten', 'one' => 'nowhere'],
        ['kind' => 'fit', 'on' => 'S1|rust'],
        ['kind' => 'fit', 'on' => 'nothing'],
        ['kind' => 'new-run', 'on' => 'W99'],
        ['kind' => 'put-right', 'on' => 'lamp-blown|B1|'],
    ] as $act) {
        expect(act($this, $attempt, $act)->status())->toBe(422, json_encode($act, JSON_THROW_ON_ERROR));
    }
    // Done, taken back, and done again: what is seen in the box follows.
    $start = fn (): array => $this->getJson("api/attempts/$attempt->id")->assertOk()->json('start');
    $before = $start();
    act($this, $attempt, HuntOnBoard::sent($repair[0], $board))->assertOk()->assertJsonPath('hunt.canUndo', true);
    $after = $start();
    act($this, $attempt, ['kind' => 'work', 'step' => ['do' => 'undo']])->assertOk()->assertJsonPath('hunt.canRedo', true);
    expect($after)->not->toEqual($before)->and($start())->toEqual($before);
    act($this, $attempt, ['kind' => 'work', 'step' => ['do' => 'redo']])->assertOk();
    expect($start())->toEqual($after);
    // Nobody's hands are in where nothing is to be found.
    $exam = new Exam(FAULTY_HOUSE, ['kind' => 'wire', 'proving' => 'free']);
    $wired = begun($this, $exam);
    foreach ([['kind' => 'new-run', 'on' => 'W1'], ['kind' => 'name', 'on' => 'lamp-blown|B1|'], ['kind' => 'open-box', 'on' => 'B1']] as $act) {
        act($this, $wired, $act)->assertUnprocessable();
    }
});

it('shows and tells what was done at a part that was taken out since', function () {
    $exam = new Exam('database/demo/packing-barn/board.json', ['kind' => 'fault', 'seed' => 'monday', 'faultKinds' => ['earth-off']]);
    $attempt = begun($this, $exam);
    $right = faultsOf($attempt)->right;
    $fourWay = array_values(array_filter(
        $right->board->devices,
        fn ($device) => $right->modelOf($device)->function?->value === 'four-way',
    ))[0];
    act($this, $attempt, ['kind' => 'turn-off', 'on' => 'main'])->assertOk();
    act($this, $attempt, ['kind' => 'open-box', 'on' => $fourWay->enclosure])->assertOk();
    $places = array_map(fn ($landing) => "$fourWay->id#$landing->place", $fourWay->face()->landings);
    act($this, $attempt, ['kind' => 'link', 'one' => $places[0], 'other' => $places[1]])->assertOk()->assertJsonPath('isRefused', false);
    act($this, $attempt, ['kind' => 'touch', 'with' => 'ohm', 'one' => $places[2], 'other' => $places[3]])->assertOk();
    foreach ($places as $place) {
        act($this, $attempt, ['kind' => 'work', 'step' => ['do' => 'take', 'points' => [$place]]]);
    }
    $ends = array_filter($right->points, fn ($point) => $point->core !== null && $point->enclosure === $fourWay->enclosure);
    act($this, $attempt, ['kind' => 'work', 'step' => ['do' => 'take', 'points' => array_keys($ends)]]);
    // Another part hangs there: the probes are off, and what was read on the old one is still told.
    $shown = act($this, $attempt, ['kind' => 'fit', 'on' => "$fourWay->id|one-pole"])->assertOk()->json();
    expect($shown['isRefused'])->toBeFalse()->and($shown['held'])->toBeNull()->and($shown['link'])->toBeNull();
    $proof = $this->getJson("api/attempts/$attempt->id/proof")->assertOk()->json();
    foreach ([...$proof['lines'], $proof['said']] as $line) {
        expect($line)->not->toContain('#')->not->toMatch('/\\b'.$fourWay->id.'\\.[a-z]/');
    }
    $this->getJson("api/attempts/$attempt->id")->assertOk();
    act($this, $attempt, ['kind' => 'turn-on', 'on' => 'main'])->assertOk();
    $this->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
    $this->actingAs($exam->instructor)->getJson("api/attempts/$attempt->id/hunt")->assertOk();
});
