<?php

declare(strict_types=1);

use App\Models\Classroom;
use App\Models\Marking;
use App\Models\User;
use App\Queries\People\Roster;
use App\Services\PersonalCode;
use Illuminate\Support\Facades\Hash;
use Tests\Support\People;

/** @return list<string> names of a list, or what is wrong with a row */
function namesOf(string $bytes, array $there = []): array
{
    return array_map(
        fn (array $row) => $row['fault'] ?? $row['name'].($row['extraPercent'] === 0 ? '' : " +{$row['extraPercent']}"),
        Roster::read(Roster::decoded($bytes), array_map(fn (string $name) => ['name' => $name, 'number' => null], $there)),
    );
}

function leave(): void
{
    auth()->forgetGuards();
    session()->flush();
}

it('reads a list in any order of columns and the common encodings', function (string $bytes, array $names) {
    expect(namesOf($bytes))->toBe($names);
})->with([
    'one a line' => ["Odd Berg\n\nLi Wei \r\n", ['Odd Berg', 'Li Wei']],
    'last, first' => ["Berg, Odd\nWei, Li", ['Odd Berg', 'Li Wei']],
    'headings' => ["Extra time;Surname;First name\n25 %;Berg;Odd\n;Wei;Li\n", ['Odd Berg +25', 'Li Wei']],
    'tabs' => ["name\textra\nOdd Berg\t50\nLi Wei\t", ['Odd Berg +50', 'Li Wei']],
    'quoted' => ["Name,Group\n\"Berg, Odd\",A\n", ['Odd Berg']],
    'Windows-1252' => [mb_convert_encoding("Åse Bjørk\nRené Faß", 'Windows-1252'), ['Åse Bjørk', 'René Faß']],
    'UTF-16' => ["\xFF\xFE".mb_convert_encoding("Åse Bjørk\nНина", 'UTF-16LE'), ['Åse Bjørk', 'Нина']],
    'UTF-16, the other end first' => ["\xFE\xFF".mb_convert_encoding("Åse Bjørk\n李薇", 'UTF-16BE'), ['Åse Bjørk', '李薇']],
    'UTF-8 with a mark' => ["\u{FEFF}اسم أول\nनिशा", ['اسم أول', 'निशा']],
    'faults' => [
        "Odd Berg\n=HYPERLINK(1)\nodd berg\n4711\n".str_repeat('a', 61)."\n＝cmd",
        ['Odd Berg', 'name-formula', 'twice', 'name-odd', 'name-long', 'name-formula'],
    ],
    'an odd extra time' => ["name,extra\nOdd,much\nLi,201", ['extra-odd', 'extra-odd']],
]);

it('keeps the student number under whatever heading, and the whole name in any order of columns', function (string $text, array $people) {
    expect(array_map(
        fn (array $row) => trim("{$row['line']} {$row['name']} {$row['number']} {$row['fault']}"),
        Roster::read($text, []),
    ))->toBe($people);
})->with([
    'Student ID' => ["Student ID,Surname,First name\nA-1042,Berg,Odd\nA-1043,Wei,Li", ['2 Odd Berg A-1042', '3 Li Wei A-1043']],
    'No.' => ["First name\tNo.\tSurname\nOdd\t7\tBerg", ['2 Odd Berg 7']],
    'a heading of the college\'s own' => ["Matricule;Name\n20261;Berg, Odd\n20262;Wei, Li", ['2 Odd Berg 20261', '3 Li Wei 20262']],
    'no headings, the number first' => ["1042\tBerg\tOdd\n1043\tWei\tLi", ['1 Odd Berg 1042', '2 Li Wei 1043']],
    'no headings, the number in the middle' => ["Berg,1042,Odd\nWei,1043,Li", ['1 Odd Berg 1042', '2 Li Wei 1043']],
    'no headings, the number last' => ['Berg;Odd;1042', ['1 Odd Berg 1042']],
    'two of one name, with a number each' => ["Odd Berg\t1\nOdd Berg\t2", ['1 Odd Berg 1', '2 Odd Berg 2']],
    'two of one name, one without' => ["name,no\nOdd Berg,1\nOdd Berg,", ['2 Odd Berg 1', '3 Odd Berg  twice']],
    'one number twice for one name' => ["Odd Berg\t1\nOdd Berg\t1", ['1 Odd Berg 1', '2 Odd Berg 1 twice']],
    'lines as in the source, empty ones counted' => ["Odd Berg\n\n\n=cmd", ['1 Odd Berg', '4 =cmd  name-formula']],
    'a number that a spreadsheet would take for a formula' => ["name,number\nOdd Berg,=1+1", ['2 Odd Berg =1+1 number-odd']],
]);

