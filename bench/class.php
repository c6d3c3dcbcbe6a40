<?php

declare(strict_types=1);

/*
 * Times the pages of a class of forty with thirty tasks behind it: `composer bench-class`.
 *
 * Aims: the list under 60 ms and 30 kB, a poll with nothing new under 10 ms, the marks of forty under 200 ms, a verdict under
 * 40 ms warm. The times are those of a request through the whole application, without PHP's start and the network.
 */

use App\Actions\Bench\HandIn;
use App\Actions\Bench\KeepSteps;
use App\Actions\Tasks\KeepTask;
use App\Actions\Tasks\SetTask;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\BoardFile;
use App\Models\Classroom;
use App\Models\Marking;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Tests\Support\RandomWiring;
use Zwindle\Bench\WiringAsSteps;
use Zwindle\Plan\Planner;

require dirname(__DIR__).'/vendor/autoload.php';

const TRAINEES = 40;
const TASKS = 30;
const TIMES = 9;

$database = (string) tempnam(sys_get_temp_dir(), 'bench');
foreach ([
    'DB_DATABASE' => $database,
    'APP_ENV' => 'testing',
    'CACHE_STORE' => 'array',
    'SESSION_DRIVER' => 'array',
    'APP_KEY' => 'base64:'.base64_encode(str_repeat('z', 32)),
    'BCRYPT_ROUNDS' => '4',
    'LOG_CHANNEL' => 'null',
] as $name => $value) {
    $_ENV[$name] = $_SERVER[$name] = $value;
    putenv("$name=$value");
}
$app = require dirname(__DIR__).'/bootstrap/app.php';
/** @var Kernel $kernel */
$kernel = $app->make(Kernel::class);
$kernel->bootstrap();
Artisan::call('migrate', ['--force' => true]);

$instructor = User::query()->create(['name' => 'Bench', 'username' => 'bench', 'role' => 'instructor', 'password' => 'x']);
$classroom = Classroom::query()->create(['instructor_id' => $instructor->id, 'name' => 'Bench']);
$trainees = [];
foreach (range(1, TRAINEES) as $i) {
    $trainees[] = User::query()->create(['name' => "Person $i", 'username' => "person$i", 'role' => 'trainee', 'password' => 'x'])->id;
}
$classroom->trainees()->attach($trainees);
$json = (string) file_get_contents(database_path('markings/wiring.marking.json'));
$marking = Marking::query()->create(['title' => 'Bench', 'json' => $json]);
$boards = [...glob(database_path('demo/*/board.json')) ?: [], ...glob(database_path('patterns/*.board.json')) ?: []];
$random = new RandomWiring(1);
foreach (range(1, TASKS) as $i) {
    $text = (string) file_get_contents($boards[$i % count($boards)]);
    $file = BoardFile::query()->create(['title' => "Board $i", 'practice' => json_decode($text)->practice, 'brief' => '', 'json' => $text]);
    $task = app(KeepTask::class)->create($instructor, $file, $marking, (string) json_encode([
        'format' => 'zwindle-task',
        'version' => 1,
        'title' => "Task $i",
        'kind' => 'wire',
        'mode' => 'coached',
        'brief' => 'Wire it.',
    ]));
    $assignment = app(SetTask::class)->execute($task, $classroom, $trainees, 6);
    $right = Planner::plan($file->drawing())->plans[0]->wiring;
    foreach ($assignment->attempts()->pluck('id') as $seat => $id) {
        $attempt = Attempt::query()->findOrFail($id);
        $wiring = $seat % 3 === 0 ? $right : $random->spoil($right);
        $batch = [];
        foreach (WiringAsSteps::of($wiring) as $n => $step) {
            $batch[] = ['number' => $n + 1, 'at' => CarbonImmutable::now(), 'step' => $step];
        }
        app(KeepSteps::class)->execute($attempt, 'tablet-aa-11', 0, $batch);
        // The last task is still being worked on.
        $i < TASKS ? app(HandIn::class)->execute(Attempt::query()->findOrFail($id)) : null;
    }
    fprintf(STDERR, "\r%d of %d tasks", $i, TASKS);
}
fprintf(STDERR, "\n");

$ask = function (string $path) use ($app, $kernel, $instructor): array {
    $request = Request::create("/api/$path", server: ['HTTP_ACCEPT' => 'application/json']);
    $app->instance('request', $request);
    $app->make('auth')->guard()->setUser($instructor->fresh());
    $from = hrtime(true);
    $response = $kernel->handle($request);
    $ms = (hrtime(true) - $from) / 1e6;

    return [
        $ms,
        strlen((string) $response->getContent()),
        $response->getStatusCode(),
        json_decode((string) $response->getContent())->version ?? '',
    ];
};
$report = function (string $what, string $path) use ($ask): void {
    $ask($path);
    $all = array_map(fn () => $ask($path), range(1, TIMES));
    usort($all, fn (array $a, array $b) => $a[0] <=> $b[0]);
    [$ms, $bytes, $status] = $all[intdiv(TIMES, 2)];
    printf("%-44s %8.1f ms %9.1f kB   %d\n", $what, $ms, $bytes / 1e3, $status);
};

$last = Assignment::query()->max('id');
$done = Assignment::query()->orderBy('id')->skip(12)->firstOrFail();
$report('list of what was set', 'assignments');
foreach (['' => 'one of them, under way', '/done' => 'one of them, handed in'] as $kind => $what) {
    $path = 'assignments/'.($kind === '' ? $last : $done->id);
    [, , , $version] = $ask($path);
    $report($what, $path);
    $report("$what: nothing new", "$path?have=$version");
}
$report('marks of '.TRAINEES, "assignments/$done->id/marks");
foreach ([1, 2, 3] as $seat) {
    $attempt = $done->attempts()->where('seat', $seat)->firstOrFail();
    $report("verdict of seat $seat", "attempts/$attempt->id/verdict");
}
printf("%.1f MB of database.\n", filesize($database) / 1e6);
array_map(fn (string $path) => @unlink($path), [$database, "$database-wal", "$database-shm"]);
