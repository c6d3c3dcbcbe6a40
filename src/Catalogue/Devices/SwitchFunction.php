<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Devices;

/** What a switch does inside, whatever it is called in the region. */
enum SwitchFunction: string
{
    case OnePole = 'one-pole';
    case ThreeWay = 'three-way';
    case FourWay = 'four-way';
    case TwoPole = 'two-pole';

    /**
     * Whether a switch of this function can do the work of the other one.
     *
     * A changeover used for on and off is right, and so is a crossover used as a changeover; the two-pole on/off only
     * ever opens (common practice).
     */
    public function canServeAs(self $place): bool
    {
        return match ($place) {
            self::OnePole => true,
            self::ThreeWay => $this === self::ThreeWay || $this === self::FourWay,
            self::FourWay => $this === self::FourWay,
            self::TwoPole => $this === self::TwoPole,
        };
    }
}
