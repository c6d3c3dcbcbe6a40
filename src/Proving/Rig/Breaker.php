<?php

declare(strict_types=1);

namespace Zwindle\Proving\Rig;

/** How a breaker, an RCD or a GFCI stands. */
enum Breaker: string
{
    case On = 'on';
    case Off = 'off';
    /** Opened by itself: it is pushed off and then on again. */
    case Tripped = 'tripped';
}
