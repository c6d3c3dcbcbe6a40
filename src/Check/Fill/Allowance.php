<?php

declare(strict_types=1);

namespace Zwindle\Check\Fill;

use Brick\Math\BigRational;

/** One item of the volume used in a box; volumes in cubic inches, exact. */
final readonly class Allowance
{
    /** @param  string|null  $awg  size of conductor that it is reckoned by */
    public function __construct(
        public AllowanceKind $kind,
        public int $count,
        public BigRational $eachIn3,
        public ?string $awg = null,
    ) {
    }

    public function in3(): BigRational
    {
        return $this->eachIn3->multipliedBy($this->count);
    }
}
