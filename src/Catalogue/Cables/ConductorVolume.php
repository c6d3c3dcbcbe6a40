<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Cables;

/**
 * The room that one conductor is reckoned to need in a box.
 *
 * Source: NEC Table 314.16(B)(1) (memory).
 */
final class ConductorVolume
{
    private const IN3_BY_AWG = [
        '18' => '1.50',
        '16' => '1.75',
        '14' => '2.00',
        '12' => '2.25',
        '10' => '2.50',
        '8' => '3.00',
        '6' => '5.00',
    ];

    /** @return string cubic inches in decimals, exact */
    public static function in3(string $awg): string
    {
        return self::IN3_BY_AWG[$awg] ?? throw new \LogicException("No volume for $awg AWG");
    }
}
