<?php

declare(strict_types=1);

use App\Care\Backup;
use App\Care\DataCheck;
use App\Care\StorageFault;
use App\Models\Record;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Tests\Support\Exam;
use Tests\Support\People;

/** A directory of its own, gone afterwards. */
function careDirectory(): string
{
    $directory = sys_get_temp_dir().'/zwindle-care-'.getmypid();
    File::deleteDirectory($directory);
    File::ensureDirectoryExists($directory);

    return $directory;
}

/** @return list<list<mixed>> everything that a database holds, table by table */
function everythingIn(PDO $pdo): array
{
    $all = [];
    $tables = $pdo->query("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY name")->fetchAll(PDO::FETCH_COLUMN);
    foreach ($tables as $table) {
        $all[] = [$table, ...$pdo->query("SELECT * FROM \"$table\" ORDER BY rowid")->fetchAll(PDO::FETCH_ASSOC)];
    }

    return $all;
}

/** Runs a command of the application as a process of its own, on a database file. */
function onFile(string $database, string ...$command): array
{
    $process = new Symfony\Component\Process\Process(
        ['php', base_path('artisan'), ...$command],
        env: ['DB_CONNECTION' => 'sqlite', 'DB_DATABASE' => $database, 'APP_ENV' => 'testing', 'APP_KEY' => config('app.key'), 'LOG_CHANNEL' => 'null'],
        timeout: 120,
    );
    $process->run();

    return [$process->getExitCode(), $process->getOutput().$process->getErrorOutput()];
}

it('copies a database while it is in use, rotates, and restores it whole into an empty installation', function () {
    $directory = careDirectory();
    $live = "$directory/live.sqlite";
    touch($live);
    expect(onFile($live, 'migrate', '--seed', '--force', '--quiet')[0])->toBe(0);
    // Somebody is writing: an open transaction keeps nothing back and is not in the copy.
    $writer = new PDO("sqlite:$live");
    $writer->exec("PRAGMA busy_timeout = 5000; BEGIN IMMEDIATE; UPDATE users SET name = 'half way'");
    $paths = [];
    for ($i = 0; $i < 3; $i++) {
        [$status, $said] = onFile($live, 'zwindle:backup', "--to=$directory/copies", '--keep=2');
        expect($status)->toBe(0, $said);
        $paths[] = trim($said);
    }
    $writer->exec('ROLLBACK');
    expect(Backup::all("$directory/copies"))->toHaveCount(2)->and(is_file($paths[0]))->toBeFalse()
        ->and(fileperms($paths[2]) & 0777)->toBe(0600);

    $empty = "$directory/empty.sqlite";
    [$status, $said] = onFile($empty, 'zwindle:restore', $paths[2], '--yes');
    expect($status)->toBe(0, $said)
        ->and(everythingIn(new PDO("sqlite:$empty")))->toBe(everythingIn(new PDO("sqlite:$live")));
    // What stood there is kept.
    [$status, $said] = onFile($empty, 'zwindle:restore', $paths[1], '--yes');
    expect($status)->toBe(0, $said)->and($said)->toContain('.before-')->and(glob("$empty.before-*"))->not->toBe([]);
    File::deleteDirectory($directory);
});

it('takes no damaged file and no other database for a copy', function () {
    $directory = careDirectory();
    file_put_contents("$directory/text.sqlite", 'no database');
    (new PDO("sqlite:$directory/other.sqlite"))->exec('CREATE TABLE birds (id)');
    $live = "$directory/live.sqlite";
    touch($live);
    onFile($live, 'migrate', '--force', '--quiet');
    copy($live, "$directory/torn.sqlite");
    $torn = fopen("$directory/torn.sqlite", 'r+');
    fseek($torn, 4096);
    fwrite($torn, str_repeat("\xAA", 8192));
    fclose($torn);
    $before = hash_file('sha256', $live);
    foreach (['text', 'other', 'torn', 'missing'] as $bad) {
        [$status, $said] = onFile($live, 'zwindle:restore', "$directory/$bad.sqlite", '--yes');
        expect($status)->not->toBe(0)->and($said)->not->toContain('Stack trace');
    }
    expect(hash_file('sha256', $live))->toBe($before);
    File::deleteDirectory($directory);
});

