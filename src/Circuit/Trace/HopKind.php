<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Trace;

/** How current gets from one point to the next. */
enum HopKind: string
{
    case Core = 'core';
    case Joint = 'joint';
    case Contact = 'contact';
    case Lamp = 'lamp';
    case OpenContact = 'open-contact';
}
