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
    /** What is wrong, and where, is said. */
    case Name = 'name';
    /** Named and mended in one: so it was kept before hands made repairs. */
    case PutRight = 'put-right';
    /** A step at the bench. */
    case Work = 'work';
    /** A conductor out and back under its screw, and tight. */
    case Tighten = 'tighten';
    /** A new part, of the same kind or another. */
    case Fit = 'fit';
    /** A new cable or conductor along an old one's way. */
    case NewRun = 'new-run';
    /** "This board is right." */
    case SignOff = 'sign-off';

    /** Whether somebody says what is wrong. */
    public function isNaming(): bool
    {
        return $this === self::Name || $this === self::PutRight;
    }

    /** Whether a hand goes into a box for it and changes what is there. */
    public function isHandIn(): bool
    {
        return in_array($this, [self::PutRight, self::Work, self::Tighten, self::Fit, self::NewRun], true);
    }
}
