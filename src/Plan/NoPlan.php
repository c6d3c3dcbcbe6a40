<?php

declare(strict_types=1);

namespace Zwindle\Plan;

/** Why there is no plan. */
enum NoPlan: string
{
    /** Every arrangement was tried, and some run is short of cores in each. */
    case ShortOfCores = 'short-of-cores';
    /** The switches of a control are not the ones that it takes. */
    case WrongParts = 'wrong-parts';
    /** What can be wired is another scheme than the one asked for. */
    case OtherScheme = 'other-scheme';
    /** What can be wired breaks a rule, such as an earth that cannot be brought where it belongs. */
    case NoRightWiring = 'no-right-wiring';
    /** The search was given up at its limit: this is no proof. */
    case NotFinished = 'not-finished';
}
