<?php

declare(strict_types=1);

use App\Paper\Drawn\BoardSvg;
use App\Shapes\Classes\CsvTable;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Tests\Support\Exam;
use Tests\Support\Files;
use Tests\Support\People;
use Zwindle\Format\Read\BoardReader;
use Zwindle\Plan\Planner;
use Zwindle\Problem\Problems;

/*
 * The usual attacks on a web application, one by one. What has a file of its own is named in docs/asvs.md: another's work
 * (RoutesAndRolesTest), uploads (PhotographsTest), spraying and guessing (SignInPaceTest), replays of codes (SignInTest) and of steps
 * (StepsTest), forged requests (tests/Outside/LiveServerTest.php).
 */

const SCRIPT = '<script>alert(1)</script><img src=x onerror=alert(1)>';

it('gives a new session to whoever signs in: one that was put on a browser before opens nothing', function () {
    $person = People::user('trainee');
    $person->update(['password' => 'lights-on-11']);
    $this->getJson('api/session')->assertOk();
    $planted = session()->getId();
    $this->postJson('api/session', ['username' => $person->username, 'password' => 'lights-on-11'])->assertOk();

    expect(session()->getId())->not->toBe($planted);
});

/** Asks past the contract that the other tests are held to: what is sent here no page of the product sends. */
function askBeside(string $method, string $path, array $body): mixed
{
    $request = Request::create("/api/$path", $method, server: [
        'CONTENT_TYPE' => 'application/json',
        'HTTP_ACCEPT' => 'application/json',
    ], content: (string) json_encode($body));

    return json_decode((string) app(Kernel::class)->handle($request)->getContent(), true);
}

it('lets nobody make themselves an instructor, or work another\'s', function () {
    $people = new People;
    $stranger = People::user('instructor');
    $this->actingAs($people->instructor);
    askBeside('PATCH', "trainees/{$people->trainee->id}", [
        'seen' => ['name' => $people->trainee->name, 'extraPercent' => 0], 'name' => 'Quill', 'role' => 'instructor', 'password' => 'x', 'id' => 1,
    ]);
    $made = askBeside('POST', 'classrooms', ['name' => 'Mine', 'instructor_id' => $stranger->id, 'id' => 9999])['id'];
    $step = People::batch([People::land('W1.black@B1', 'S1#3')]);
    $this->actingAs($people->trainee);
    askBeside('POST', "attempts/{$people->attempt->id}/steps", [
        ...$step, 'verdict' => 'right', 'trainee_id' => $stranger->id, 'handed_in_at' => '2020-01-01',
    ]);

    expect($people->trainee->refresh()->only(['role', 'name']))->toBe(['role' => 'trainee', 'name' => 'Quill'])->and($made)->not->toBe(9999)
        ->and(App\Models\Classroom::query()->find($made)?->instructor_id)->toBe($people->instructor->id)
        ->and($people->attempt->refresh()->only(['verdict', 'trainee_id', 'handed_in_at']))
        ->toBe(['verdict' => null, 'trainee_id' => $people->trainee->id, 'handed_in_at' => null]);
});

it('gives out what was typed as text, in every free-text field', function () {
    $exam = new Exam;
    $this->actingAs($exam->instructor);
    $exam->trainees[0]->update(['name' => SCRIPT]);
    $exam->classroom->update(['name' => SCRIPT]);
    $exam->task->boardFile->update(['title' => SCRIPT, 'brief' => SCRIPT, 'instructor_id' => $exam->instructor->id]);
    $exam->attempt()->update(['note' => SCRIPT]);
    $paths = [
        'api/classrooms', 'api/board-files', "api/assignments/{$exam->assignment->id}", 'api/tonight',
        "api/board-files/{$exam->task->board_file_id}/plans", "api/assignments/{$exam->assignment->id}/marks",
    ];
    foreach ($paths as $path) {
        $answer = $this->getJson($path)->assertOk();
        expect($answer->headers->get('Content-Type'))->toStartWith('application/json')
            ->and($answer->headers->get('X-Content-Type-Options'))->toBe('nosniff');
    }
    $pages = $this->getJson("api/board-files/{$exam->task->board_file_id}/plans/0/pages")->json('pages');
    foreach ($pages as $page) {
        expect($page['html'])->not->toContain('<script', '<img src=x', 'onerror=alert(1)>');
    }
    // Nothing that is served runs a script which stands in a page.
    expect((string) $this->get('/tonight')->headers->get('Content-Security-Policy'))->toContain("script-src 'self'")->not->toContain("'unsafe-inline' 'self'");
});

