<?php

declare(strict_types=1);

namespace Zwindle\Board;

/** The board face that everything hangs on; millimetres from its top left corner. */
final readonly class Wall
{
    /** @param  float|null  $studsMm  from the middle of one stud to the next; null for a plain sheet */
    public function __construct(
        public float $widthMm,
        public float $heightMm,
        public ?float $studsMm = null,
        public float $firstStudMm = 0.0,
    ) {
    }

    /** The stud nearest to a place, counted from 1; null where there are none. */
    public function nearestStud(float $xMm): ?int
    {
        return $this->studsMm === null ? null : max(1, (int) round(($xMm - $this->firstStudMm) / $this->studsMm) + 1);
    }

    /** The middle of a stud, counted from 1. */
    public function studAtMm(int $number): float
    {
        return $this->firstStudMm + ($number - 1) * ($this->studsMm ?? 0.0);
    }
}
