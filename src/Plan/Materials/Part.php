<?php

declare(strict_types=1);

namespace Zwindle\Plan\Materials;

/** One line of the materials list. */
final readonly class Part
{
    /**
     * @param  string  $what  a model, a size of box, a type of cable, a connector with its ports, what a mark says
     * @param  float  $amount  pieces; metres of cable
     */
    public function __construct(
        public PartKind $kind,
        public string $what,
        public float $amount,
    ) {
    }

    /** What a price list and a stock list know it by. */
    public function key(): string
    {
        return "{$this->kind->value} $this->what";
    }
}
