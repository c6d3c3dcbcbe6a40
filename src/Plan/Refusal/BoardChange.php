<?php

declare(strict_types=1);

namespace Zwindle\Plan\Refusal;

use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Practices\Colour;

/** Other cables, and singles drawn into conduits besides, with which a board can be wired. */
final readonly class BoardChange
{
    /**
     * @param  array<string, CableType>  $types  cable → the type in its place
     * @param  array<string, list<Colour>>  $singles  first single of a conduit → colours of those drawn in beside it
     * @param  array<string, CableType>  $beside  cable → the type of a second one run beside it
     */
    public function __construct(
        public array $types = [],
        public array $singles = [],
        public array $beside = [],
    ) {
    }

    public function isNone(): bool
    {
        return $this->types === [] && $this->singles === [] && $this->beside === [];
    }

    /** Conductors that it takes: a change of fewer is the smaller of two. */
    public function cores(): int
    {
        return array_sum(array_map(fn (CableType $type) => count($type->cores), [
            ...array_values($this->types),
            ...array_values($this->beside),
        ])) + array_sum(array_map(count(...), $this->singles));
    }
}
