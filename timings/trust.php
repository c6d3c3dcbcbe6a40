<?php

declare(strict_types=1);

/*
 * What is lost when things go wrong, on a real server with several workers.
 *
 *   php timings/trust.php kill 50     kill -9 at random moments while five trainees wire
 *   php timings/trust.php power 10    the same, and all that was not synced is gone; needs cc
 *   php timings/trust.php disk        a full disk, a database that is read only or locked, a clock set back; root, for a small disk of its own
 */

require __DIR__.'/../vendor/autoload.php';

use Symfony\Component\Process\Process;
use Tests\Support\LiveServer;

const TRAINEES = 5;
const PORT = 8188;

/** @return array<string, mixed> one small step: capped, and undone again */
function step(string $who, int $number, int $base): array
{
    $step = $number % 2 === 1 ? ['do' => 'cap', 'points' => ['W1.black@B1']] : ['do' => 'undo'];

    return [
        'device' => "tablet-$who",
        'base' => $base,
        'steps' => [['number' => $number, 'at' => '2026-01-01T10:00:00Z', 'step' => $step]],
    ];
}

/** @return array<string, string> trainee → the path of a board of their own */
function setForAll(LiveServer $server): array
{
    $server->signIn('marit');
    $boards = $server->ask('marit', 'GET', '/api/board-files')[1];
    $classroom = $server->ask('marit', 'GET', '/api/classrooms')[1][0];
    $assignment = $server->ask('marit', 'POST', '/api/assignments', [
        'classroom' => $classroom['id'],
        'boardFile' => $boards[0]['id'],
        'trainees' => array_column($classroom['trainees'], 'id'),
    ])[1];
    $paths = [];
    foreach (array_slice($assignment['attempts'], 0, TRAINEES) as $attempt) {
        $who = strtolower(explode(' ', $attempt['trainee']['name'])[0]);
        $server->signIn($who);
        $paths[$who] = "/api/attempts/{$attempt['id']}";
    }

    return $paths;
}

/**
 * Everybody wires until the server is gone: what it had said yes to must be there afterwards, once.
 *
 * @param  array<string, string>  $paths
 * @param  array<string, int>  $next  trainee → number of the next step
 * @param  array<string, int>  $said  trainee → steps that the server had said yes to
 */
function wireUntilGone(LiveServer $server, array $paths, array &$next, array &$said): void
{
    do {
        $asked = array_map(fn (string $who) => [$who, 'POST', "$paths[$who]/steps", step($who, $next[$who], 0)], array_keys($paths));
        $answers = array_combine(array_keys($paths), $server->askAll($asked));
        foreach ($answers as $who => [$status]) {
            if ($status === 200) {
                $said[$who] = $next[$who]++;
            }
        }
    } while (! in_array(0, array_column($answers, 0), true));
}

/**
 * @param  array<string, string>  $paths
 * @param  array<string, int>  $said
 * @return array{int, int} lost and doubled
 */
function lostAndDoubled(LiveServer $server, array $paths, array $said): array
{
    [$lost, $doubled] = [0, 0];
    foreach ($paths as $who => $path) {
        $kept = array_column($server->ask($who, 'GET', $path)[1]['steps'] ?? [], 'number');
        $lost += count(array_diff(range(1, $said[$who]), $kept));
        $doubled += count($kept) - count(array_unique($kept));
    }

    return [$lost, $doubled];
}

function killings(int $times, bool $isPower): void
{
    $settings = [];
    if ($isPower) {
        $copies = sys_get_temp_dir().'/zwindle-synced-'.bin2hex(random_bytes(4));
        mkdir($copies);
        (new Process(['cc', '-shared', '-fPIC', '-o', "$copies.so", __DIR__.'/power/unsynced.c', '-ldl']))->mustRun();
    }
    $server = new LiveServer(PORT);
    if ($isPower) {
        copy($server->database(), "$copies/db.sqlite");
        $settings = [
            // With SQLite itself, which PHP would bind to the C library past anything that is preloaded.
            'LD_PRELOAD' => "$copies.so libsqlite3.so.0", 'UNSYNCED_FROM' => $server->folder, 'UNSYNCED_TO' => $copies];
        $server->kill();
        foreach (['', '-wal', '-shm'] as $end) {
            is_file($server->database().$end) && copy($server->database().$end, "$copies/db.sqlite$end");
        }
        $server->start($settings);
    }
    $paths = setForAll($server);
    $next = array_fill_keys(array_keys($paths), 1);
    $said = array_fill_keys(array_keys($paths), 0);
    [$lost, $doubled, $worst] = [0, 0, 0.0];
    for ($i = 0; $i < $times; $i++) {
        $killer = new Process(['sh', '-c', 'sleep '.random_int(200, 1500) / 1000 .'; pkill -KILL -f 127.0.0.[1]:'.PORT]);
        $killer->start();
        wireUntilGone($server, $paths, $next, $said);
        $killer->wait();
        $server->kill();
        if ($isPower) {
            foreach (['', '-wal', '-shm'] as $end) {
                @unlink($server->database().$end);
                is_file("$copies/db.sqlite$end") && copy("$copies/db.sqlite$end", $server->database().$end);
            }
        }
        $from = hrtime(true);
        $server->start();
        $worst = max($worst, (hrtime(true) - $from) / 1e9);
        [$gone, $twice] = lostAndDoubled($server, $paths, $said);
        $lost += $gone;
        $doubled += $twice;
        if ($gone > 0) {
            echo "  after stop $i: $gone lost\n";
        }
    }
    $check = new Process([PHP_BINARY, 'artisan', 'zwindle:check-data'], dirname(__DIR__), ['DB_DATABASE' => $server->database()]);
    $check->run();
    $server->stop();
    printf(
        "%s, %d times: %d steps said yes to, %d lost, %d doubled; answers again within %.1f s; check-data: %s\n",
        $isPower ? 'power gone, unsynced writes dropped' : 'kill -9',
        $times,
        array_sum($said),
        $lost,
        $doubled,
        $worst,
        trim(strtok($check->getOutput(), "\n") ?: 'nothing'),
    );
    if ($lost + $doubled > 0) {
        exit(1);
    }
}

