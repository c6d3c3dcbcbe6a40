<?php

declare(strict_types=1);

namespace Zwindle\Plan\Materials;

use Zwindle\Board\Cable;

/** One length to cut. */
final readonly class Cut
{
    /**
     * @param  float|null  $runM  null where the board does not say how long it is
     * @param  int  $supports  staples or clips along it
     */
    public function __construct(
        public Cable $cable,
        public ?float $runM,
        public ?float $cutM,
        public int $supports,
    ) {
    }
}
