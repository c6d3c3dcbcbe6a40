<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Devices;

/** What a terminal is there for. */
enum TerminalDuty: string
{
    case SupplyLine = 'supply-line';
    case SupplyNeutral = 'supply-neutral';
    case Earth = 'earth';
    /** The contact that both positions of a three-way share. */
    case Common = 'common';
    /** One of the two contacts that a three-way changes over between. */
    case Throw = 'throw';
    /** A contact of any other switch. */
    case Pole = 'pole';
    case LampSide = 'lamp-side';
    case LampShell = 'lamp-shell';
    /** Line side of a receptacle, loop block of a rose. */
    case Hot = 'hot';
    case SwitchedBlock = 'switched-block';
    case Neutral = 'neutral';
}