it('chains the record: what is changed, taken out or added behind its back shows', function () {
    $exam = new Exam;
    foreach (['one', 'two', 'three'] as $what) {
        Record::add($what, $exam->assignment, $exam->instructor, to: ['n' => $what], why: "because $what");
    }
    expect(DataCheck::faults())->toBe([])->and(Record::brokenAt())->toBeNull();
    $this->artisan('zwindle:check-data')->expectsOutputToContain('All is whole')->assertExitCode(0);
    $ids = Record::query()->orderBy('id')->pluck('id')->all();
    App\Care\RecordGuard::lift();
    $rows = DB::table('records')->get();
    $again = function () use ($rows): void {
        DB::table('records')->delete();
        foreach ($rows as $row) {
            DB::table('records')->insert((array) $row);
        }
    };
    DB::table('records')->where('id', $ids[count($ids) - 2])->update(['why' => 'another reason']);
    expect(Record::brokenAt())->toBe($ids[count($ids) - 2]);
    $this->artisan('zwindle:check-data')->assertExitCode(1);
    $again();
    DB::table('records')->where('id', end($ids))->delete();
    expect(Record::brokenAt())->not->toBeNull();
    $again();
    DB::table('records')->where('id', $ids[0])->delete();
    expect(Record::brokenAt())->not->toBeNull();
    $again();
    expect(Record::brokenAt())->toBeNull();
});

it('names a judgement that is gone and one that cannot be read', function () {
    $exam = new Exam;
    $attempt = $exam->attempt();
    DB::table('judgements')->insert([
        'attempt_id' => $attempt->id, 'try' => 1, 'origin' => 'hand-in', 'rules' => 1, 'engine' => 1, 'verdict' => 'pass',
        'headline' => '', 'page' => '{"cut', 'mark' => null, 'created_at' => now(),
    ]);
    expect(implode(' ', DataCheck::faults()))->toContain('cannot be read');
});

it('gives out all that is kept about a person, and blanks the person, not the mark', function () {
    $exam = new Exam(change: ['mode' => 'coached']);
    $person = $exam->trainees[0];
    $person->update(['name' => 'Tamsin Rowe', 'username' => 'tamsin-rowe']);
    $attempt = $exam->attempt();
    $this->actingAs($person)->postJson("api/attempts/$attempt->id/begin");
    $this->postJson("api/attempts/$attempt->id/hand-in")->assertNoContent();
    $this->postJson('api/drills', ['kind' => 'feed', 'practice' => 'na'])->assertSuccessful();
    $attempt->refresh()->update(['note' => 'Tamsin works neatly']);

    Illuminate\Support\Facades\Artisan::call('zwindle:export-person', ['username' => 'tamsin-rowe']);
    $out = Illuminate\Support\Facades\Artisan::output();
    $told = json_decode($out, true);
    expect($told['person']['name'])->toBe('Tamsin Rowe')->and($told['attempts'])->toHaveCount(1)->and($told['judgements'])->toHaveCount(1)
        ->and($told['drills'])->toHaveCount(1)->and($told['classes'])->toBe(['Exam class'])->and($out)->not->toContain($person->password);

    $this->artisan('zwindle:erase-person', ['username' => 'nobody', '--yes' => true])->assertExitCode(2);
    $this->artisan('zwindle:erase-person', ['username' => 'tamsin-rowe', '--yes' => true])->assertExitCode(0);
    $all = json_encode(DB::table('users')->get()).json_encode(DB::table('attempts')->get()).json_encode(DB::table('records')->get());
    expect($all)->not->toContain('Tamsin', 'tamsin')->and($attempt->refresh()->verdict)->not->toBeNull()
        ->and(DB::table('judgements')->count())->toBe(1)->and(DataCheck::faults())->toBe([]);
    $this->withSession(['epoch' => 0])->actingAs($person->refresh())->getJson('api/attempts')->assertUnauthorized();
});

