<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Scheme;

/** Which of two schools a scheme was wired by, where practitioners disagree. */
enum SchemeVariant: string
{
    /** The re-identified white is the supply down to a switch. */
    case LineOutOnWhite = 'line-out-on-white';
    /** The re-identified white is the return from the switch to the lamp. */
    case ReturnOnWhite = 'return-on-white';
}
