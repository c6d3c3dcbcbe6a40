<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Scheme;

/** What a core carries. */
enum Role: string
{
    case Line = 'line';
    case SwitchedLine = 'switched-line';
    case Traveller = 'traveller';
    case Neutral = 'neutral';
    case Earth = 'earth';
    case None = 'none';

    /** Live from the supply, always or in some positions. */
    public function isOnLineSide(): bool
    {
        return $this === self::Line || $this === self::SwitchedLine || $this === self::Traveller;
    }
}