it('makes a short name to sign in with, in small letters and without commas', function (string $name, string $short) {
    expect(App\Services\PersonName::toSignIn($name))->toBe($short);
})->with([
    ['Odd Berg', 'odd berg'], ['Berg, Odd', 'berg odd'], ['María José Carmen de la Cruz Hernández', 'maría hernández'],
    ['Featherstonehaugh-Cholmondeley, Wolfeschlegelstein', 'featherston wolfeschleg'], ['李薇', '李薇'],
]);

it('tells who is in the class already', function () {
    expect(namesOf("Odd Berg\nLi Wei", ['odd berg']))->toBe(['in-class', 'Li Wei']);
});

it('takes a class of 22 from a pasted list to slips that open the door', function () {
    $this->actingAs($instructor = People::user('instructor'));
    $class = $this->postJson('api/classrooms', ['name' => ' Monday,  second year '])->assertCreated()->json();
    $names = array_map(fn (int $i) => 'Person '.chr(65 + $i).' Known', range(0, 21));
    $rows = $this->postJson("api/classrooms/{$class['id']}/roster", ['text' => implode("\n", $names)])->assertOk()->json('rows');
    expect($class['name'])->toBe('Monday, second year')->and(array_column($rows, 'name'))->toBe($names)
        ->and(array_filter(array_column($rows, 'fault')))->toBe([])->and(User::query()->where('role', 'trainee')->count())->toBe(0);

    $slips = $this->postJson("api/classrooms/{$class['id']}/trainees", ['trainees' => array_map(
        fn (array $row) => ['name' => $row['name'], 'extraPercent' => $row['extraPercent']],
        $rows,
    )])->assertCreated()->json('slips');
    $stored = User::query()->findOrFail($slips[0]['id']);

    expect($slips)->toHaveCount(22)->and(array_unique(array_column($slips, 'code')))->toHaveCount(22)
        ->and($slips[0]['code'])->toMatch('/^[CDFHJKMNPRTVWXY34679]{6}$/')
        ->and($stored->password)->not->toContain($slips[0]['code'])->and(Hash::check($slips[0]['code'], $stored->password))->toBeTrue()
        ->and($this->getJson('api/classrooms')->json('0.trainees'))->toHaveCount(22)
        ->and(json_encode($this->getJson('api/classrooms')->json()))->not->toContain($slips[0]['code']);
    $typed = strtolower(substr($slips[0]['code'], 0, 3).' '.substr($slips[0]['code'], 3));
    $this->postJson('api/session', ['username' => '  PERSON a   known', 'password' => $typed])->assertOk()->assertJsonPath('user.id', $slips[0]['id']);
});

it('takes a list whole or not at all', function () {
    $people = new People;
    $this->actingAs($people->instructor);
    $uri = "api/classrooms/{$people->classroom->id}";
    $before = User::query()->count();

    $this->postJson("$uri/trainees", ['trainees' => [['name' => 'Odd Berg'], ['name' => '=SUM(A1)']]])->assertStatus(422);
    $this->postJson("$uri/trainees", ['trainees' => [['name' => 'Odd Berg'], ['name' => 'ODD berg']]])->assertStatus(422);
    $this->postJson("$uri/trainees", ['trainees' => [['name' => $people->trainee->name]]])->assertStatus(422);
    $many = implode("\n", array_map(fn (int $i) => 'Name '.str_repeat('a', intdiv($i, 26) % 50).chr(97 + $i % 26), range(1, 5000)));
    $this->postJson("$uri/roster", ['text' => $many])->assertStatus(422)->assertJsonFragment(['message' => __('people.list-rows', ['most' => 100, 'there' => 5000])]);
    $this->postJson("$uri/roster", ['text' => " \n,;"])->assertStatus(422)->assertJsonFragment(['message' => __('people.list-empty')]);
    $this->postJson("$uri/roster", ['base64' => base64_encode("\xFF\xFE".mb_convert_encoding("Åse\n", 'UTF-16LE'))])->assertJsonPath('rows.0.name', 'Åse');

    expect(User::query()->count())->toBe($before)->and($people->classroom->trainees()->count())->toBe(2);
});

it('gives people of one name a name each to sign in with', function () {
    $people = new People;
    $other = Classroom::factory()->create(['instructor_id' => $people->instructor->id]);
    $this->actingAs($people->instructor);
    $first = $this->postJson("api/classrooms/{$people->classroom->id}/trainees", ['trainees' => [['name' => 'Odd Berg']]])->json('slips.0');
    $second = $this->postJson("api/classrooms/$other->id/trainees", ['trainees' => [['name' => 'Odd Berg']]])->json('slips.0');

    expect([$first['username'], $second['username']])->toBe(['odd berg', 'odd berg 2']);
});

