<?php

declare(strict_types=1);

namespace App\Paper\Layout;

/** How far lanes at a side of a box lie apart, the air between two runs, and how near one may pass a box that it does not enter. */
final readonly class Lanes
{
    public function __construct(public float $step, public float $air, public float $clear)
    {
    }
}