it('draws what was typed as text', function () {
    $json = str_replace('Gate post', 'Gate <script>alert(1)<\/script>&quot;', Files::text('database/demo/propagation-house/board.json'));
    $board = BoardReader::read($json, new Problems);
    $svg = BoardSvg::of(Planner::plan($board)->plans[0], false)->file();

    expect($svg)->not->toContain('<script')->and($svg)->toContain('&lt;script&gt;')->and(simplexml_load_string($svg))->not->toBeFalse();
});

it('fetches nothing for a page, whatever its texts name', function () {
    $exam = new Exam;
    $listening = stream_socket_server('tcp://127.0.0.1:0');
    $address = stream_socket_get_name($listening, false);
    $exam->task->boardFile->update([
        'brief' => "<img src=\"http://$address/x.png\"><link rel=stylesheet href=\"file:///etc/passwd\">",
        'instructor_id' => $exam->instructor->id,
    ]);
    $pdf = $this->actingAs($exam->instructor)->get("api/board-files/{$exam->task->board_file_id}/plans/0/paper?pages=task")->assertOk()->getContent();

    expect($pdf)->toStartWith('%PDF')->not->toContain('root:')->and(@stream_socket_accept($listening, 0))->toBeFalse('nobody called');
});

it('writes no formula into a table', function (string $cell) {
    expect(CsvTable::of(['a'], [[$cell]]))->toContain("\"'")->and(explode("\r\n", CsvTable::of(['a'], [[$cell]]))[1])->not->toStartWith("\"$cell");
})->with(['=1+1', '+1', '-1', '@SUM(A1)', "\t=1", ' =1', '＝1']);

it('takes as long to say no to a name that nobody has as to one that somebody has', function () {
    config(['app.sign_in_ms' => 120]);
    $trainee = People::user('trainee');
    $took = function (string $name): float {
        $from = hrtime(true);
        $this->postJson('api/session', ['username' => $name, 'password' => 'wrong-one-11'])->assertStatus(422);

        return (hrtime(true) - $from) / 1e6;
    };

    // Whatever the check of the password itself takes, nobody is told before the same time is over.
    expect([$took($trainee->username) >= 120, $took('nobody-at-all') >= 120, $took(People::user('instructor')->username) >= 120])
        ->toBe([true, true, true]);
});

it('believes no host that a request names', function () {
    $answer = $this->withHeader('Host', 'evil.example')->get('/tonight');
    $asked = $this->withHeader('Host', 'evil.example')->getJson('api/attempts');

    expect((string) $answer->getContent())->not->toContain('evil.example')->and((string) $asked->headers->get('Location'))->not->toContain('evil')
        ->and(json_encode($asked->json()))->not->toContain('evil');
});

it('leads nowhere else after signing in', function (string $wish) {
    $person = People::user('trainee');
    $person->update(['password' => 'lights-on-11']);
    $answer = $this->postJson("api/session?next=$wish&redirect=$wish&to=$wish", ['username' => $person->username, 'password' => 'lights-on-11', 'next' => $wish]);

    expect($answer->status())->toBe(200)->and($answer->headers->get('Location'))->toBeNull()->and(json_encode($answer->json()))->not->toContain('evil');
})->with(['https://evil.example', '//evil.example', 'javascript:alert(1)']);

it('bounds what one person may ask in a minute, and nobody else for it', function () {
    [$one, $other] = [People::user('trainee'), People::user('trainee')];
    $this->actingAs($one);
    for ($i = 0; $i < 900; $i++) {
        $this->getJson('api/session');
    }

    $this->getJson('api/session')->assertStatus(429);
    $this->actingAs($other)->getJson('api/session')->assertOk();
});

it('lets no browser keep an answer', function () {
    $people = new People;
    $answer = $this->actingAs($people->trainee)->getJson("api/attempts/{$people->attempt->id}")->assertOk();

    expect((string) $answer->headers->get('Cache-Control'))->toContain('no-store');
});

it('invites two of one name, each with a name of their own to sign in with', function () {
    $this->actingAs(People::user('instructor'));
    $names = array_map(fn () => $this->postJson('api/instructors', ['name' => 'Tuesday Lane'])->assertCreated()->json('username'), [1, 2]);

    expect(array_unique($names))->toHaveCount(2);
});
