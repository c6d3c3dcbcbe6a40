<?php

declare(strict_types=1);

namespace Zwindle\Board;

enum EnclosureKind: string
{
    case Supply = 'supply';
    case SwitchBox = 'switch-box';
    case LightBox = 'light-box';
    case CeilingRose = 'ceiling-rose';
    case JunctionBox = 'junction-box';
    /** A place beyond the board: exactly one cable goes on to it, and feeds something else there. */
    case Onward = 'onward';

    /** Whether it is a box, a rose or a fitting on the wall: no supply, and no place beyond the board. */
    public function isOnTheWall(): bool
    {
        return $this !== self::Supply && $this !== self::Onward;
    }
}
