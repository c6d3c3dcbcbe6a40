<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Devices;

/**
 * What each instrument is made of: source voltage, inner resistance, ranges, and where the figures come from.
 *
 * @phpstan-type Ranges non-empty-list<array{float|int, float|int}>
 * @phpstan-type Facts array{
 *     two-pole: array{innerOhm: float, stepsV: non-empty-list<int>, source: string},
 *     ohm: array{openV: float, innerOhm: float, unit: string, ranges: Ranges, leadsOhm: float, liveV: float,
 *         percent: float, digits: int, source: string},
 *     insulation: array{openV: float, innerOhm: float, unit: string, ranges: Ranges, liveV: float,
 *         percent: float, digits: int, source: string},
 *     loop: array{innerOhm: float, unit: string, ranges: Ranges, leastShare: float, percent: float, digits: int, source: string},
 *     rcd: array{unit: string, fromMs: int, toMs: int, mostMs: int, leastShare: float, source: string},
 *     pen: array{leastV: float, strayM: float, unknownRunM: float, source: string},
 *     plug-in: array{innerOhm: float, leastV: float, source: string},
 *     gfci: array{testMa: float, leastShare: float, source: string},
 *     cable: array{insulationMohmM: float, source: string}
 * }
 */
final class Instruments
{
    /** @return Facts */
    public static function facts(): array
    {
        /** @var Facts|null $facts */
        static $facts = null;

        /** @var Facts $read */
        $read = $facts ?? json_decode((string) file_get_contents(__DIR__.'/instruments.json'), true, 8, JSON_THROW_ON_ERROR);

        return $facts = $read;
    }
}