it('serves the demo to a network only where it is told to, and says what else there is', function () {
    $start = new Symfony\Component\Process\Process(['bash', base_path('bin/demo'), '--host', '0.0.0.0', '--port', '1']);
    $start->run();
    expect($start->getExitCode())->toBe(1)->and($start->getErrorOutput())->toContain('--open-demo', '--empty');
});

it('writes the files of an installation with nothing left to fill in, and keeps the key to itself', function () {
    $directory = careDirectory();
    File::ensureDirectoryExists("$directory/tls");
    File::put("$directory/tls/key.pem", 'a key of the college');
    $install = new Symfony\Component\Process\Process(
        ['bash', base_path('deploy/install'), '--only-files', "$directory/etc"],
        env: ['ZWINDLE_TLS' => "$directory/tls", 'ZWINDLE_ROOT' => '/opt/zwindle'],
    );
    $install->run();
    expect($install->getExitCode())->toBe(0, $install->getErrorOutput());
    $written = collect(File::allFiles("$directory/etc"))->mapWithKeys(fn ($file) => [$file->getRelativePathname() => $file->getContents()]);
    expect($written->keys()->sort()->values()->all())->toBe([
        'logrotate.d/zwindle', 'nginx/sites-available/zwindle', 'systemd/system/zwindle-scheduler.service', 'systemd/system/zwindle.service',
        'zwindle/php-fpm.conf', 'zwindle/php/zwindle.ini',
    ]);
    foreach ($written as $text) {
        expect($text)->not->toMatch('/@[A-Z]+@/');
    }
    expect($written['nginx/sites-available/zwindle'])->toContain('root /opt/zwindle/public;', 'ssl_protocols TLSv1.2 TLSv1.3;')
        ->and(File::get("$directory/tls/key.pem"))->toBe('a key of the college')
        ->and(fileperms("$directory/tls") & 0777)->toBe(0700);
    File::deleteDirectory($directory);
});

it('says in words why it cannot write, and takes the same step when it can again', function () {
    $people = new People;
    $step = People::batch([People::land('W1.black@B1', 'S1#3')]);
    $path = "api/attempts/{$people->attempt->id}/steps";
    $this->actingAs($people->trainee);
    DB::getDriverName() === 'sqlite' || $this->markTestSkipped('There is another way to forbid writing there.');
    DB::statement('PRAGMA query_only = ON');
    $refused = $this->postJson($path, $step);
    DB::statement('PRAGMA query_only = OFF');

    $refused->assertStatus(503)->assertHeader('Retry-After', '5')->assertJsonPath('number', fn (string $number) => strlen($number) === 7);
    expect($refused->json('message'))->toContain('not allowed to write its data', 'kept here until it can');
    $this->postJson($path, $step)->assertOk();
});

it('tells a full disk, a lock and a file that is gone from a fault of its own', function (array $error, ?string $kind) {
    $fault = new PDOException('no');
    $fault->errorInfo = $error;

    expect(StorageFault::of($fault, sys_get_temp_dir()))->toBe($kind);
})->with([
    'SQLITE_FULL' => [['HY000', 13, 'full'], 'full'],
    'SQLITE_BUSY_SNAPSHOT' => [['HY000', 517, 'busy'], 'locked'],
    'SQLITE_CANTOPEN' => [['HY000', 14, 'cannot open'], 'cannot-write'],
    'SQLITE_CONSTRAINT' => [['23000', 19, 'unique'], null],
    'SQLITE_ERROR' => [['HY000', 1, 'no such table'], null],
    'disk_full' => [['53100', 7, 'no space'], 'full'],
]);

