<?php

declare(strict_types=1);

namespace Zwindle\Evening;

/** One person at one station on one variant, from a minute up to but not with another. */
final readonly class Sitting
{
    public function __construct(
        public string $person,
        public string $station,
        public int $from,
        public int $to,
        public int $variant,
        public bool $isRetest = false,
    ) {
    }

    public function overlaps(self|Pause $other): bool
    {
        return $this->from < $other->to && $other->from < $this->to;
    }
}
