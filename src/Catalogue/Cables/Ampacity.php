<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Cables;

/**
 * What a copper conductor of a small size may carry: in North America the largest breaker that may protect it, in Britain the
 * current of a cable that is clipped direct.
 *
 * Source: NEC 240.4(D) (memory); BS 7671 Table 4D5 (memory).
 */
final class Ampacity
{
    private const MOST_BREAKER_A = ['14' => 15, '12' => 20, '10' => 30];

    private const CLIPPED_DIRECT_A = ['1.0' => 16, '1.5' => 20];

    /** @return array<array-key, int> every size that is known → amperes */
    public static function all(): array
    {
        return self::MOST_BREAKER_A + self::CLIPPED_DIRECT_A;
    }

    public static function mostBreakerA(string $awg): ?int
    {
        return self::MOST_BREAKER_A[$awg] ?? null;
    }
}