it('exports everything in open formats, imports it into an empty installation, and exports the same bytes again', function () {
    $directory = careDirectory();
    $live = "$directory/live.sqlite";
    touch($live);
    expect(onFile($live, 'migrate', '--seed', '--force', '--quiet')[0])->toBe(0);
    // A picture is no text.
    (new PDO("sqlite:$live"))->exec("INSERT INTO photographs (attempt_id, by, box, jpeg, created_at, updated_at)
        SELECT id, trainee_id, 'B1', x'FFD8FF00FE', '2026-01-01 10:00:00', '2026-01-01 10:00:00' FROM attempts LIMIT 1");
    [$status, $said] = onFile($live, 'zwindle:export', "$directory/first.zip");
    expect($status)->toBe(0, $said)->and(fileperms("$directory/first.zip") & 0777)->toBe(0600)
        ->and(glob("$directory/*.part"))->toBe([]);
    // Where it cannot be written nothing is left lying about.
    expect(onFile($live, 'zwindle:export', "$directory/nowhere/first.zip")[0])->toBe(1)->and(glob("$directory/**/*.part"))->toBe([]);

    $empty = "$directory/empty.sqlite";
    touch($empty);
    expect(onFile($empty, 'migrate', '--force', '--quiet')[0])->toBe(0);
    [$status, $said] = onFile($empty, 'zwindle:import', "$directory/first.zip");
    expect($status)->toBe(0, $said)->and(onFile($empty, 'zwindle:export', "$directory/second.zip")[0])->toBe(0)
        ->and(hash_file('sha256', "$directory/second.zip"))->toBe(hash_file('sha256', "$directory/first.zip"))
        ->and(everythingIn(new PDO("sqlite:$empty")))->toBe(everythingIn(new PDO("sqlite:$live")));
    // Not over what is there, and nothing but an export.
    [$status, $said] = onFile($empty, 'zwindle:import', "$directory/first.zip");
    expect($status)->toBe(1)->and($said)->toContain('Something is kept here already');
    file_put_contents("$directory/text.zip", 'no ZIP');
    [$status, $said] = onFile($empty, 'zwindle:import', "$directory/text.zip");
    expect($status)->toBe(1)->and($said)->toContain('is no export');
    File::deleteDirectory($directory);
});

it('archives a class when its term is over, and not before', function () {
    $people = new People;
    $classroom = $people->assignment->classroom;
    $this->actingAs($people->instructor)->patchJson("api/classrooms/$classroom->id", ['endsOn' => now()->addDays(3)->format('Y-m-d')])
        ->assertOk()->assertJsonPath('endsOn', now()->addDays(3)->format('Y-m-d'));
    $this->patchJson("api/classrooms/$classroom->id", ['endsOn' => '2020-01-01'])->assertStatus(422);
    $this->artisan('zwindle:tidy')->assertSuccessful();
    expect($classroom->refresh()->archived_at)->toBeNull();
    $this->travel(3)->days();
    $this->artisan('zwindle:tidy')->assertSuccessful();
    expect($classroom->refresh()->archived_at)->toBeNull();
    $this->travel(1)->days();
    $this->artisan('zwindle:tidy')->expectsOutputToContain('their term over: 1')->assertSuccessful();
    expect($classroom->refresh()->archived_at)->not->toBeNull()->and($classroom->ends_on)->toBeNull();
    // Taken out of the archive it stays out.
    $this->patchJson("api/classrooms/$classroom->id", ['archived' => false])->assertOk();
    $this->artisan('zwindle:tidy')->assertSuccessful();
    expect($classroom->refresh()->archived_at)->toBeNull();
});

it('lets go what the settings keep no longer, and never a mark', function () {
    $people = new People;
    $people->attempt->update(['handed_in_at' => now(), 'verdict' => 'right']);
    DB::table('photographs')->insert([
        'attempt_id' => $people->attempt->id, 'box' => 'B1', 'by' => $people->trainee->id, 'jpeg' => '', 'created_at' => now(), 'updated_at' => now(),
    ]);
    config(['app.keep' => ['trials_days' => 30, 'photographs_days' => 400, 'people_years' => 2]]);
    $this->travel(399)->days();
    $this->artisan('zwindle:tidy')->assertSuccessful();
    expect(DB::table('photographs')->count())->toBe(1);
    $this->travel(400)->days();
    $this->artisan('zwindle:tidy')->assertSuccessful();
    // In a class that goes on nobody is erased, however long ago.
    expect(DB::table('photographs')->count())->toBe(0)->and($people->trainee->refresh()->name)->not->toStartWith('Erased');
    $people->assignment->classroom->update(['archived_at' => now()]);
    $this->artisan('zwindle:tidy')->assertSuccessful();
    expect($people->trainee->refresh()->name)->toStartWith('Erased')
        ->and($people->attempt->refresh()->verdict)->toBe('right');
});
