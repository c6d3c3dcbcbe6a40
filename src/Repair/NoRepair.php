<?php

declare(strict_types=1);

namespace Zwindle\Repair;

/** Why no repair is given for a wiring that has failed. */
enum NoRepair: string
{
    /** The board cannot be wired at all with its parts and cables. */
    case NoTarget = 'no-target';
    /** None of the right wirings could be reached by moves alone. */
    case NoneFound = 'none-found';
    /** The search was given up at its limit. */
    case NotFinished = 'not-finished';
}
