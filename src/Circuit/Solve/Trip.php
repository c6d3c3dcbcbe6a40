<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Solve;

/** What opened in a state. */
enum Trip: string
{
    case Breaker = 'breaker';
    case Rcd = 'rcd';
}
