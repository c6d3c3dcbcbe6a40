<?php

declare(strict_types=1);

use App\Models\Attempt;
use Illuminate\Support\Facades\Route;
use Tests\Support\People;

it('lets nobody in without signing in, by any route', function () {
    $open = ['api/session', 'health', '{screen?}', 'api/{fallbackPlaceholder}'];
    $closed = collect(Route::getRoutes()->getRoutes())->reject(fn ($route) => in_array($route->uri(), $open, true) && ! in_array(
        'DELETE',
        $route->methods(),
        true,
    ));

    expect($closed->count())->toBeGreaterThan(10);
    foreach ($closed as $route) {
        $uri = str_replace(['{attempt}', '{boardFile}', '{plan}', '{task}', '{marking}', '{assignment}', '{classroom}', '{trainee}', '{other}', '{instructor}', '{deleted}', '{step}', '{evening}', '{drill}', '{photograph}', '{late}'], '1', $route->uri());
        expect($this->json($route->methods()[0], $uri)->status())->toBe(401, "{$route->methods()[0]} $uri");
    }
});

it('answers 404 when a trainee asks for another\'s attempt', function (string $method, string $path) {
    $people = new People;
    $people->attempt->update(['handed_in_at' => now()]);

    $this->actingAs($people->neighbour)->json(
        $method,
        "api/attempts/{$people->attempt->id}$path",
        People::batch([People::land('W1.black@B1', 'S1#3')]),
    )->assertNotFound();
})->with([
    ['GET', ''], ['POST', '/steps'], ['POST', '/hand-in'], ['GET', '/verdict'], ['GET', '/path?lamp=LA&state=0'],
]);

it('answers 404 to an instructor of another class, and to an instructor who would work', function () {
    $people = new People;
    $stranger = People::user('instructor');

    $this->actingAs($stranger)->getJson("api/attempts/{$people->attempt->id}")->assertNotFound();
    $this->actingAs($people->instructor)->postJson("api/attempts/{$people->attempt->id}/hand-in")->assertNotFound();
    $this->actingAs($people->instructor)->getJson("api/attempts/{$people->attempt->id}")->assertOk();
});

it('keeps the library, the classes and the assignments from trainees', function (string $method, string $uri) {
    $people = new People;

    $this->actingAs($people->trainee)->json($method, $uri, ['classroom' => 1, 'boardFile' => 1, 'trainees' => [1]])->assertForbidden();
})->with([
    ['GET', 'api/board-files'],
    ['POST', 'api/board-files'],
    ['GET', 'api/classrooms'],
    ['GET', 'api/assignments'],
    ['POST', 'api/assignments'],
]);

it('keeps the planner from trainees, and an instructor\'s own boards from other instructors', function (string $method, string $path) {
    $people = new People;
    $file = $people->assignment->boardFile;
    $own = People::boardFile();
    $own->update(['instructor_id' => $people->instructor->id]);

    // An exam board must not be worked out in another tab.
    $this->actingAs($people->trainee)->json($method, "api/board-files/$file->id$path")->assertNotFound();
    $this->actingAs(People::user('instructor'))->json($method, "api/board-files/$own->id$path")->assertNotFound();
    $this->actingAs($people->instructor)->json($method, "api/board-files/$own->id$path")->assertSuccessful();
})->with([['GET', '/plans'], ['GET', '/plans/0'], ['GET', '/plans/0/path?lamp=LA&state=0'], ['POST', '/converted']]);

it('gives no verdict before the hand-in, to trainee or instructor', function (string $who) {
    $people = new People;

    $this->actingAs($people->{$who})->getJson("api/attempts/{$people->attempt->id}/verdict")->assertForbidden();
    $this->actingAs($people->{$who})->getJson("api/attempts/{$people->attempt->id}/path?lamp=LA&state=0")->assertForbidden();
    $summary = $this->actingAs($people->trainee)->getJson('api/attempts')->assertOk()->json('0');
    expect($summary['verdict'])->toBeNull()->and($summary['headline'])->toBeNull();
})->with(['trainee', 'instructor']);

