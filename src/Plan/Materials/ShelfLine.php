<?php

declare(strict_types=1);

namespace Zwindle\Plan\Materials;

/** What an instructor keeps written down about one part: its price and how much is on the shelf. */
final readonly class ShelfLine
{
    /**
     * @param  int|null  $priceCents  of a piece, of a foot or of a metre of cable by practice; null where none is kept
     * @param  float|null  $held  pieces, feet or metres; null where no stock is kept
     */
    public function __construct(
        public ?int $priceCents = null,
        public ?float $held = null,
    ) {
    }
}
