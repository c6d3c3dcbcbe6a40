<?php

declare(strict_types=1);

namespace Zwindle\Repair\Nearest;

/** A right assignment to aim at: the strand that each point belongs to. */
final readonly class Target
{
    /** Of earth terminals and earth cores. */
    public const EARTH = 'earth';

    /**
     * @param  array<string, string|null>  $strandOf  point → key of its strand; null where it is to be alone; points that do not matter
     *     are left out
     */
    public function __construct(public array $strandOf)
    {
    }
}
