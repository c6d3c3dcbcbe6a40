<?php

declare(strict_types=1);

namespace Zwindle\Plan\Convert;

/** What there is to explain where a board is carried over to the other practice. */
enum NoteKind: string
{
    case Device = 'device';
    case DeviceGone = 'device-gone';
    case RoseGone = 'rose-gone';
    case Supply = 'supply';
    case BoxVolume = 'box-volume';
    case Cable = 'cable';
    case CableSplit = 'cable-split';
    case CableChanged = 'cable-changed';
    case CableFewer = 'cable-fewer';
    case CableBeside = 'cable-beside';
    case SinglesBeside = 'singles-beside';
    case SchemeDropped = 'scheme-dropped';
    case NoPlan = 'no-plan';
    case Colour = 'colour';
    /** White is never the return from a switch, and the blue of a switch drop always is. */
    case ReturnRule = 'return-rule';
    case NeutralRule = 'neutral-rule';
    case EarthRule = 'earth-rule';
    case PositionRule = 'position-rule';
}
