<?php

declare(strict_types=1);

namespace Zwindle\Evening;

/** When everybody sits, where, and on which variant. */
final readonly class EveningPlan
{
    /**
     * @param  list<Sitting>  $sittings  by time, then by station
     * @param  int  $minutes  the end of the last sitting
     * @param  int  $atLeast  no plan ends sooner: proved
     * @param  list<Conflict>  $conflicts
     */
    public function __construct(
        public array $sittings,
        public int $minutes,
        public int $atLeast,
        public array $conflicts = [],
    ) {
    }

    public function isProved(): bool
    {
        return $this->minutes === $this->atLeast;
    }
}
