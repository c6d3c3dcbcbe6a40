<?php

declare(strict_types=1);

namespace Zwindle\Plan;

/** In which order a plan is worked. */
enum StepOrder: string
{
    /** Box by box from the supply; in each, earths first, then neutrals, line and switched line, travellers last. */
    case BoxByBox = 'box-by-box';
    /** The neutral all the way to the lamp, then the switched line, the line, and the travellers last (test stations). */
    case FarthestFirst = 'farthest-first';
}
