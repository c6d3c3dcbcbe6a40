<?php

declare(strict_types=1);

namespace Zwindle\Plan\Search;

use Closure;

/**
 * How long whoever asks is willing to wait for a search.
 *
 * The core knows no clock: it is given one that says when time is up, and every search asks now and then. A search that is cut off
 * says so ("not finished") and never that something is impossible. Without a limit, as in commands, time is never up.
 */
final class TimeLimit
{
    /** Questions between two looks at the clock. */
    private const STRIDE = 4;

    /** @var (Closure(): bool)|null */
    private static ?Closure $clock = null;

    private static bool $isOver = false;

    private static int $asked = 0;

    /**
     * @template T
     *
     * @param  Closure(): bool  $isUp  asked now and then; it may throw, to end the search at once
     * @param  Closure(): T  $work
     * @return T
     */
    public static function within(Closure $isUp, Closure $work): mixed
    {
        $before = [self::$clock, self::$isOver];
        [self::$clock, self::$isOver, self::$asked] = [$isUp, false, 0];
        try {
            return $work();
        } finally {
            [self::$clock, self::$isOver] = $before;
        }
    }

    /** Whether a search should end with what it has; once it is so it stays so. */
    public static function isUp(): bool
    {
        if (self::$clock === null || self::$isOver) {
            return self::$isOver;
        }

        return self::$asked++ % self::STRIDE === 0 && (self::$isOver = (self::$clock)());
    }
}
