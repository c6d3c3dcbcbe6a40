<?php

declare(strict_types=1);

namespace App\Services;

use Illuminate\Support\Facades\RateLimiter;

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

    /** @return int seconds to wait before the next try; 0: none */
    public static function wait(string $name, string $device, bool $isKnownDevice): int
    {
        $waits = [self::leftOf(self::key('device', $device), self::MOST_BY_DEVICE)];
        if (! $isKnownDevice) {
            $waits[] = self::leftOf(self::key('all', ''), self::MOST_OVER_ALL_NAMES);
            $waits[] = RateLimiter::tooManyAttempts(self::key('name', $name), self::FREE_TRIES)
                ? self::leftOf(self::key('last', $name), 1)
                : 0;
        }

        return max($waits);
    }

    public static function failed(string $name, string $device, bool $isKnownDevice): void
    {
        RateLimiter::hit(self::key('device', $device));
        if (! $isKnownDevice) {
            RateLimiter::hit(self::key('all', ''));
            RateLimiter::hit(self::key('name', $name));
            // The pause begins anew with every try.
            RateLimiter::clear(self::key('last', $name));
            RateLimiter::hit(self::key('last', $name), self::SECONDS_BETWEEN);
        }
    }

    public static function succeeded(string $device): void
    {
        RateLimiter::clear(self::key('device', $device));
    }

    private static function leftOf(string $key, int $most): int
    {
        return RateLimiter::tooManyAttempts($key, $most) ? max(1, RateLimiter::availableIn($key)) : 0;
    }

    private static function key(string $what, string $of): string
    {
        return "sign-in/$what/".hash('xxh128', $of);
    }
}
