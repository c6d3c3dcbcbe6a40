<?php

declare(strict_types=1);

namespace Zwindle\Repair;

/** The smallest repairs of a wiring. */
final readonly class SmallestRepairs
{
    /**
     * @param  list<Repair>  $repairs  equally small, those that end in the best verdict first, of these usual mistakes; empty where
     *     none was found, or the wiring has not failed
     * @param  list<Repair>  $also  longer ones that end in a better verdict
     * @param  NoRepair|null  $reason  why a wiring that has failed has none
     */
    public function __construct(
        public array $repairs,
        public array $also,
        public ?NoRepair $reason,
    ) {
    }
}
