<?php

declare(strict_types=1);

namespace Zwindle\Board;

/** What the task insists on beyond a lamp that works. */
final readonly class Requirements
{
    public const ANY_SCHEME = 'any';

    public const NEUTRAL_BY_CODE = 'by-code';

    public const NEUTRAL_IN_EVERY_BOX = 'every';

    /** @param  list<string>  $neutralIn  enclosures that must have a neutral besides: never in a file, asked by the planner's callers */
    public function __construct(
        public string $scheme = self::ANY_SCHEME,
        public string $neutralAtSwitches = self::NEUTRAL_BY_CODE,
        public bool $earths = true,
        public array $neutralIn = [],
    ) {
    }

    public function withNeutralIn(string $enclosure): self
    {
        return new self($this->scheme, $this->neutralAtSwitches, $this->earths, [...$this->neutralIn, $enclosure]);
    }
}
