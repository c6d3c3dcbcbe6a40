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
     * @param  bool  $isInTime  whether the search came to its end before time was up
     */
    public function __construct(
        public array $plans,
        public array $shortages,
        public ?NoPlan $reason,
        public bool $isTruncated,
        private bool $isInTime = true,
    ) {
    }

    /** Whether it would come out the same another time: not cut off by time. */
    public function isFinished(): bool
    {
        return $this->isInTime;
    }
}
