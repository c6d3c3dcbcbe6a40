<?php

declare(strict_types=1);

namespace Zwindle\Plan\Materials;

use Zwindle\Catalogue\Practices\Practice;

/**
 * What is added to a run before it is cut; lengths in metres.
 *
 * Source: free conductor of at least 6 in and 3 in past the opening, NEC 300.14, and sheath of ¼ in into the box, 314.17
 * (memory), with about 9 in of sheath off as comfortable; the British figures are common practice.
 */
final readonly class CutAllowances
{
    /**
     * @param  float  $freeM  conductor without its sheath, at each end
     * @param  float  $sheathM  sheath brought into the box, at each end
     */
    private function __construct(
        public float $freeM,
        public float $sheathM,
        public float $wastePercent,
        public float $roundUpToM,
    ) {
    }

    public static function usualIn(Practice $practice): self
    {
        ['freeM' => $free, 'sheathM' => $sheath, 'wastePercent' => $waste, 'roundUpToM' => $roundUpTo] = $practice->allowances;

        return new self($free, $sheath, $waste, $roundUpTo);
    }

    /** @throws AbsurdAllowance if a figure is below nothing or beyond all measure */
    public static function of(float $freeM, float $sheathM, float $wastePercent, float $roundUpToM): self
    {
        $areSane = [
            $freeM >= 0 && $freeM <= 5,
            $sheathM >= 0 && $sheathM <= 5,
            $wastePercent >= 0 && $wastePercent <= 100,
            $roundUpToM > 0 && $roundUpToM <= 10,
        ];

        return in_array(false, $areSane, true)
            ? throw AbsurdAllowance::of($freeM, $sheathM, $wastePercent, $roundUpToM)
            : new self($freeM, $sheathM, $wastePercent, $roundUpToM);
    }

    /** The length to cut for a run, in metres, rounded up. */
    public function cutM(float $runM): float
    {
        $length = ($runM + 2 * ($this->freeM + $this->sheathM)) * (1 + $this->wastePercent / 100);

        // A hair less, so that a length on the mark is not rounded to the next one.
        return round(ceil($length / $this->roundUpToM - 1e-9) * $this->roundUpToM, 4);
    }
}
