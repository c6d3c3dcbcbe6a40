<?php

declare(strict_types=1);

namespace Zwindle\Exam\Vary;

use RuntimeException;

/** A board does not give as many variants as there are seats. */
final class TooFewVariants extends RuntimeException
{
    private function __construct(public readonly int $there, public readonly int $wanted)
    {
        parent::__construct("$there variants for $wanted seats");
    }

    public static function of(int $there, int $wanted): self
    {
        return new self($there, $wanted);
    }
}
