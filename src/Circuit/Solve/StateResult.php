<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Solve;

/** What happens in one state. */
final readonly class StateResult
{
    /**
     * @param  list<int>  $nodes  net → node
     * @param  list<LampState>  $lamps  in the circuit's order
     * @param  LampNetwork|null  $network  null in a state that trips: everything is at 0 V
     */
    public function __construct(
        public int $state,
        public array $nodes,
        public array $lamps,
        public ?Trip $trip,
        public ?LampNetwork $network,
    ) {
    }
}
