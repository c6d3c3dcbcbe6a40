<?php

declare(strict_types=1);

use App\Models\Attempt;
use App\Models\ConfirmedMistake;
use App\Models\Record;
use App\Models\Sighting;
use Tests\Support\Exam;
use Tests\Support\People;
use Zwindle\Diagnosis\Suspect;
use Zwindle\Plan\Planner;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Mistake\Mistakes;

/** A real board at a station, under way in an exam. */
function atStation(Exam $exam): Attempt
{
    $attempt = $exam->attempt();
    $attempt->update(['is_on_board' => true, 'started_at' => now()]);

    return $attempt->refresh();
}

/** @return array<string, mixed> what is told of a board whose first three-way has its common exchanged */
function toldOf(Attempt $attempt, ?Mistake &$mistake = null): array
{
    $right = Planner::plan($attempt->board())->plans[0]->wiring;
    $found = array_filter(Mistakes::on($right), fn (Mistake $one) => $one->kind === MistakeKind::CommonExchanged);
    $mistake = array_values($found)[0];
    $fault = new Suspect($right, $found === [] ? [] : [array_key_first($found) => $mistake]);
    $circuit = $fault->circuit();
    $states = [];
    for ($state = 0; $state < $circuit->stateCount(); $state++) {
        $switches = $lamps = [];
        foreach ($circuit->switches as $place => $switch) {
            $switches[$switch] = $circuit->isDown($place, $state) ? 'down' : 'up';
        }
        foreach ($fault->table()->lamps as $lamp => $column) {
            $lamps[$lamp] = ['0' => 'off', '1' => 'on', 'd' => 'dim'][$column[$state]];
        }
        $states[] = ['switches' => $switches, 'lamps' => $lamps, 'trip' => null];
    }

    return ['states' => $states, 'looks' => [], 'probes' => [], 'parts' => []];
}

it('finds a fault at a station, keeps what was told, learns by class, and lets the mark follow', function () {
    $exam = new Exam('database/demo/propagation-house/board.json', ['surface' => 'wall']);
    $attempt = atStation($exam);
    $this->actingAs($exam->instructor);
    $told = toldOf($attempt, $mistake);
    $found = $this->postJson("api/attempts/$attempt->id/diagnosis", $told)->assertOk()->assertJsonPath('isSilent', false)->json();
    expect($found['fits'])->toBeGreaterThan(0)->and($found['next'])->not->toBeNull()
        ->and(Sighting::query()->sole()->seen['states'])->toHaveCount(4)
        ->and($this->getJson("api/attempts/$attempt->id/diagnosis")->assertOk()->json('seen.states'))->toHaveCount(4);

    $this->putJson("api/attempts/$attempt->id/diagnosis", ['kind' => $mistake->kind->value, 'at' => $mistake->at])->assertNoContent();
    // Twice is once.
    $this->putJson("api/attempts/$attempt->id/diagnosis", ['kind' => $mistake->kind->value, 'at' => $mistake->at])->assertNoContent();
    $kept = ConfirmedMistake::query()->sole();
    expect([$kept->classroom_id, $kept->attempt_id, $kept->kind])->toBe([$exam->classroom->id, $attempt->id, $mistake->kind->value])
        ->and(Record::query()->where('what', 'fault-found')->count())->toBe(1)
        ->and($attempt->refresh()->placed)->toBeGreaterThan(0);
    $this->postJson("api/attempts/$attempt->id/moves", ['move' => 'close', 'why' => 'done'])->assertSuccessful();
    expect($attempt->refresh()->verdict)->toBe('fail');
    $this->putJson("api/attempts/$attempt->id/diagnosis", ['kind' => 'earth-off', 'at' => ['nowhere']])->assertUnprocessable();

    // Another class's findings teach nothing here.
    ConfirmedMistake::query()->delete();
    $first = fn () => $this->postJson("api/attempts/$attempt->id/diagnosis", $told)->json('suspects.0.kind');
    $usual = $first();
    foreach ([null, $exam->classroom->id] as $class) {
        for ($i = 0; $i < 60; $i++) {
            ConfirmedMistake::query()->create([
                'instructor_id' => $exam->instructor->id, 'classroom_id' => $class, 'board_file_id' => $exam->task->board_file_id,
                'kind' => 'contact-dead', 'at' => 'x', 'found_at' => now(),
            ]);
        }
        expect($first())->toBe($class === null ? $usual : 'contact-dead');
    }
});

it('tells a trainee who is marked nothing of what may be wrong', function () {
    $exam = new Exam('database/demo/propagation-house/board.json', ['surface' => 'wall']);
    $attempt = $exam->attempt();
    $this->actingAs($exam->trainees[0]);
    $this->postJson("api/attempts/$attempt->id/diagnosis", toldOf($attempt))->assertNotFound();
    $this->postJson("api/attempts/$attempt->id/begin")->assertNoContent();
    $told = toldOf($attempt->refresh(), $mistake);
    $this->postJson("api/attempts/$attempt->id/diagnosis", $told)->assertOk()
        ->assertJsonPath('isSilent', true)->assertJsonPath('suspects', [])->assertJsonPath('next', null)
        ->assertJsonPath('nearest', [])->assertJsonPath('fits', 0)->assertJsonPath('mayBeRight', false);
    $this->putJson("api/attempts/$attempt->id/diagnosis", ['kind' => $mistake->kind->value, 'at' => $mistake->at])->assertForbidden();
    expect(Sighting::query()->sole()->by)->toBe($exam->trainees[0]->id);
    $this->actingAs($exam->trainees[1])->postJson("api/attempts/$attempt->id/diagnosis", $told)->assertNotFound();
    $this->actingAs(People::user('instructor'))->getJson("api/attempts/$attempt->id/diagnosis")->assertNotFound();
    $this->actingAs($exam->instructor)->postJson("api/attempts/$attempt->id/diagnosis", ['states' => 'x'])->assertUnprocessable();
});

it('tells a trainee who is coached, and has nothing for a board on the screen', function () {
    $exam = new Exam('database/demo/propagation-house/board.json', ['surface' => 'wall', 'mode' => 'coached']);
    $attempt = $exam->attempt();
    $this->actingAs($exam->trainees[0])->postJson("api/attempts/$attempt->id/diagnosis", toldOf($attempt))->assertOk()
        ->assertJsonPath('isSilent', false);
    expect($this->getJson("api/attempts/$attempt->id")->json('mayLookForFaults'))->toBeTrue();
    $screen = (new Exam('database/demo/propagation-house/board.json', ['mode' => 'coached']))->attempt();
    $this->actingAs($screen->trainee)->getJson("api/attempts/$screen->id/diagnosis")->assertNotFound();
});
