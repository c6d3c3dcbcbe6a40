<?php

declare(strict_types=1);

namespace Zwindle\Evening;

/** A break: from its first minute up to but not with its last nobody sits. */
final readonly class Pause
{
    public function __construct(
        public int $from,
        public int $to,
    ) {
    }
}
