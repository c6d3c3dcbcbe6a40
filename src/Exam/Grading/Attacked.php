<?php

declare(strict_types=1);

namespace Zwindle\Exam\Grading;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\Oddity;

/** A wiring that a marking was tried on, and what it came to. */
final readonly class Attacked
{
    /** @param  list<Mistake>  $mistakes  made on it; empty for an odd-looking right one */
    public function __construct(
        public Wiring $wiring,
        public Mark $mark,
        public array $mistakes = [],
        public ?Oddity $odd = null,
    ) {
    }
}
