<?php

declare(strict_types=1);

namespace Zwindle\Repair\Mistake;

use Zwindle\Board\Wiring\Wiring;

/** A right wiring with one odd-looking change. */
final readonly class OddWiring
{
    /** @param  list<string>  $at  the device, or a point of the joint, that it is about */
    public function __construct(
        public OddChange $change,
        public array $at,
        public Wiring $wiring,
    ) {
    }
}
