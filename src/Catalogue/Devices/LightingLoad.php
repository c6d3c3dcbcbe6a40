<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Devices;

use Zwindle\Catalogue\Practices\Practice;

/**
 * What a British lighting circuit is reckoned to carry, and how large the loop impedance behind its breaker may be.
 *
 * Source: On-Site Guide Table A1 (100 W at least for each lampholder), BS 7671 Table 41.3 (type B), at working temperature; what is
 * measured cold is held to 0.8 of it, Appendix 3 and On-Site Guide (memory).
 */
final class LightingLoad
{
    public const WATT_PER_LAMPHOLDER = 100;

    private const MOST_ZS_OHM_TYPE_B = [6 => 7.28, 10 => 4.37, 16 => 2.73];

    public static function ampere(int $lampholders, Practice $practice): float
    {
        return $lampholders * self::WATT_PER_LAMPHOLDER / $practice->nominalV;
    }

    /** The most lampholders that a breaker carries. */
    public static function mostLampholders(float $breakerA, Practice $practice): int
    {
        return (int) floor($breakerA * $practice->nominalV / self::WATT_PER_LAMPHOLDER);
    }

    public static function mostZsOhm(float $breakerA): ?float
    {
        return $breakerA === floor($breakerA) ? (self::MOST_ZS_OHM_TYPE_B[(int) $breakerA] ?? null) : null;
    }

    /** The same as it may be measured with the conductors cold: the practice's own table, which the test sheet goes by too. */
    public static function mostColdZsOhm(float $breakerA, Practice $practice): ?float
    {
        return $breakerA === floor($breakerA) ? ($practice->proving['loopMostOhm'][(int) $breakerA] ?? null) : null;
    }
}
