<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\DB;
use Tests\Support\Exam;
use Tests\Support\Files;
use Tests\Support\People;
use Tests\Support\Routes;

/*
 * Every route, asked by everybody there is: nobody (401), and each of four people who are let in or not. `in` is whatever a policy lets
 * through: an answer, or what else is wrong with an empty request. What stands in tests/Corpus/access.json was read line by line: a
 * trainee is in where the work is their own, and nowhere else; the instructor of another class only where no class is named.
 */

/** @return array<string, array<string, string>> route → who → what is answered */
function accessTable(): array
{
    return json_decode(Files::text('tests/Corpus/access.json'), true);
}

/** @return array{array<string, User|null>, array<string, int|string>} who there is, and what the routes are about */
function everybody(): array
{
    $exam = new Exam(change: ['mode' => 'coached', 'help' => ['tester', 'hints']]);
    $exam->task->boardFile->update(['instructor_id' => $exam->instructor->id]);
    $exam->task->marking->update(['instructor_id' => $exam->instructor->id]);
    $deleted = Exam::boardFile('database/demo/propagation-house/board.json');
    $deleted->update(['instructor_id' => $exam->instructor->id]);
    $deleted->delete();
    $attempt = $exam->attempt();
    $ofExam = new Exam;
    $ofExam->task->update(['instructor_id' => $exam->instructor->id]);
    $evening = test()->actingAs($exam->instructor)->postJson('api/evenings', [
        'classroom' => $exam->classroom->id, 'task' => $ofExam->task->id, 'title' => 'Tuesday', 'startsAt' => null, 'minutes' => 15,
        'changeover' => 3, 'variants' => 1, 'people' => [['trainee' => $exam->trainees[0]->id, 'extraPercent' => 0, 'notBefore' => 0]],
        'stations' => [['id' => 'T1', 'label' => 'One', 'x' => 1, 'y' => 1, 'surface' => 'screen', 'nextTo' => []]],
        'retests' => [], 'breaks' => [], 'fixed' => [],
    ])->assertCreated()->json('id');
    $drill = test()->actingAs($exam->trainees[0])->postJson('api/drills', ['kind' => 'feed', 'practice' => 'na'])->json('id');
    $photograph = DB::table('photographs')->insertGetId([
        'attempt_id' => $attempt->id, 'box' => 'B1', 'by' => $exam->trainees[0]->id, 'jpeg' => '', 'created_at' => now(), 'updated_at' => now(),
    ]);

    $late = DB::table('late_acts')->insertGetId([
        'attempt_id' => $attempt->id, 'key' => 'tablet-1', 'kind' => 'photograph', 'body' => '{"box": "B1", "jpeg": ""}', 'made_at' => now(),
        'received_at' => now(),
    ]);

    return [
        [
            'nobody' => null,
            'its trainee' => $exam->trainees[0],
            'another trainee' => $exam->trainees[1],
            'another instructor' => People::user('instructor'),
            'its instructor' => $exam->instructor,
        ],
        [
            'attempt' => $attempt->id, 'boardFile' => $exam->task->board_file_id, 'plan' => 0, 'task' => $exam->task->id,
            'marking' => $exam->task->marking_id, 'assignment' => $exam->assignment->id, 'classroom' => $exam->classroom->id,
            'trainee' => $exam->trainees[0]->id, 'other' => $exam->classroom->id, 'instructor' => People::user('instructor')->id,
            'deleted' => $deleted->id, 'step' => 1, 'evening' => $evening, 'drill' => $drill, 'photograph' => $photograph, 'late' => $late,
            'practice' => 'na', 'version' => 'today',
        ],
    ];
}

it('lets in by every route whom the table names, and nobody else', function () {
    [$people, $ids] = everybody();
    $told = [];
    foreach (Routes::all() as [$method, $uri]) {
        $path = (string) preg_replace_callback('/\{(\w+)\??\}/', fn (array $name) => (string) $ids[$name[1]], $uri);
        foreach ($people as $who => $person) {
            DB::beginTransaction();
            $this->app['auth']->forgetGuards();
            $this->flushSession();
            $asked = $person === null ? $this : $this->actingAs($person->fresh());
            $status = $asked->json($method, $path)->status();
            DB::rollBack();
            $told["$method $uri"][$who] = in_array($status, [401, 403, 404], true) ? (string) $status : ($status >= 500 ? "fault $status" : 'in');
        }
    }
    ksort($told);

    expect($told)->toBe(accessTable());
});

it('has a line for every route', function () {
    expect(array_keys(accessTable()))->toEqualCanonicalizing(array_map(fn (array $route) => implode(' ', $route), Routes::all()));
});
