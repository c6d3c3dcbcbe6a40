<?php

declare(strict_types=1);

namespace Tests\Support;

use CurlHandle;
use RuntimeException;
use Symfony\Component\Process\Process;

/** A real server with several workers on its own seeded database, as bin/demo starts it. */
final class LiveServer
{
    public readonly string $folder;

    private Process $process;

    /**
     * @param  string|null  $folder  an empty one for its data; one of its own where null
     * @param  array<string, string>  $settings  over those that it has
     */
    public function __construct(
        private readonly int $port,
        private readonly int $workers = 4,
        ?string $folder = null,
        private array $settings = [],
    ) {
        $this->folder = $folder ?? sys_get_temp_dir().'/zwindle-live-'.bin2hex(random_bytes(4));
        is_dir($this->folder) || mkdir($this->folder);
        touch($this->database());
        (new Process([PHP_BINARY, 'artisan', 'migrate', '--seed', '--force', '--quiet'], Files::path(''), $this->environment()))->mustRun();
        $this->start();
    }

    /** @param  array<string, string>  $settings  from now on, over those that it has */
    public function start(array $settings = []): void
    {
        $this->settings = [...$this->settings, ...$settings];
        $router = '../vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php';
        $this->process = new Process([PHP_BINARY, '-S', "127.0.0.1:$this->port", $router], Files::path('public'), $this->environment());
        // Nobody reads what it says: a full pipe would hold it up.
        $this->process->disableOutput();
        $this->process->start();
        for ($i = 0; $i < 100 && $this->ask('nobody', 'GET', '/health')[0] !== 200; $i++) {
            usleep(50_000);
        }
    }

    /** Kills every worker as a power cut would. */
    public function kill(): void
    {
        (new Process(['pkill', '-KILL', '-f', "127.0.0.1:$this->port"]))->run();
        while ($this->process->isRunning()) {
            usleep(10_000);
        }
    }

    public function stop(): void
    {
        $this->kill();
        array_map(unlink(...), glob("$this->folder/*") ?: []);
        rmdir($this->folder);
    }

    public function signIn(string $who): void
    {
        $this->ask($who, 'GET', '/api/session');
        [$status] = $this->ask($who, 'POST', '/api/session', ['username' => $who, 'password' => 'lights-on']);
        $status === 200 || throw new RuntimeException("$who does not sign in: $status");
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @return array{int, array<mixed>} status and body
     */
    public function ask(string $who, string $method, string $path, ?array $body = null): array
    {
        return $this->askAll([[$who, $method, $path, $body]])[0];
    }

    /**
     * With the cookies of somebody who is signed in and without the token of the page, as another site would send it.
     *
     * @param  array<string, mixed>  $body
     */
    public function askForged(string $who, string $method, string $path, array $body): int
    {
        $handle = $this->handle($who, $method, $path, $body);
        curl_setopt($handle, CURLOPT_HTTPHEADER, ['Content-Type: application/json', 'Origin: https://evil.example']);
        curl_exec($handle);

        return curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
    }

    /**
     * All of them at once.
     *
     * @param  list<array{string, string, string, array<string, mixed>|null}>  $questions
     * @return list<array{int, array<mixed>}>
     */
    public function askAll(array $questions): array
    {
        $multi = curl_multi_init();
        $handles = array_map(fn (array $question) => $this->handle(...$question), $questions);
        array_map(fn (CurlHandle $handle) => curl_multi_add_handle($multi, $handle), $handles);
        do {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.05);
        } while ($running > 0);

        return array_map(function (CurlHandle $handle) use ($multi): array {
            $answer = [curl_getinfo($handle, CURLINFO_RESPONSE_CODE), json_decode((string) curl_multi_getcontent($handle), true) ?? []];
            curl_multi_remove_handle($multi, $handle);

            return $answer;
        }, $handles);
    }

    /** @param  array<string, mixed>|null  $body */
    private function handle(string $who, string $method, string $path, ?array $body): CurlHandle
    {
        $jar = "$this->folder/$who.jar";
        preg_match('/XSRF-TOKEN\s+(\S+)/', is_file($jar) ? (string) file_get_contents($jar) : '', $token);
        $handle = curl_init("http://127.0.0.1:$this->port$path");
        curl_setopt_array($handle, ($body === null ? [] : [CURLOPT_POSTFIELDS => (string) json_encode($body)]) + [
            CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 60, CURLOPT_COOKIEJAR => $jar, CURLOPT_COOKIEFILE => $jar,
            CURLOPT_HTTPHEADER => [
                'Accept: application/json',
                'Content-Type: application/json',
                'X-XSRF-TOKEN: '.urldecode($token[1] ?? ''),
            ],
        ]);

        return $handle;
    }

    public function database(): string
    {
        return "$this->folder/db.sqlite";
    }

    /** @return array<string, string|int> */
    private function environment(): array
    {
        return [
            'DB_DATABASE' => $this->database(), 'APP_ENV' => 'production', 'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file',
            'LOG_CHANNEL' => 'null', 'PHP_CLI_SERVER_WORKERS' => $this->workers, ...$this->settings,
        ];
    }
}
