<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Practices;

/** Lengths of North America; the international foot is 0.3048 m exactly. */
final class Feet
{
    private const METRES = 0.3048;

    private const INCH_MM = 25.4;

    public static function ofMetres(float $metres): float
    {
        return $metres / self::METRES;
    }

    public static function inchesOfMm(float $mm): float
    {
        return $mm / self::INCH_MM;
    }
}
