<?php

declare(strict_types=1);

namespace Zwindle\Plan\Materials;

/** A line of the materials list with what it costs and what is missing on the shelf. */
final readonly class PricedPart
{
    /**
     * @param  float  $amount  pieces, feet or metres
     * @param  int|null  $costCents  null without a price, or where the length is unknown
     * @param  float|null  $short  null where no stock is kept
     */
    public function __construct(
        public Part $part,
        public float $amount,
        public ShelfLine $shelf,
        public ?int $costCents,
        public ?float $short,
    ) {
    }
}
