<?php

declare(strict_types=1);

namespace Zwindle\Proving;

/** What hands do at a board that is tested. */
enum ActKind: string
{
    /** A finger on the breaker that is said to feed the board. */
    case Identify = 'identify';
    case TurnOn = 'turn-on';
    case TurnOff = 'turn-off';
    case Lock = 'lock';
    case Unlock = 'unlock';
    case Tag = 'tag';
    case Untag = 'untag';
    case Flip = 'flip';
    case LampOut = 'lamp-out';
    case LampIn = 'lamp-in';
    /** The two-pole tester tried on its proving unit. */
    case Prove = 'prove';
    /** Another tester taken from the van. */
    case OtherTester = 'other-tester';
    case NewFuse = 'new-fuse';
    case NullLeads = 'null-leads';
    /** A lead clipped between two points. */
    case Link = 'link';
    case Unlink = 'unlink';
    case Touch = 'touch';
    case Lift = 'lift';
    /** A cover off, where boxes are shut at first. */
    case OpenBox = 'open-box';
    /** A fault named, and the repair made that mends it. */
    case PutRight = 'put-right';
    /** The supply named as all that is wrong: nothing in a box is touched for it. */
    case NameSupply = 'name-supply';
    /** "This board is right." */
    case SignOff = 'sign-off';

    /** Whether somebody says what is wrong. */
    public function isNaming(): bool
    {
        return $this === self::PutRight || $this === self::NameSupply;
    }
}
