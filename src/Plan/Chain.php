<?php

declare(strict_types=1);

namespace Zwindle\Plan;

/** One control as it is to be wired: its switches in the order of the current, by common-link or one after the other. */
final readonly class Chain
{
    /** @param  list<string>  $switches  the first takes the line, the last gives the switched line */
    public function __construct(
        public int $control,
        public array $switches,
        public bool $isLinked = false,
    ) {
    }
}
