<?php

declare(strict_types=1);

namespace Zwindle\Evening\Seating;

/** One claim put down: which, where, when, on which variant. */
final readonly class Seat
{
    public function __construct(
        public int $claim,
        public int $station,
        public int $from,
        public int $to,
        public int $variant,
        public bool $isSecond,
    ) {
    }
}
