<?php

declare(strict_types=1);

namespace Zwindle\Proving\Reading;

/** How the instruments on the bench are: whether the two-pole tester works, the meter's fuse is whole, its leads are nulled. */
final readonly class Tools
{
    public function __construct(
        public bool $testerWorks = true,
        public bool $isFuseWhole = true,
        public bool $isNulled = false,
    ) {
    }

    public function withTester(bool $works): self
    {
        return new self($works, $this->isFuseWhole, $this->isNulled);
    }

    public function withFuse(bool $isWhole): self
    {
        return new self($this->testerWorks, $isWhole, $this->isNulled);
    }

    public function nulled(): self
    {
        return new self($this->testerWorks, $this->isFuseWhole, true);
    }
}
