<?php

declare(strict_types=1);

namespace Zwindle\Board;

/** What the task insists on beyond a lamp that works. */
final readonly class Requirements
{
    public const ANY_SCHEME = 'any';

    public function __construct(
        public string $scheme = self::ANY_SCHEME,
        public string $neutralAtSwitches = 'by-code',
        public bool $earths = true,
    ) {
    }
}
