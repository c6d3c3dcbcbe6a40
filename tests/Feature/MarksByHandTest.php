<?php

declare(strict_types=1);

use App\Models\Record;
use Tests\Support\Exam;
use Tests\Support\People;
use Zwindle\Bench\WiringAsSteps;

function markedWork(array $change = []): array
{
    $exam = new Exam(change: $change);
    $attempt = $exam->begun();
    test()->actingAs($attempt->trainee);
    test()->postJson("api/attempts/$attempt->id/steps", People::batch(WiringAsSteps::of($exam->right())))->assertOk();
    test()->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
    test()->actingAs($exam->instructor);

    return [$exam, $attempt->refresh()];
}

it('changes a line of a mark by hand, with the reason, and takes it back', function () {
    [, $attempt] = markedWork();
    $line = $this->getJson("api/attempts/$attempt->id/mark")->json('mark.lines.0');
    $this->putJson("api/attempts/$attempt->id/mark", ['line' => $line['key'], 'points' => 0, 'why' => 'Touched a live part'])
        ->assertJsonPath('mark.lines.0.got', 0)
        ->assertJsonPath('mark.lines.0.byHand', ['was' => $line['got'], 'why' => 'Touched a live part']);
    $this->putJson("api/attempts/$attempt->id/mark", ['line' => $line['key'], 'points' => null, 'why' => 'Was another bench'])
        ->assertJsonPath('mark.lines.0.got', $line['got'])->assertJsonPath('mark.lines.0.byHand', null);

    expect(Record::query()->where('what', 'override')->pluck('why')->all())->toBe(['Touched a live part', 'Was another bench']);
});

it('changes the whole of a mark by hand, and whether it passes with it', function () {
    [, $attempt] = markedWork();
    $this->putJson("api/attempts/$attempt->id/mark", ['line' => 'total', 'points' => 5, 'why' => 'Helped by a neighbour'])
        ->assertJsonPath('mark.got', 5)->assertJsonPath('mark.passes', false)->assertJsonPath('mark.isOpen', false);
});

it('refuses points that a line has not, a line that is not there, and a change without a reason', function (array $body) {
    [, $attempt] = markedWork();
    $this->putJson("api/attempts/$attempt->id/mark", $body)->assertUnprocessable();
    expect($attempt->refresh()->overrides)->toBeNull();
})->with([
    [['line' => 'total', 'points' => 1000, 'why' => 'Very good']],
    [['line' => 'nothing', 'points' => 1, 'why' => 'Very good']],
    [['line' => 'total', 'points' => 1, 'why' => '']],
    [['line' => 'total', 'points' => -1, 'why' => 'Very bad']],
]);

it('keeps a change by hand when the work is marked again', function () {
    [, $attempt] = markedWork();
    $this->putJson("api/attempts/$attempt->id/mark", ['line' => 'total', 'points' => 7, 'why' => 'By eye'])->assertOk();
    $this->postJson("api/attempts/$attempt->id/re-mark", ['take' => true])->assertOk();
    $this->getJson("api/attempts/$attempt->id/mark")->assertJsonPath('mark.got', 7);
});

it('lets a second marker see for themselves and tells where the two differ', function () {
    [$exam, $attempt] = markedWork(['surface' => 'wall']);
    $lines = $this->getJson("api/attempts/$attempt->id/mark")->json('mark.lines');
    $items = array_column(array_filter($lines, fn (array $line) => $line['part'] === 'workmanship'), 'what');
    $first = array_fill_keys($items, true);
    $this->putJson("api/attempts/$attempt->id/observations", ['observed' => $first])->assertJsonPath('second', null);
    $got = $this->getJson("api/attempts/$attempt->id/mark")->json('mark.got');
    $second = [$items[0] => false] + $first;
    $this->putJson("api/attempts/$attempt->id/observations", ['observed' => $second, 'isSecond' => true])->assertUnprocessable();
    $other = People::user('instructor');
    $exam->classroom->sharedWith()->attach($other->id);
    $this->actingAs($other);
    $this->putJson("api/attempts/$attempt->id/observations", ['observed' => $second, 'isSecond' => true])
        ->assertJsonPath('second.differs', [$items[0]])
        ->assertJsonPath('mark.got', $got);
});

