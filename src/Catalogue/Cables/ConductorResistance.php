<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Cables;

use Zwindle\Catalogue\Practices\Colour;

/**
 * The resistance of a copper conductor by its length, cold (20 °C).
 *
 * Source: Britain, BS EN 60228 (memory); North America, NEC Chapter 9 Table 8, solid copper at 75 °C (memory), brought down
 * to 20 °C by copper's temperature coefficient of 0.00393 per kelvin (general knowledge).
 */
final class ConductorResistance
{
    private const MILLIOHM_PER_M = ['1.0' => 18.1, '1.5' => 12.1, '2.5' => 7.41];

    private const OHM_PER_1000_FT_AT_75C = ['14' => 3.07, '12' => 1.93, '10' => 1.21];

    private const FT_PER_1000_M = 3280.84;

    private const COPPER_PER_K = 0.00393;

    public static function ohmPerM(CableType $type, Colour $colour): float
    {
        return self::ofSize(self::sizeOf($type, $colour));
    }

    /** The size of one core: AWG, or mm², with the thinner protective conductor that some cables have. */
    public static function sizeOf(CableType $type, Colour $colour): string
    {
        return $colour->isEarths() ? $type->earthSize : $type->size;
    }

    public static function ofSize(string $size): float
    {
        if (isset(self::MILLIOHM_PER_M[$size])) {
            return self::MILLIOHM_PER_M[$size] / 1000;
        }
        $hot = self::OHM_PER_1000_FT_AT_75C[$size] ?? throw new \LogicException("No resistance for size $size");

        return $hot * self::FT_PER_1000_M / 1e6 / (1 + self::COPPER_PER_K * (75 - 20));
    }
}
