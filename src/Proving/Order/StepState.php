<?php

declare(strict_types=1);

namespace Zwindle\Proving\Order;

/** How a step of a drill went. */
enum StepState: string
{
    case Done = 'done';
    case Missing = 'missing';
    /** Done, and of no use: too early, in the wrong place, or with what does not work. */
    case Void = 'void';
}
