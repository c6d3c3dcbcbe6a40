<?php

declare(strict_types=1);

namespace Zwindle\Plan;

/** A run that is short of cores, or of one that a neutral may be on, in the arrangement that comes nearest. */
final readonly class Shortage
{
    public function __construct(
        public string $scheme,
        public string $cable,
        public int $has,
        public int $needs,
        public bool $hasNoneForNeutral = false,
        public int $neverLine = 0,
    ) {
    }
}