it('renames, allows extra time, moves and removes, and loses no work', function () {
    $people = new People(minutes: 20);
    $other = Classroom::factory()->create(['instructor_id' => $people->instructor->id]);
    $this->actingAs($people->instructor);
    $seen = ['name' => $people->trainee->name, 'extraPercent' => 0];
    $uri = "api/trainees/{$people->trainee->id}";

    $this->patchJson($uri, ['seen' => $seen, 'name' => 'Odd Berg', 'extraPercent' => 25])->assertOk()->assertJson(['username' => 'odd berg']);
    expect($people->attempt->refresh()->minutes())->toBe(25);
    // Only its letters change: nobody is in their own way.
    $this->patchJson($uri, ['seen' => ['name' => 'Odd Berg', 'extraPercent' => 25], 'name' => 'ODD Berg'])->assertJson(['username' => 'odd berg']);
    $this->patchJson($uri, ['seen' => ['name' => 'ODD Berg', 'extraPercent' => 25], 'name' => 'Odd Berg'])->assertOk();
    // Somebody else saw it as it was before.
    $this->patchJson($uri, ['seen' => $seen, 'name' => 'Od Berg'])->assertStatus(409)->assertJsonPath(
        'message',
        __('people.changed-elsewhere', ['name' => 'Odd Berg', 'extra' => 25]),
    );
    $this->patchJson($uri, ['seen' => ['name' => 'Odd Berg', 'extraPercent' => 25], 'name' => '@cmd'])->assertStatus(422);
    // Under way, the time stays as it was.
    $people->attempt->update(['started_at' => now()]);
    $this->patchJson($uri, ['seen' => ['name' => 'Odd Berg', 'extraPercent' => 25], 'extraPercent' => 50])->assertOk();
    expect($people->attempt->refresh()->minutes())->toBe(25)->and(round($people->attempt->started_at->diffInSeconds($people->attempt->dueAt())))->toBe(1500.0);

    $this->putJson("api/classrooms/{$people->classroom->id}/trainees/{$people->trainee->id}/to/$other->id")->assertNoContent();
    expect($people->classroom->trainees()->pluck('users.id')->all())->toBe([$people->neighbour->id])
        ->and($other->trainees()->pluck('users.id')->all())->toBe([$people->trainee->id])
        ->and($people->assignment->attempts()->count())->toBe(2);
    $this->deleteJson("api/classrooms/$other->id/trainees/{$people->trainee->id}")->assertNoContent();
    $this->putJson("api/classrooms/$other->id/trainees/{$people->trainee->id}/to/$other->id")->assertNoContent();
    expect($other->trainees()->count())->toBe(1);
    $this->deleteJson("api/classrooms/$other->id/trainees/{$people->trainee->id}")->assertNoContent();
    $this->postJson('api/assignments', [
        'classroom' => $other->id,
        'boardFile' => $people->assignment->board_file_id,
        'trainees' => [$people->trainee->id],
        'minutes' => null,
    ])->assertStatus(422);
    expect($other->trainees()->count())->toBe(0)->and($people->attempt->refresh()->trainee_id)->toBe($people->trainee->id);
});

it('resets a code: the old one opens nothing any more', function () {
    $people = new People;
    $people->trainee->update(['password' => PersonalCode::hash('CDFHJK')]);
    $slip = $this->actingAs($people->instructor)->postJson("api/trainees/{$people->trainee->id}/code")->assertCreated()->json();
    leave();

    $this->postJson('api/session', ['username' => $slip['username'], 'password' => 'cdfhjk'])->assertStatus(422);
    $this->postJson('api/session', ['username' => $slip['username'], 'password' => $slip['code']])->assertOk();
});

it('ends the sessions that an old code has opened', function () {
    $people = new People;
    $this->actingAs($people->trainee)->getJson('api/attempts')->assertOk();
    $people->trainee->fresh()->update(['password' => PersonalCode::hash('CDFHJK')]);
    auth()->forgetGuards();
    auth()->setUser($people->trainee->fresh());
    $this->getJson('api/attempts')->assertUnauthorized();
});

