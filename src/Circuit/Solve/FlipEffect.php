<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Solve;

/** Whether operating one switch changes one lamp, over all positions of the other switches. */
enum FlipEffect
{
    case Always;
    case Sometimes;
    case Never;
}
