<?php

declare(strict_types=1);

namespace Zwindle\Board\Wiring;

use LogicException;

/** A wiring that no hand could make: a fault of the program, never of what was read. */
final class ImpossibleWiring extends LogicException
{
    public static function inTwoJoints(string $point): self
    {
        return new self("$point is in two joints");
    }
}
