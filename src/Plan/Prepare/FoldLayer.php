<?php

declare(strict_types=1);

namespace Zwindle\Plan\Prepare;

/** What is folded into a box together, in the order in which it goes in (common practice: earths to the back, devices last). */
enum FoldLayer: string
{
    case Earths = 'earths';
    case Neutrals = 'neutrals';
    case Spares = 'spares';
    case Line = 'line';
    case Device = 'device';
}
