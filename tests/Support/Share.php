<?php

declare(strict_types=1);

namespace Tests\Support;

/**
 * The share of an ordinary run that random cases have: so many of them, or fewer where their seconds are over, but never so few that
 * they say nothing. `composer random SECONDS` gives each test so many seconds, and as many cases as they hold.
 */
final class Share
{
    /**
     * @param  int  $most  cases of an ordinary run
     * @param  int  $least  cases however slow the machine is
     * @return iterable<int> from 0
     */
    public static function of(int $most, int $least, float $seconds = 4.0): iterable
    {
        $given = getenv('RANDOM_SECONDS');
        [$most, $seconds] = $given === false ? [$most, $seconds] : [PHP_INT_MAX, (float) $given];
        $end = hrtime(true) + (int) ($seconds * 1e9);
        for ($i = 0; $i < $most && ($i < $least || hrtime(true) < $end); $i++) {
            yield $i;
        }
    }
}
