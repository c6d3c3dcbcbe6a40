<?php

declare(strict_types=1);

use App\Models\BoardFile;
use App\Models\Task;
use Tests\Support\Exam;
use Tests\Support\People;
use Zwindle\Format\Read\JsonText;

/** A task as a request carries it, word for word. */
function carried(Exam $exam, string $task): Illuminate\Testing\TestResponse
{
    return test()->actingAs($exam->instructor)->call('POST', 'api/tasks', server: [
        'CONTENT_TYPE' => 'application/json',
        'HTTP_ACCEPT' => 'application/json',
    ], content: "{\"boardFile\":{$exam->task->board_file_id},\"marking\":{$exam->task->marking_id},\"task\":$task}");
}

it('keeps a file as it was sent: empty objects, spaces, empty texts and numbers', function () {
    $exam = new Exam;
    $sent = substr(Exam::json(['brief' => "  Wire it.\nNeatly.  ", 'seed' => '']), 0, -1).',"rules":{},"positions":{}}';
    $id = carried($exam, $sent)->assertCreated()->json('id');

    expect(json_decode(Task::query()->findOrFail($id)->json))->toEqual(json_decode($sent))
        ->and(Task::query()->findOrFail($id)->json)->toContain('"rules":{}');
});

it('refuses what is no file in the place of one, and keeps nothing', function (string $task) {
    $exam = new Exam;
    $before = Task::query()->count();
    $answer = carried($exam, $task)->assertStatus(422);

    expect(Task::query()->count())->toBe($before)->and((string) $answer->getContent())->not->toContain('Exception');
})->with(['[]', '[1]', '{}', '"text"', '7', 'null', '{"\u0000a": 1}', '{"format":', str_repeat('{"a":', 600).'1'.str_repeat('}', 600)]);

it('refuses a file that is too large', function () {
    $exam = new Exam;
    carried($exam, Exam::json(['brief' => str_repeat('a', JsonText::MOST_BYTES)]))->assertStatus(422);
});

it('saves a drawing with what a board file does not know, unfinished and all', function () {
    $instructor = People::user('instructor');
    $drawing = $this->actingAs($instructor)->postJson('api/drawings', ['practice' => 'na'])->assertCreated()->json();
    $board = ['note' => (object) [], 'title' => 'Shed', 'practice' => 'na', 'enclosures' => 'none yet'];
    $this->putJson("api/drawings/{$drawing['id']}", ['base' => 1, 'board' => $board])->assertExactJson(['version' => 2]);

    expect(json_decode(BoardFile::query()->findOrFail($drawing['id'])->json))->toEqual(json_decode((string) json_encode($board)));
    $this->putJson("api/drawings/{$drawing['id']}", ['base' => 2, 'board' => [...$board, 'title' => ' ']])->assertStatus(422);
    $this->putJson("api/drawings/{$drawing['id']}", ['base' => 2, 'board' => [...$board, 'practice' => 'moon']])->assertStatus(422);
    $this->putJson("api/drawings/{$drawing['id']}", ['base' => 1, 'board' => $board])->assertStatus(409)
        ->assertJsonPath('theirs.version', 2)->assertJsonMissingPath('theirs.wallParts');
});
