<?php

declare(strict_types=1);

namespace Zwindle\Proving\Walk;

use Zwindle\Circuit\Solve\TruthTable;
use Zwindle\Repair\Mistake\Mistake;

/** A wrong wiring that passes a walk, and the flips that would have shown it. */
final readonly class Trap
{
    /**
     * @param  Mistake|null  $mistake  the usual one that it is; null for conductors of switches landed otherwise
     * @param  list<string>  $landed  the switches of which conductors are landed otherwise, where it is no usual mistake
     * @param  non-empty-list<string>  $tell  from where the walk ended; the last of them shows it
     */
    public function __construct(
        public TruthTable $table,
        public ?Mistake $mistake,
        public array $landed,
        public array $tell,
    ) {
    }
}
