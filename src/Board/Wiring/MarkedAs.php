<?php

declare(strict_types=1);

namespace Zwindle\Board\Wiring;

/** What tape or sleeve says that an end is. */
enum MarkedAs: string
{
    case Line = 'line';
    case Neutral = 'neutral';
    case Earth = 'earth';
}
