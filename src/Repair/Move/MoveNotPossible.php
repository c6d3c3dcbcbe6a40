<?php

declare(strict_types=1);

namespace Zwindle\Repair\Move;

use RuntimeException;

/** A move that cannot be made when its turn comes: the place is not there on the parts as they are then. */
final class MoveNotPossible extends RuntimeException
{
    public static function noPlace(string $point): self
    {
        return new self("$point is not there when its turn comes");
    }

    public static function stillHeld(string $point): self
    {
        return new self("$point still holds something that the part to be fitted has no place for");
    }
}
