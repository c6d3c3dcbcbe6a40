<?php

declare(strict_types=1);

namespace Zwindle\Exam\Grading;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\OddWiring;

/** A wiring that a marking was tried on, and what it came to. */
final readonly class Attacked
{
    /** @param  list<Mistake>  $mistakes  made on it; empty for an odd-looking right one */
    public function __construct(
        public Wiring $wiring,
        public Grade $grade,
        public array $mistakes = [],
        public ?OddWiring $odd = null,
    ) {
    }
}
