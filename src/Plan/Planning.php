<?php

declare(strict_types=1);

namespace Zwindle\Plan;

/** What the planner came to. */
final readonly class Planning
{
    /**
     * @param  list<Plan>  $plans  the best first
     * @param  list<Shortage>  $shortages  of the arrangement that comes nearest, where that is why there is no plan
     * @param  NoPlan|null  $reason  why there is none
     */
    public function __construct(
        public array $plans,
        public array $shortages,
        public ?NoPlan $reason,
        public bool $isTruncated,
    ) {
    }
}
