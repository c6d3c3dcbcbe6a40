<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Devices;

use Zwindle\Catalogue\Practices\Practice;

/**
 * The lamp that everything is reckoned with: a resistor of 60 W at nominal voltage (the contract's model).
 *
 * Cold, a filament has about a fifteenth of its hot resistance (common practice).
 */
final class ReckonedLamp
{
    public const WATT = 60;

    private const HOT_TO_COLD = 15;

    public static function hotOhm(Practice $practice): float
    {
        return $practice->nominalV ** 2 / self::WATT;
    }

    public static function coldOhm(Practice $practice): float
    {
        return self::hotOhm($practice) / self::HOT_TO_COLD;
    }
}
