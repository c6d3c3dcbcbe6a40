<?php

declare(strict_types=1);

namespace Zwindle\Evening;

/** Why there can be no plan at all. */
enum NoEvening: string
{
    case NoStation = 'no-station';
    case OneVariant = 'one-variant';
}