it('sends a bench that tells only what eyes see', function () {
    $people = new People;
    $body = $this->actingAs($people->trainee)->getJson("api/attempts/{$people->attempt->id}")->assertOk()->getContent();

    foreach (['common', 'S1.t1', 'switch-3way', 'controls', 'scheme', '"model"', 'verdict'] as $secret) {
        expect($body)->not->toContain($secret);
    }
});

it('shows a trainee only their own attempts', function () {
    $people = new People;

    expect($this->actingAs($people->trainee)->getJson('api/attempts')->json())->toHaveCount(1)
        ->and($this->actingAs($people->trainee)->getJson('api/attempts')->json('0.id'))->toBe($people->attempt->id);
});

it('limits tries by name and not by address alone', function () {
    $people = new People;
    for ($i = 0; $i < 6; $i++) {
        $this->postJson('api/session', ['username' => $people->trainee->username, 'password' => 'wrong'])->assertStatus(422);
    }

    $this->postJson('api/session', ['username' => $people->trainee->username, 'password' => 'lights-on'])->assertStatus(429);
    $this->postJson('api/session', ['username' => $people->neighbour->username, 'password' => 'lights-on'])->assertOk();
});

it('signs in, tells who it is, and signs out', function () {
    $people = new People;

    $this->postJson('api/session', ['username' => strtoupper($people->trainee->username), 'password' => 'lights-on'])
        ->assertOk()
        ->assertJsonPath('user.role', 'trainee');
    $this->getJson('api/session')->assertJsonPath('user.id', $people->trainee->id);
    $this->deleteJson('api/session')->assertNoContent();
    $this->getJson('api/session')->assertJsonPath('user', null);
});

it('sends a strict content security policy with every answer', function (string $uri) {
    $policy = (string) $this->get($uri)->headers->get('Content-Security-Policy');

    expect($policy)->toContain("default-src 'none'")->toContain("frame-ancestors 'none'")->not->toContain('unsafe');
})->with(['/', '/health', '/api/session', '/api/nothing']);

it('shows its own error page and no trace', function () {
    Route::get('health/broken', fn () => throw new RuntimeException('secret detail'));
    $page = $this->get('health/broken')->assertStatus(500)->getContent();

    expect($page)->toContain('went wrong on our side')->not->toContain('secret detail')->not->toContain('vendor/');
    $this->getJson('api/nothing')->assertNotFound()->assertJsonMissingPath('trace');
});

it('gives an error a number that the log finds, and writes nothing personal into the log', function () {
    $log = storage_path('logs/zwindle-'.now()->format('Y-m-d').'.log');
    File::delete($log);
    config(['logging.default' => 'lines']);
    $people = new People;
    // A database that fails, and says the name of whoever was being renamed.
    $no = 'Tamsin Rowe is not to be written';
    DB::unprepared(DB::getDriverName() === 'sqlite'
        ? "CREATE TRIGGER broken BEFORE UPDATE ON users BEGIN SELECT RAISE(ABORT, '$no'); END"
        : "CREATE FUNCTION broken() RETURNS trigger AS \$\$ BEGIN RAISE EXCEPTION '$no'; END \$\$ LANGUAGE plpgsql;"
            .'CREATE TRIGGER broken BEFORE UPDATE ON users FOR EACH ROW EXECUTE FUNCTION broken()');
    $said = $this->actingAs($people->instructor)->patchJson("api/trainees/{$people->trainee->id}", [
        'name' => 'Tamsin Rowe', 'seen' => ['name' => $people->trainee->name, 'extraPercent' => 0],
    ])->assertStatus(500)->json();
    expect($said['number'])->toMatch('/^[A-Z2-9]{3}-[A-Z2-9]{3}$/')->and($said['message'])->toContain($said['number'])
        ->and(array_keys($said))->toBe(['message', 'number']);
    $lines = array_map(fn (string $line) => json_decode($line, true), array_filter(explode("\n", (string) file_get_contents($log))));
    $found = array_values(array_filter($lines, fn (array $line) => ($line['number'] ?? '') === $said['number']));
    expect($found)->toHaveCount(1)->and($found[0]['route'])->toBe('PATCH api/trainees/{trainee}')->and($found[0]['query'])->toContain('update')
        ->and(file_get_contents($log))->not->toContain('Tamsin', $people->trainee->name, $people->instructor->name, $people->instructor->username);
    File::delete($log);
});

