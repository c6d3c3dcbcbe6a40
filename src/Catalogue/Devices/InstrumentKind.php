<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Devices;

/** What there is to test with. */
enum InstrumentKind: string
{
    /** Two probes and a row of marks that light by the voltage between them; it draws a little current, so that ghosts vanish. */
    case TwoPole = 'two-pole';
    /** Continuity and low ohms, with leads to be nulled. */
    case Ohm = 'ohm';
    /** 500 V d.c. between two points. */
    case Insulation = 'insulation';
    /** Earth fault loop, on a live circuit. */
    case Loop = 'loop';
    /** Leaks the rated current to earth and counts until the RCD opens. */
    case Rcd = 'rcd';
    /** One tip held near a conductor; it lights by what couples into it. */
    case Pen = 'pen';
    /** Three lamps in a plug. */
    case PlugIn = 'plug-in';
    /** The button of the plug-in tester, that leaks a few milliamperes to ground. */
    case Gfci = 'gfci';

    /** How many points it is put on. */
    public function touches(): int
    {
        return in_array($this, [self::Pen, self::PlugIn, self::Gfci], true) ? 1 : 2;
    }

    /** Whether it goes into a receptacle rather than on points. */
    public function isPlug(): bool
    {
        return in_array($this, [self::PlugIn, self::Gfci], true);
    }

    /** Whether it puts a voltage of its own on what must be dead. */
    public function isForDead(): bool
    {
        return in_array($this, [self::Ohm, self::Insulation], true);
    }
}
