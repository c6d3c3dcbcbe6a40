<?php

declare(strict_types=1);

namespace Tests\Support;

use Symfony\Component\Process\Process;

/** The commands, run as another program would. */
final class Artisan
{
    /** @param  list<string>  $arguments */
    public static function run(array $arguments): Process
    {
        $process = new Process([PHP_BINARY, 'artisan', ...$arguments], Files::path(''));
        $process->run();

        return $process;
    }

    /**
     * @param  list<string>  $arguments
     * @return array{int|null, array<string, mixed>} exit status and what was printed
     */
    public static function json(array $arguments): array
    {
        $process = self::run([...$arguments, '--json']);

        return [$process->getExitCode(), (array) json_decode($process->getOutput(), true)];
    }

    /** Path of a file with this content, removed when the tests are over. */
    public static function file(string $content): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'zw');
        file_put_contents($path, $content);
        register_shutdown_function(fn () => @unlink($path));

        return $path;
    }
}
