<?php

declare(strict_types=1);

namespace App\Care;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * How the installation is, in words for those who teach with it: what is well, what is to be watched, what is bad.
 *
 * @phpstan-type Line array{what: string, state: 'good'|'watch'|'bad', text: string}
 */
final class Status
{
    private const LEAST_FREE_MB = 500;

    private const WATCH_FREE_MB = 2000;

    private const FORETOLD_DAYS = 30;

    private const OLD_BACKUP_HOURS = 36;

    /** @return list<Line> */
    public static function lines(): array
    {
        return [self::database(), self::disk(), self::backup(), self::beat(), self::clock()];
    }

    /** @return Line */
    private static function database(): array
    {
        $bytes = self::databaseBytes();

        return self::line('database', 'good', $bytes === null ? [] : ['size' => self::megabytes($bytes)]);
    }

    /** @return Line what is left of the disk, and for how long at the rate at which the copies grow */
    private static function disk(): array
    {
        $free = (int) (disk_free_space(dirname(self::databasePath() ?? storage_path('app'))) / 1e6);
        $days = self::daysLeft($free);
        $state = match (true) {
            $free < self::LEAST_FREE_MB => 'bad',
            $free < self::WATCH_FREE_MB, $days !== null && $days < self::FORETOLD_DAYS => 'watch',
            default => 'good',
        };

        return self::line($days === null ? 'disk' : 'disk-for', $state, ['free' => number_format($free), 'days' => (int) $days]);
    }

    /** @return Line */
    private static function backup(): array
    {
        clearstatcache();
        $newest = Backup::all(config()->string('app.backups'))[0] ?? null;
        if ($newest === null) {
            return self::line('no-backup', 'bad', ['command' => 'php artisan zwindle:backup']);
        }
        $hours = (int) Carbon::createFromTimestamp((int) filemtime($newest))->diffInHours(now(), true);

        return self::line('backup', $hours > self::OLD_BACKUP_HOURS ? 'bad' : 'good', [
            'hours' => $hours, 'count' => count(Backup::all(config()->string('app.backups'))), 'keep' => Backup::KEPT,
        ]);
    }

    /** @return Line whether the scheduler runs */
    private static function beat(): array
    {
        $seconds = Heartbeat::age();

        return match (true) {
            $seconds === null => self::line('no-scheduler', 'watch', []),
            $seconds > Heartbeat::LATE_SECONDS => self::line('late-scheduler', 'bad', ['minutes' => intdiv($seconds, 60)]),
            default => self::line('scheduler', 'good', []),
        };
    }

    /** @return Line the newest step cannot have come after now: a clock that was set back is reported */
    private static function clock(): array
    {
        $newest = DB::table('records')->max('at');
        $ahead = $newest === null ? 0 : (int) now()->diffInSeconds(Carbon::parse((string) $newest), false);

        return $ahead > 60 ? self::line('clock-back', 'bad', ['minutes' => intdiv($ahead, 60)]) : self::line('clock', 'good', [
            'now' => now()->format('Y-m-d H:i').' UTC',
        ]);
    }

    private static function daysLeft(int $freeMb): ?float
    {
        $copies = Backup::all(config()->string('app.backups'));
        if (count($copies) < 2) {
            return null;
        }
        [$newest, $oldest] = [$copies[0], $copies[count($copies) - 1]];
        $days = ((int) filemtime($newest) - (int) filemtime($oldest)) / 86400;
        $grown = ((int) filesize($newest) - (int) filesize($oldest)) / 1e6;

        return $days < 1 || $grown <= 0 ? null : $freeMb / ($grown / $days);
    }

    private static function databasePath(): ?string
    {
        $path = config('database.connections.sqlite.database');

        return DB::getDriverName() === 'sqlite' && is_string($path) && is_file($path) ? $path : null;
    }

    private static function databaseBytes(): ?int
    {
        $path = self::databasePath();

        return $path === null ? null : (int) filesize($path);
    }

    private static function megabytes(int $bytes): string
    {
        return number_format($bytes / 1e6, 1);
    }

    /**
     * @param  'good'|'watch'|'bad'  $state
     * @param  array<string, string|int>  $params
     * @return Line
     */
    private static function line(string $what, string $state, array $params): array
    {
        return ['what' => $what, 'state' => $state, 'text' => __("status.$what", $params)];
    }
}
