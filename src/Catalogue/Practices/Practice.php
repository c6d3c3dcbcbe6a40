<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Practices;

/** The body of custom and code that a board is built and judged by. */
enum Practice: string
{
    case NorthAmerica = 'na';
    case Britain = 'gb';

    /** Nominal supply voltage in volts, line to neutral. */
    public function nominalV(): int
    {
        return match ($this) {
            self::NorthAmerica => 120,
            self::Britain => 230,
        };
    }
}
