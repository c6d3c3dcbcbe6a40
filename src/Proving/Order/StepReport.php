<?php

declare(strict_types=1);

namespace Zwindle\Proving\Order;

/** One step of a drill, how it went and why. */
final readonly class StepReport
{
    /** @param  Reason|null  $why  of what is void */
    public function __construct(public IsolationStep $step, public StepState $state, public ?Reason $why = null)
    {
    }
}
