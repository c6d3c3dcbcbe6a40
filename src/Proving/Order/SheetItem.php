<?php

declare(strict_types=1);

namespace Zwindle\Proving\Order;

/** What a test sheet can ask; which of them it does is the practice's. */
enum SheetItem: string
{
    case Isolation = 'isolation';
    /** The line's way out and the earth's way back, joined at the supply and measured at the light. */
    case R1R2 = 'r1r2';
    /** The earth of each box against the supply's. */
    case Earths = 'earths';
    /** Nothing between line and neutral, nor between line and earth. */
    case NoShort = 'no-short';
    case Insulation = 'insulation';
    /** The line comes to the right side of each lamp, and by the switches. */
    case Polarity = 'polarity';
    case Voltage = 'voltage';
    /** Line and neutral at the boxes from which a cable goes on beyond the board. */
    case Downstream = 'downstream';
    case Loop = 'loop';
    /** The RCD or GFCI opens. */
    case Residual = 'residual';
    /** Every combination of the switches, seen. */
    case Function = 'function';

    /** Whether it is done before the supply comes on. */
    public function isDead(): bool
    {
        return ! in_array($this, [self::Voltage, self::Downstream, self::Loop, self::Residual, self::Function], true);
    }
}