it('believes a proxy that it knows, and nobody else, about HTTPS', function () {
    $forwarded = ['X-Forwarded-Proto' => 'https', 'X-Forwarded-For' => '10.9.8.7', 'X-Forwarded-Host' => 'elsewhere.example'];
    $plain = $this->get('/sign-in', $forwarded);
    expect($plain->headers->has('Strict-Transport-Security'))->toBeFalse()->and($plain->getContent())->not->toContain('https://')
        ->and($plain->headers->getCookies()[0]->isSecure())->toBeFalse();
    Illuminate\Http\Middleware\TrustProxies::at(['127.0.0.1']);
    config(['app.hsts_seconds' => 31536000]);
    $known = $this->get('/sign-in', $forwarded);
    expect($known->headers->get('Strict-Transport-Security'))->toBe('max-age=31536000')
        ->and($known->getContent())->not->toContain('elsewhere.example')->and($known->getContent())->not->toContain('src="http://')
        ->and($known->headers->getCookies()[0]->isSecure())->toBeTrue();
    Illuminate\Http\Middleware\TrustProxies::flushState();
});

it('tells instructors in words how the installation is, and nobody else', function () {
    $people = new People;
    $this->actingAs($people->trainee)->getJson('api/status')->assertNotFound();
    $lines = fn () => array_column($this->actingAs($people->instructor)->getJson('api/status')->assertOk()->json('lines'), null, 'what');
    $directory = sys_get_temp_dir().'/zwindle-status-'.getmypid();
    File::deleteDirectory($directory);
    config(['app.backups' => $directory]);
    expect($lines()['no-backup']['state'])->toBe('bad')->and($lines()['no-scheduler']['state'])->toBe('watch');
    File::ensureDirectoryExists($directory);
    touch("$directory/zwindle-20260101-000000.sqlite", time() - 3600);
    App\Care\Heartbeat::now();
    expect($lines()['backup'])->toMatchArray(['state' => 'good'])->and($lines()['backup']['text'])->toContain('1 hours old')
        ->and($lines()['scheduler']['state'])->toBe('good');
    touch("$directory/zwindle-20260101-000000.sqlite", time() - 3 * 86400);
    $this->travel(10)->minutes();
    Cache::forever('scheduler/beat', time() - 900);
    expect($lines()['backup']['state'])->toBe('bad')->and($lines()['late-scheduler']['state'])->toBe('bad');
    // Something on record comes after now: the clock was set back.
    App\Models\Record::add('x', People::user('instructor'), null);
    $this->travelBack();
    expect($lines())->toHaveKey('clock-back');
    File::deleteDirectory($directory);
});

it('says whether it is well', function () {
    $this->get('health')->assertOk()->assertJsonPath('status', 'up');
});

it('asks the database no more often for thirty trainees than for two', function () {
    $people = new People;
    $queries = function () use ($people): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->actingAs($people->instructor)->getJson('api/assignments')->assertOk();

        return count(DB::getQueryLog());
    };
    $before = $queries();
    foreach (range(1, 28) as $i) {
        Attempt::create(['assignment_id' => $people->assignment->id, 'trainee_id' => People::user('trainee')->id]);
    }

    expect($queries())->toBe($before);
});
