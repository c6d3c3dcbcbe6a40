<?php

declare(strict_types=1);

use App\Models\BoardFile;
use Tests\Support\Exam;
use Tests\Support\People;
use Tests\Support\Tick;

it('lists boards with a small drawing, their way of wiring, and whether they are in use', function () {
    $people = new People;
    $this->actingAs($people->instructor);
    $own = $this->postJson('api/drawings', ['pattern' => 'gb-02-loop-in-at-the-rose'])->assertCreated()->json('id');
    Tick::of('learn-ways');
    $boards = collect($this->getJson('api/board-files')->assertOk()->json())->keyBy('id');
    $set = $boards[$people->assignment->board_file_id];

    expect($set['isInUse'])->toBeTrue()->and($set['scheme'])->toBe('feed-through')->and($set['isMine'])->toBeFalse()
        ->and($set['sketch']['runs'])->toHaveCount(3)->and(array_column($set['sketch']['boxes'], 'holds'))->toContain(['three-way'], ['supply'])
        ->and($boards[$own]['isInUse'])->toBeFalse()->and($boards[$own]['scheme'])->not->toBe('')
        ->and(array_merge(...array_column($boards[$own]['sketch']['boxes'], 'holds')))->toContain('rose', 'one-pole');
    $this->getJson("api/board-files/$own")->assertOk()->assertJsonPath('scheme', $boards[$own]['scheme']);
    $this->actingAs($people->trainee)->getJson("api/board-files/$own")->assertNotFound();
    $this->actingAs($people->instructor);
    // A pattern is a picture that shows where the feed comes in.
    $pattern = $this->getJson('api/patterns')->assertOk()->json('0');
    expect($pattern['sketch']['boxes'][0]['kind'])->toBe('supply');
});

it('draws small whatever a drawing has come to', function (string $json) {
    $this->actingAs($instructor = People::user('instructor'));
    BoardFile::factory()->create(['instructor_id' => $instructor->id, 'json' => $json]);

    $this->getJson('api/board-files')->assertOk()->assertJsonPath('0.scheme', null);
    Tick::of('learn-ways');
    $this->getJson('api/board-files')->assertOk()->assertJsonPath('0.scheme', '');
})->with(['{}', '[]', 'null', '{"enclosures": 4, "devices": [1], "cables": [{"from": "A"}]}', '{"enclosures": [{"id": [], "at": ["a"]}]}']);

it('renames, archives, deletes and brings back a board that nothing was set with', function () {
    $this->actingAs(People::user('instructor'));
    $id = $this->postJson('api/drawings', ['practice' => 'na'])->json('id');
    $this->patchJson("api/board-files/$id", ['title' => ' Back  stairs '])->assertOk()->assertJsonPath('title', 'Back stairs');
    $this->getJson("api/drawings/$id")->assertJsonPath('board.title', 'Back stairs')->assertJsonPath('version', 2);
    $this->patchJson("api/board-files/$id", ['archived' => true])->assertOk();
    $this->getJson('api/board-files')->assertJsonPath('0.archived', true);
    $this->patchJson("api/board-files/$id", ['title' => ''])->assertStatus(422);

    $this->deleteJson("api/board-files/$id")->assertNoContent();
    $this->getJson('api/board-files')->assertJsonCount(0);
    // Whoever has it open elsewhere is told, and nothing is written.
    $this->getJson("api/drawings/$id")->assertNotFound();
    $this->postJson("api/board-files/$id/back")->assertOk();
    $this->postJson("api/board-files/$id/back")->assertOk();
    $this->getJson('api/board-files')->assertJsonCount(1)->assertJsonPath('0.title', 'Back stairs');
});

it('deletes no board that was set or has a task', function () {
    $exam = new Exam;
    $file = BoardFile::query()->findOrFail($exam->task->board_file_id);
    $file->update(['instructor_id' => $exam->instructor->id]);
    $this->actingAs($exam->instructor)->deleteJson("api/board-files/$file->id")->assertStatus(422)
        ->assertJsonPath('message', __('messages.board-in-use'));
    $this->patchJson("api/board-files/$file->id", ['archived' => true])->assertOk();
    $this->getJson('api/tasks')->assertOk()->assertJsonCount(1);
});

it('shares a board: the other looks, sets and copies, and does not change it', function () {
    $owner = People::user('instructor');
    $people = new People;
    $this->actingAs($owner);
    $id = $this->postJson('api/drawings', ['pattern' => 'na-03-three-way-feed-through'])->json('id');
    $this->actingAs($people->instructor)->getJson("api/board-files/$id/plans")->assertNotFound();
    $this->actingAs($owner)->putJson("api/board-files/$id/instructors/{$people->instructor->id}")->assertNoContent();
    $this->putJson("api/board-files/$id/instructors/$owner->id")->assertNotFound();

    $this->actingAs($people->instructor)->getJson("api/board-files/$id/plans")->assertOk();
    expect(collect($this->getJson('api/board-files')->json())->firstWhere('id', $id)['isMine'])->toBeFalse();
    $this->postJson('api/assignments', [
        'classroom' => $people->classroom->id,
        'boardFile' => $id,
        'trainees' => [$people->trainee->id],
        'minutes' => null,
    ])->assertCreated();
    $this->postJson('api/drawings', ['copyOf' => $id])->assertCreated();
    $this->patchJson("api/board-files/$id", ['title' => 'Mine'])->assertNotFound();
    $this->deleteJson("api/board-files/$id")->assertNotFound();
    $this->actingAs($owner)->deleteJson("api/board-files/$id/instructors/{$people->instructor->id}")->assertNoContent();
    $this->actingAs($people->instructor)->getJson("api/board-files/$id/plans")->assertNotFound();
});
