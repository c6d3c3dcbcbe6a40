<?php

declare(strict_types=1);

namespace Zwindle\Plan\Prepare;

/** The side of a stud on which a box hangs. */
enum StudSide: string
{
    case Left = 'left';
    case Right = 'right';
    case On = 'on';
}
