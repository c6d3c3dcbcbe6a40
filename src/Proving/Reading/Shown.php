<?php

declare(strict_types=1);

namespace Zwindle\Proving\Reading;

/** What an instrument shows. */
enum Shown: string
{
    /** A number with its unit. */
    case Number = 'number';
    /** More than its highest range: open, or better than it can tell. */
    case Over = 'over';
    /** So many marks of its row are lit. */
    case Marks = 'marks';
    case Lit = 'lit';
    case Dark = 'dark';
    /** Which of three lamps are lit. */
    case Lamps = 'lamps';
    /** It found voltage where there must be none, warns, and does not test. */
    case LiveWarning = 'live-warning';
    /** Its fuse is gone: it was put on a live circuit. */
    case FuseBlown = 'fuse-blown';
    /** There is not the voltage that its test needs. */
    case NoVolts = 'no-volts';
    case Tripped = 'tripped';
    case NoTrip = 'no-trip';
}
