<?php

declare(strict_types=1);

namespace App\Care;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use PDO;
use RuntimeException;

/**
 * Copies of the whole database, taken while it is in use and proved before they count.
 *
 * Source: SQLite's VACUUM INTO, which writes a consistent copy from one read transaction.
 */
final class Backup
{
    /** Copies that stay, the newest. */
    public const KEPT = 14;

    private const NAME = '/^zwindle-(\d{8}-\d{6})(?:-(\d+))?\.sqlite$/';

    /**
     * @param  int  $keep  copies that stay in the directory, the newest
     * @return string path of the copy
     *
     * @throws RuntimeException if it cannot be written, or is not whole
     */
    public static function take(string $directory, int $keep): string
    {
        File::ensureDirectoryExists($directory, 0700);
        $path = self::free($directory);
        $part = "$path.part";
        File::delete($part);
        DB::statement('VACUUM INTO ?', [$part]);
        $fault = self::faultIn($part);
        if ($fault !== null) {
            File::delete($part);
            throw new RuntimeException($fault);
        }
        chmod($part, 0600);
        // A name without `.part` is a copy that was proved.
        rename($part, $path);
        foreach (array_slice(self::all($directory), $keep) as $old) {
            File::delete($old);
        }

        return $path;
    }

    /** @return list<string> newest first */
    public static function all(string $directory): array
    {
        $found = [];
        foreach (glob("$directory/*.sqlite") ?: [] as $path) {
            if (preg_match(self::NAME, basename($path), $name) === 1) {
                $found[sprintf('%s-%06d', $name[1], (int) ($name[2] ?? 0))] = $path;
            }
        }
        krsort($found);

        return array_values($found);
    }

    /** What is wrong with a file; null where it is a whole database of this application. */
    public static function faultIn(string $path): ?string
    {
        try {
            $pdo = new PDO("sqlite:$path", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
            $check = self::first($pdo, 'PRAGMA integrity_check');
            self::first($pdo, 'SELECT count(*) FROM attempts');
            self::first($pdo, 'SELECT count(*) FROM migrations');
        } catch (\PDOException $fault) {
            return 'This is no database of Zwindle: '.$fault->getMessage();
        }

        return $check === 'ok' ? null : "The file is damaged: $check";
    }

    /**
     * Puts a copy in the place of the database; what stood there is kept beside it.
     *
     * @return string|null where the database that stood there is now; null where there was none
     */
    public static function restore(string $copy, string $database): ?string
    {
        $fault = self::faultIn($copy);
        $fault === null || throw new RuntimeException($fault);
        DB::purge();
        $aside = null;
        if (is_file($database) && filesize($database) > 0) {
            $aside = $database.'.before-'.date('Ymd-His');
            foreach (['', '-wal', '-shm'] as $end) {
                is_file($database.$end) && rename($database.$end, $aside.$end);
            }
        }
        $part = "$database.part";
        copy($copy, $part) || throw new RuntimeException("$database cannot be written.");
        chmod($part, 0600);
        rename($part, $database);

        return $aside;
    }

    private static function first(PDO $pdo, string $query): string
    {
        $answer = $pdo->query($query);

        return $answer === false ? '' : (string) $answer->fetchColumn();
    }

    private static function free(string $directory): string
    {
        $name = "$directory/zwindle-".date('Ymd-His');
        for ($i = 0; ; $i++) {
            $path = $name.($i === 0 ? '' : "-$i").'.sqlite';
            if (! is_file($path)) {
                return $path;
            }
        }
    }
}
