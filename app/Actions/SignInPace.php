<?php

declare(strict_types=1);

namespace App\Actions;

use Illuminate\Support\Facades\Cache;

/**
 * How fast sign-ins may be tried: guessing is slowed down and nobody is locked out.
 *
 * By name from devices that have not signed in so before: some tries at once, then one every few seconds. By device: some tries a
 * minute. Over all names together, from such devices: a ceiling, so that one password is not tried on a whole class. Never by
 * address alone: all tablets of a workshop may share one.
 */
final class SignInPace
{
    private const FREE_TRIES = 6;

    private const SECONDS_BETWEEN = 5;

    private const MOST_BY_DEVICE = 20;

    private const MOST_OVER_ALL_NAMES = 120;

    private const WINDOW_SECONDS = 60;

    /** @return int seconds to wait before the next try; 0: none */
    public static function wait(string $name, string $device, bool $isKnownDevice): int
    {
        $waits = [self::leftOf(self::key('device', $device), self::MOST_BY_DEVICE)];
        if (! $isKnownDevice) {
            $waits[] = self::leftOf(self::key('all', ''), self::MOST_OVER_ALL_NAMES);
            $waits[] = self::sinceLast(self::key('name', $name));
        }

        return max($waits);
    }

    public static function failed(string $name, string $device, bool $isKnownDevice): void
    {
        foreach ($isKnownDevice ? [['device', $device]] : [['device', $device], ['all', ''], ['name', $name]] as [$what, $of]) {
            $key = self::key($what, $of);
            $seen = self::seen($key);
            Cache::put($key, ['count' => $seen['count'] + 1, 'since' => $seen['since'], 'last' => now()->timestamp], self::WINDOW_SECONDS);
        }
    }

    public static function succeeded(string $device): void
    {
        Cache::forget(self::key('device', $device));
    }

    /** @return array{count: int, since: int, last: int} */
    private static function seen(string $key): array
    {
        /** @var array{count: int, since: int, last: int}|null $seen */
        $seen = Cache::get($key);
        $now = (int) now()->timestamp;

        return $seen === null || $now - $seen['since'] >= self::WINDOW_SECONDS ? ['count' => 0, 'since' => $now, 'last' => 0] : $seen;
    }

    private static function leftOf(string $key, int $most): int
    {
        $seen = self::seen($key);

        return $seen['count'] < $most ? 0 : max(1, $seen['since'] + self::WINDOW_SECONDS - (int) now()->timestamp);
    }

    private static function sinceLast(string $key): int
    {
        $seen = self::seen($key);

        return $seen['count'] < self::FREE_TRIES ? 0 : max(0, $seen['last'] + self::SECONDS_BETWEEN - (int) now()->timestamp);
    }

    private static function key(string $what, string $of): string
    {
        return "sign-in/$what/".hash('xxh128', $of);
    }
}
