<?php

declare(strict_types=1);

namespace Zwindle\Repair\Mistake;

/** Something that looks odd on a wiring and is right (common practice). */
enum OddChange: string
{
    case TerminalsExchanged = 'terminals-exchanged';
    case TravellersExchanged = 'travellers-exchanged';
    case PairTurned = 'pair-turned';
    case PairsExchanged = 'pairs-exchanged';
    case PairsExchangedAndTurned = 'pairs-exchanged-and-turned';
    case LampTurned = 'lamp-turned';
    case InConnector = 'in-connector';
}
