<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Trace;

/** How the way of the current ends. */
enum PathEnd: string
{
    /** Through the lamp and back to the supply: it burns. */
    case Returns = 'returns';
    /** The same, but some of it returns by earth and the RCD opens. */
    case Rcd = 'rcd';
    /** Back to the supply with nothing between: the breaker opens. */
    case Short = 'short';
    /** At a contact that is open in this state. */
    case OpenContact = 'open-contact';
    /** At the lamp, which has no way back. */
    case NoReturn = 'no-return';
    /** At an end from which no switch position leads to the lamp. */
    case Nowhere = 'nowhere';
}
