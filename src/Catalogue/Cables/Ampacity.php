<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Cables;

/**
 * The largest breaker that may protect a copper conductor of a small size in North America.
 *
 * Source: NEC 240.4(D) (memory).
 */
final class Ampacity
{
    private const MOST_BREAKER_A = ['14' => 15, '12' => 20, '10' => 30];

    public static function mostBreakerA(string $awg): ?int
    {
        return self::MOST_BREAKER_A[$awg] ?? null;
    }
}
