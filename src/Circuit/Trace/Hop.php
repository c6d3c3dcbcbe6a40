<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Trace;

/** One stretch of a path. */
final readonly class Hop
{
    public function __construct(
        public HopKind $kind,
        public string $from,
        public string $to,
    ) {
    }
}
