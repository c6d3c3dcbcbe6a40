<?php

declare(strict_types=1);

namespace Zwindle\Evening;

/** A rule that fixed sittings break; they stay as they are. */
final readonly class Conflict
{
    /** @param  list<Sitting>  $sittings  one or two */
    public function __construct(
        public ConflictRule $rule,
        public array $sittings,
    ) {
    }
}