it('shares a class with another instructor, and archives it', function () {
    $people = new People;
    $other = People::user('instructor');
    $uri = "api/classrooms/{$people->classroom->id}";
    $this->actingAs($other)->getJson("api/assignments/{$people->assignment->id}")->assertNotFound();
    $this->actingAs($people->instructor)->putJson("$uri/instructors/$other->id")->assertNoContent();
    $this->putJson("$uri/instructors/{$people->trainee->id}")->assertNotFound();
    $this->actingAs($other)->getJson("api/assignments/{$people->assignment->id}")->assertOk();
    $this->getJson('api/classrooms')->assertJsonPath('0.isMine', false)->assertJsonPath('0.sharedWith.0.id', $other->id);
    $this->getJson("api/attempts/{$people->attempt->id}")->assertOk();
    // It is not theirs to share on.
    $this->deleteJson("$uri/instructors/$other->id")->assertNotFound();
    $this->patchJson($uri, ['archived' => true])->assertOk()->assertJsonPath('archived', true);
    $this->getJson('api/assignments')->assertJsonCount(0);
    $this->patchJson($uri, ['archived' => false, 'name' => 'Back again'])->assertOk()->assertJsonPath('name', 'Back again');
    $this->getJson('api/assignments')->assertJsonCount(1);
    $this->actingAs($people->instructor)->deleteJson("$uri/instructors/$other->id")->assertNoContent();
    $this->actingAs($other)->getJson("api/assignments/{$people->assignment->id}")->assertNotFound();
});

it('invites an instructor, who changes the password', function () {
    $this->actingAs(People::user('instructor'));
    $slip = $this->postJson('api/instructors', ['name' => 'Edda Rowan'])->assertCreated()->json();
    expect($this->getJson('api/instructors')->json('*.name'))->toContain('Edda Rowan');
    leave();
    $this->postJson('api/session', ['username' => $slip['username'], 'password' => $slip['code']])->assertOk()->assertJsonPath('isPasswordOwn', false);

    $this->putJson('api/password', ['current' => 'wrong', 'password' => 'a longer one'])->assertStatus(422);
    $this->putJson('api/password', ['current' => $slip['code'], 'password' => 'short'])->assertStatus(422);
    $this->putJson('api/password', ['current' => $slip['code'], 'password' => $slip['code']])->assertStatus(422);
    $this->putJson('api/password', ['current' => $slip['code'], 'password' => 'a longer one'])->assertNoContent();
    $this->getJson('api/session')->assertJsonPath('isPasswordOwn', true);
});

it('lets nobody but those who teach a class touch its people', function (string $method, string $path, array $body) {
    $people = new People;
    $uri = str_replace(['{c}', '{t}', '{i}'], [
        (string) $people->classroom->id,
        (string) $people->trainee->id,
        (string) $people->instructor->id,
    ], "api/$path");

    expect($this->actingAs(People::user('instructor'))->json($method, $uri, $body)->status())->toBe(404)
        ->and($this->actingAs($people->trainee)->json($method, $uri, $body)->status())->toBeIn([403, 404]);
})->with([
    ['PATCH', 'classrooms/{c}', ['name' => 'Mine']],
    ['POST', 'classrooms/{c}/roster', ['text' => 'Odd']],
    ['POST', 'classrooms/{c}/trainees', ['trainees' => [['name' => 'Odd']]]],
    ['DELETE', 'classrooms/{c}/trainees/{t}', []],
    ['PUT', 'classrooms/{c}/trainees/{t}/to/{c}', []],
    ['PUT', 'classrooms/{c}/instructors/{i}', []],
    ['DELETE', 'classrooms/{c}/instructors/{i}', []],
    ['PATCH', 'trainees/{t}', ['seen' => ['name' => 'a', 'extraPercent' => 0], 'name' => 'Odd']],
    ['POST', 'trainees/{t}/code', []],
]);

it('keeps instructors and their passwords from trainees', function (string $method, string $path, array $body) {
    $this->actingAs((new People)->trainee)->json($method, "api/$path", $body)->assertForbidden();
})->with([
    ['POST', 'classrooms', ['name' => 'Mine']],
    ['GET', 'instructors', []],
    ['POST', 'instructors', ['name' => 'Me']],
    ['PUT', 'password', ['current' => 'password', 'password' => 'another password']],
]);

it('makes the first account of an installation without demo data', function () {
    $this->artisan('zwindle:instructor', ['name' => 'Edda Rowan', '--password' => 'ten letters'])->assertExitCode(0)
        ->expectsOutputToContain('edda rowan');
    $this->artisan('zwindle:instructor', ['name' => '=1+1'])->assertExitCode(2);
    $this->artisan('zwindle:instructor', ['name' => 'Edda Rowan', '--password' => 'short'])->assertExitCode(2);
    expect(Marking::query()->count())->toBe(3);
    $this->postJson('api/session', ['username' => 'Edda Rowan', 'password' => 'ten letters'])->assertOk()
        ->assertJsonPath('user.role', 'instructor');
    $this->getJson('api/assignments')->assertOk()->assertJsonCount(0);
    // A forgotten password: the same name again.
    $this->artisan('zwindle:instructor', ['name' => 'Edda Rowan'])->assertExitCode(0)->expectsOutputToContain('to be changed');
    expect(User::query()->where('role', 'instructor')->count())->toBe(1)->and(Marking::query()->count())->toBe(3);
});
