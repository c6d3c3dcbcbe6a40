<?php

declare(strict_types=1);

namespace Zwindle\Bench;

use DomainException;

/** A step that cannot be done on the bench as it stands; the reason is a code. */
final class StepDoesNotFit extends DomainException
{
    public static function because(string $reason): self
    {
        return new self($reason);
    }
}
