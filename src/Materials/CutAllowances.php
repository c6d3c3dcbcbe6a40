<?php

declare(strict_types=1);

namespace Zwindle\Materials;

use Zwindle\Catalogue\Practice;

/**
 * What is added to a run before it is cut; lengths in metres.
 *
 * Source: free conductor of at least 6 in, NEC 300.14 (memory), with about 9 in of sheath off as comfortable, and the British
 * figures, common practice.
 */
final readonly class CutAllowances
{
    private function __construct(
        public float $atEachEndM,
        public float $wastePercent,
        public float $roundUpToM,
    ) {
    }

    public static function usualIn(Practice $practice): self
    {
        return $practice === Practice::NorthAmerica ? new self(0.23, 5.0, 0.1) : new self(0.2, 5.0, 0.1);
    }

    /** @throws AbsurdAllowance if a figure is below nothing or beyond all measure */
    public static function of(float $atEachEndM, float $wastePercent, float $roundUpToM): self
    {
        $isSane = $atEachEndM >= 0 && $atEachEndM <= 5 && $wastePercent >= 0 && $wastePercent <= 100 && $roundUpToM > 0 && $roundUpToM <= 10;

        return $isSane ? new self($atEachEndM, $wastePercent, $roundUpToM) : throw AbsurdAllowance::of($atEachEndM, $wastePercent, $roundUpToM);
    }

    /** The length to cut for a run, in metres, rounded up. */
    public function cutM(float $runM): float
    {
        $length = ($runM + 2 * $this->atEachEndM) * (1 + $this->wastePercent / 100);

        // A hair less, so that a length on the mark is not rounded to the next one.
        return round(ceil($length / $this->roundUpToM - 1e-9) * $this->roundUpToM, 3);
    }
}
