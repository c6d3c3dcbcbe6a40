<?php

declare(strict_types=1);

namespace Zwindle\Repair;

/** The smallest repairs of a wiring. */
final readonly class SmallestRepairs
{
    /**
     * @param  list<Repair>  $repairs  equally small, those that undo usual mistakes first; empty where none was found,
     *     or the wiring has not failed
     * @param  NoRepair|null  $reason  why a wiring that has failed has none
     */
    public function __construct(
        public array $repairs,
        public ?NoRepair $reason,
    ) {
    }
}
