<?php

declare(strict_types=1);

namespace Zwindle\Proving;

/** Why something cannot be done at the board; nothing has changed. */
enum ActRefusal: string
{
    case NoSuchPart = 'no-such-part';
    case NoSuchPlace = 'no-such-place';
    case NoSuchInstrument = 'no-such-instrument';
    /** Both probes on one point. */
    case SamePlace = 'same-place';
    case NoReceptacle = 'no-receptacle';
    /** There is a lock on it. */
    case Locked = 'locked';
    /** A lock goes on what is off. */
    case NotOff = 'not-off';
    /** A lead between two points is for a dead board. */
    case LinkOnLive = 'link-on-live';
    /** Hands go into a dead board. */
    case HandsInLive = 'hands-in-live';
    /** The task asks for more before the supply comes on. */
    case NotYet = 'not-yet';
}