it('releases one person\'s mark, not while another still sits, and takes it back', function () {
    [$exam, $attempt] = markedWork(['minutes' => 15]);
    $exam->begun(2);
    $this->actingAs($exam->instructor)->postJson("api/attempts/$attempt->id/release")->assertUnprocessable();
    $this->postJson("api/attempts/{$exam->attempt(2)->id}/moves", ['move' => 'close'])->assertOk();
    $this->postJson("api/attempts/$attempt->id/release")->assertJsonPath('isReleased', true);
    $this->actingAs($attempt->trainee)->getJson("api/attempts/$attempt->id/mark")->assertOk()->assertJsonPath('second', null);
    $this->actingAs($exam->trainees[1])->getJson("api/attempts/{$exam->attempt(2)->id}/mark")->assertForbidden();
    $this->actingAs($exam->instructor)->deleteJson("api/attempts/$attempt->id/release")->assertJsonPath('isReleased', false);
    $this->actingAs($attempt->trainee)->getJson("api/attempts/$attempt->id/mark")->assertForbidden();
    $this->getJson("api/attempts/$attempt->id/verdict")->assertForbidden();
});

it('takes the release of a whole exam back', function () {
    [$exam, $attempt] = markedWork();
    $this->postJson("api/assignments/{$exam->assignment->id}/release")->assertOk();
    $this->deleteJson("api/assignments/{$exam->assignment->id}/release")->assertJsonPath('releasedAt', null);
    $this->actingAs($attempt->trainee)->getJson("api/attempts/$attempt->id/mark")->assertForbidden();

    expect(Record::query()->where('subject', 'assignment')->pluck('what')->all())->toBe(['release', 'take-back']);
});

it('prints the marks of a class and of one, and writes them as a table', function () {
    [$exam, $attempt] = markedWork();
    $this->postJson("api/attempts/$attempt->id/note", ['note' => 'Neat work.'])->assertJsonPath('note', 'Neat work.');
    $csv = $this->get("api/assignments/{$exam->assignment->id}/mark-sheet?as=csv")->assertOk()->getContent();
    $pdf = $this->get("api/assignments/{$exam->assignment->id}/mark-sheet?as=pdf&attempt=$attempt->id")->assertOk()->getContent();

    expect($csv)->toContain($attempt->trainee->name, 'no mark')->and(substr_count((string) $csv, "\r\n"))->toBe(4)
        ->and($pdf)->toStartWith('%PDF');
});

it('lays a class against what was set to it', function () {
    [$exam, $attempt] = markedWork();
    $grid = $this->getJson("api/mark-grid?classroom={$exam->classroom->id}")->assertOk()->json();
    $cells = array_column($grid['people'], 'cells', 'id');

    expect($grid['tasks'])->toHaveCount(1)->and($grid['people'])->toHaveCount(3)
        ->and($cells[$attempt->trainee_id][0]['got'])->toBeGreaterThan(0)
        ->and($cells[$exam->trainees[1]->id][0]['state'])->toBe('waiting');
    $this->actingAs($exam->trainees[0])->getJson("api/mark-grid?classroom={$exam->classroom->id}")->assertForbidden();
});

it('keeps what two instructors tick at once, item by item', function () {
    [, $attempt] = markedWork(['surface' => 'wall']);
    $this->putJson("api/attempts/$attempt->id/observations", ['observed' => ['tug' => true]])->assertOk();
    $this->putJson("api/attempts/$attempt->id/observations", ['observed' => ['copper' => false]])
        ->assertJsonPath('observed', ['tug' => true, 'copper' => false]);
});

it('takes a corrected marking, and marks again by it only when asked', function () {
    [$exam, $attempt] = markedWork();
    $before = $this->getJson("api/attempts/$attempt->id/mark")->json('mark.passMark');
    $this->putJson("api/assignments/{$exam->assignment->id}/marking")->assertJsonPath('changed', false);
    $marking = json_decode($exam->task->marking->json, true);
    $exam->task->marking->update(['json' => json_encode(['passMark' => 50] + $marking)]);
    $this->putJson("api/assignments/{$exam->assignment->id}/marking")->assertJsonPath('changed', true);
    $this->getJson("api/attempts/$attempt->id/mark")->assertJsonPath('mark.passMark', $before);
    $this->postJson("api/attempts/$attempt->id/re-mark", ['take' => true])->assertOk();
    expect($this->getJson("api/attempts/$attempt->id/mark")->json('mark.passMark'))->toBeLessThan($before)
        ->and(Record::query()->whereIn('what', ['marking', 're-mark'])->count())->toBe(2);
    $this->actingAs($attempt->trainee)->putJson("api/assignments/{$exam->assignment->id}/marking")->assertNotFound();
});
