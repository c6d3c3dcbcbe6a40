<?php

declare(strict_types=1);

namespace Zwindle\Board;

/** What the task insists on beyond a lamp that works. */
final readonly class Requirements
{
    public const ANY_SCHEME = 'any';

    public const NEUTRAL_BY_CODE = 'by-code';

    public const NEUTRAL_IN_EVERY_BOX = 'every';

    public function __construct(
        public string $scheme = self::ANY_SCHEME,
        public string $neutralAtSwitches = self::NEUTRAL_BY_CODE,
        public bool $earths = true,
    ) {
    }
}
