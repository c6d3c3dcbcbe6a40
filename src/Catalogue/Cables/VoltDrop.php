<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Cables;

use Zwindle\Catalogue\Practices\Practice;

/**
 * The drop of voltage along British cable, and what a lighting circuit may lose.
 *
 * Source: BS 7671 Table 4D5 and Appendix 4 (memory). The table gives out and back together, at working temperature.
 */
final class VoltDrop
{
    public const LIGHTING_LIMIT_PERCENT = 3;

    private const MILLIVOLT_PER_A_PER_M = ['1.0' => 44, '1.5' => 29, '2.5' => 18];

    /** Of one conductor: half of what the table gives for two. */
    public static function voltPerAPerMOfOneCore(string $mm2): float
    {
        return (self::MILLIVOLT_PER_A_PER_M[$mm2] ?? throw new \LogicException("No volt drop for $mm2 mm²")) / 2000;
    }

    public static function limitV(Practice $practice): float
    {
        return $practice->nominalV * self::LIGHTING_LIMIT_PERCENT / 100;
    }
}
