<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Support\Files;

/** A real server on its own database, as bin/demo starts it. */
function serverOn(string $database, int $port): Process
{
    $server = new Process(
        [PHP_BINARY, '-S', "127.0.0.1:$port", '../vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php'],
        Files::path('public'),
        ['DB_DATABASE' => $database, 'APP_ENV' => 'production', 'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file'],
    );
    $server->start();
    for ($i = 0; $i < 100 && ask('GET', "http://127.0.0.1:$port/health", '/dev/null')[0] !== 200; $i++) {
        usleep(50_000);
    }

    return $server;
}

/** @return array{int, array<string, mixed>} status and body */
function ask(string $method, string $url, string $cookies, ?array $body = null): array
{
    preg_match('/XSRF-TOKEN\s+(\S+)/', is_file($cookies) ? (string) file_get_contents($cookies) : '', $token);
    $curl = curl_init($url);
    curl_setopt_array($curl, ($body === null ? [] : [CURLOPT_POSTFIELDS => (string) json_encode($body)]) + [
        CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEJAR => $cookies, CURLOPT_COOKIEFILE => $cookies,
        CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', 'X-XSRF-TOKEN: '.urldecode($token[1] ?? '')],
    ]);
    $answer = curl_exec($curl);
    $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
    unset($curl);

    return [$status, json_decode((string) $answer, true) ?? []];
}

it('loses no confirmed step when the server is killed', function () {
    $folder = sys_get_temp_dir().'/zwindle-kill-'.bin2hex(random_bytes(4));
    mkdir($folder);
    touch("$folder/db.sqlite");
    (new Process([PHP_BINARY, 'artisan', 'migrate', '--seed', '--force', '--quiet'], Files::path(''), ['DB_DATABASE' => "$folder/db.sqlite", 'APP_ENV' => 'production']))->mustRun();
    $base = 'http://127.0.0.1:8197';
    $server = serverOn("$folder/db.sqlite", 8197);
    ask('GET', "$base/api/session", "$folder/jar");
    expect(ask('POST', "$base/api/session", "$folder/jar", ['username' => 'quill', 'password' => 'lights-on'])[0])->toBe(200);
    $attempt = ask('GET', "$base/api/attempts", "$folder/jar")[1][4]['id'];
    $confirmed = 0;
    foreach (range(1, 12) as $number) {
        $step = $number % 2 === 1 ? ['do' => 'cap', 'points' => ['W1.black@B1']] : ['do' => 'undo'];
        [$status, $receipt] = ask('POST', "$base/api/attempts/$attempt/steps", "$folder/jar", [
            'device' => 'tablet-aa-11', 'base' => $confirmed, 'steps' => [['number' => $number, 'at' => '2026-01-01T10:00:00Z', 'step' => $step]],
        ]);
        expect($status)->toBe(200);
        $confirmed = $receipt['head'];
    }
    $server->signal(SIGKILL);
    $server->wait();

    $again = serverOn("$folder/db.sqlite", 8197);
    $bench = ask('GET', "$base/api/attempts/$attempt", "$folder/jar")[1];
    $again->stop(0);
    array_map(unlink(...), glob("$folder/*") ?: []);
    rmdir($folder);

    expect($confirmed)->toBe(12)->and($bench['steps'])->toHaveCount(12)->and(array_column($bench['steps'], 'sequence'))->toBe(range(1, 12));
});
