<?php

declare(strict_types=1);

namespace Zwindle\Plan\Prepare;

use Zwindle\Board\Enclosure;

/** Where one box is marked out on the board face; lengths in millimetres to the middle of the box. */
final readonly class SettingOutPlace
{
    /**
     * @param  float|null  $heightMm  above the lower edge of the board; null where the board has no size
     * @param  int|null  $stud  the nearest one, counted from 1 at the left; null on a plain sheet
     * @param  StudSide|null  $side  the side of that stud on which it hangs
     * @param  float|null  $depthIn  of a box of standard size
     */
    public function __construct(
        public Enclosure $enclosure,
        public float $fromLeftMm,
        public float $fromTopMm,
        public ?float $heightMm,
        public ?int $stud,
        public ?StudSide $side,
        public ?float $depthIn,
    ) {
    }
}