/** What a trainee's step is answered, in one line. */
function told(LiveServer $server, string $path, int $number): string
{
    $from = hrtime(true);
    [$status, $body] = $server->ask('quill', 'POST', "$path/steps", step('quill', $number, 0));

    return sprintf('%d%s, %.1f s', $status, isset($body['message']) ? ' “'.$body['message'].'”' : '', (hrtime(true) - $from) / 1e9);
}

function smallDisk(string $at, int $megabytes): void
{
    is_dir($at) || mkdir($at);
    (new Process(['mount', '-t', 'tmpfs', '-o', "size={$megabytes}m", 'tmpfs', $at]))->mustRun();
}

function fill(string $at): void
{
    (new Process(['sh', '-c', "dd if=/dev/zero of='$at/filler' bs=4k 2>/dev/null; true"]))->run();
}

function disks(): void
{
    $disk = sys_get_temp_dir().'/zwindle-small-disk';
    $logs = sys_get_temp_dir().'/zwindle-small-logs';
    smallDisk($disk, 24);
    smallDisk($logs, 4);
    foreach (['app', 'logs', 'framework/cache/data', 'framework/sessions', 'framework/views'] as $folder) {
        mkdir("$logs/$folder", recursive: true);
    }
    // Sessions in the database's place, so that a full disk for logs is that alone.
    $server = new LiveServer(PORT, folder: $disk, settings: ['LARAVEL_STORAGE_PATH' => $logs, 'LOG_CHANNEL' => 'lines']);
    try {
        $server->signIn('quill');
        $attempts = $server->ask('quill', 'GET', '/api/attempts')[1];
        $path = '/api/attempts/'.array_column($attempts, 'id', 'id')[$attempts[0]['id']];
        foreach ($attempts as $attempt) {
            $path = $attempt['board']['title'] === 'Propagation house, path light' ? "/api/attempts/{$attempt['id']}" : $path;
        }
        $number = 1;
        $say = function (string $what) use ($server, $path, &$number): void {
            $answer = told($server, $path, $number);
            $number += str_starts_with($answer, '200') ? 1 : 0;
            printf("%-46s step %-92s health %d, reading %d\n", $what, $answer, $server->ask('nobody', 'GET', '/health')[0], $server->ask('quill', 'GET', $path)[0]);
        };
        $say('all is well');
        fill($disk);
        $say('disk of the database full');
        unlink("$disk/filler");
        $say('  room again');
        fill($logs);
        $say('disk of the logs and sessions full');
        fill($disk);
        $say('both full');
        unlink("$disk/filler");
        unlink("$logs/filler");
        $say('  room again');
        (new Process(['mount', '-o', 'remount,ro', $disk]))->mustRun();
        $say('database read only');
        (new Process(['mount', '-o', 'remount,rw', $disk]))->mustRun();
        $say('  writable again');
        $lock = new Process([PHP_BINARY, '-r', '$db = new PDO("sqlite:".$argv[1]); $db->exec("BEGIN IMMEDIATE"); echo "locked\n"; sleep(30);', $server->database()]);
        $lock->start();
        while (! str_contains($lock->getOutput(), 'locked')) {
            usleep(10_000);
        }
        $say('database locked for 30 s');
        $lock->wait();
        $say('  unlocked again');
        $server->kill();
        $server->start(['LD_PRELOAD' => '/usr/lib/x86_64-linux-gnu/faketime/libfaketime.so.1', 'FAKETIME' => '-3600s', 'FAKETIME_DONT_FAKE_MONOTONIC' => '1']);
        $say('clock set back an hour');
        $server->kill();
        $server->start(['FAKETIME' => '+0']);
        $say('  clock right again');
        $kept = array_column($server->ask('quill', 'GET', $path)[1]['steps'] ?? [], 'number');
        printf("steps kept: %s of %d said yes to, in order: %s\n", count($kept), $number - 1, $kept === range(1, $number - 1) ? 'yes' : 'no');
    } finally {
        $server->kill();
        (new Process(['umount', '-l', $disk]))->run();
        (new Process(['umount', '-l', $logs]))->run();
    }
}

match ($argv[1] ?? '') {
    'kill' => killings((int) ($argv[2] ?? 50), isPower: false),
    'power' => killings((int) ($argv[2] ?? 10), isPower: true),
    'disk' => disks(),
    default => exit("php timings/trust.php kill|power|disk\n"),
};
