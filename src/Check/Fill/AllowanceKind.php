<?php

declare(strict_types=1);

namespace Zwindle\Check\Fill;

/** What takes up room in a box, in the order of the paragraphs of NEC 314.16(B). */
enum AllowanceKind: string
{
    case Conductors = 'conductors';
    case Clamps = 'clamps';
    case Devices = 'devices';
    case Earths = 'earths';
    case FurtherEarths = 'further-earths';
}
