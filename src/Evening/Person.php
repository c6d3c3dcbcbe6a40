<?php

declare(strict_types=1);

namespace Zwindle\Evening;

/** Somebody who sits. Times are whole minutes from the start of the evening. */
final readonly class Person
{
    public function __construct(
        public string $id,
        public string $name,
        public int $extraPercent = 0,
        public int $notBefore = 0,
    ) {
    }

    /** How long a sitting of so many minutes is for this person: the extra rounded up. */
    public function minutes(int $minutes): int
    {
        return intdiv($minutes * (100 + $this->extraPercent) + 99, 100);
    }
}
