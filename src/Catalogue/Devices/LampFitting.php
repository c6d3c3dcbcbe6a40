<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Devices;

/** What a lamp sits in. */
enum LampFitting: string
{
    case ScrewLampholder = 'screw-lampholder';
    case BayonetLampholder = 'bayonet-lampholder';
    case Luminaire = 'luminaire';
    case Pendant = 'pendant';

    /** What is fitted where this one is not to be had; common practice. */
    public function instead(): ?self
    {
        return match ($this) {
            self::BayonetLampholder => self::ScrewLampholder,
            self::Pendant => self::Luminaire,
            default => null,
        };
    }
}
