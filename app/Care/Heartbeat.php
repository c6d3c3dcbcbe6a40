<?php

declare(strict_types=1);

namespace App\Care;

use Illuminate\Support\Facades\Cache;

/** When the scheduler ran last: it says so each minute. */
final class Heartbeat
{
    public const LATE_SECONDS = 300;

    private const KEY = 'scheduler/beat';

    public static function now(): void
    {
        Cache::forever(self::KEY, time());
    }

    /** @return int|null seconds; null where it has never run */
    public static function age(): ?int
    {
        $beat = Cache::get(self::KEY);

        return is_int($beat) ? max(0, time() - $beat) : null;
    }
}
