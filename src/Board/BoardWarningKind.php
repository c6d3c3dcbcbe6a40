<?php

declare(strict_types=1);

namespace Zwindle\Board;

enum BoardWarningKind: string
{
    case Overlapping = 'overlapping';
    case ControlsNothing = 'controls-nothing';
    case NotControlled = 'not-controlled';
    case OffTheWall = 'off-the-wall';
    case VeryLong = 'very-long';
}
