<?php

declare(strict_types=1);

namespace Zwindle\Board;

use LogicException;

/** A board that could not hang on a wall: a fault of the program, never of what was read. */
final class ImpossibleBoard extends LogicException
{
    public static function hangsNowhere(string $device, string $enclosure): self
    {
        return new self("$device hangs in $enclosure, which is not there");
    }

    public static function runsNowhere(string $cable): self
    {
        return new self("$cable runs to a box that is not there");
    }

    public static function unknownPart(string $device): self
    {
        return new self("$device is asked for, and is not there");
    }

    public static function withoutSupply(): self
    {
        return new self('A board without a supply');
    }
}
