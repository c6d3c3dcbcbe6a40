<?php

declare(strict_types=1);

namespace Zwindle\Evening;

/** A place to sit at, and those from which its board can be seen. */
final readonly class Station
{
    /** @param  list<string>  $nextTo  ids; it is enough that one of two names the other */
    public function __construct(
        public string $id,
        public string $label,
        public array $nextTo = [],
    ) {
    }
}
