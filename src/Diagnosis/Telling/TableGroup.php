<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis\Telling;

use Zwindle\Repair\Mistake\MistakenWiring;

/** Wirings that no flipping can tell from each other. */
final readonly class TableGroup
{
    /**
     * @param  non-empty-list<string>  $shape  columns of the lamps, then the trips
     * @param  non-empty-list<MistakenWiring>  $mistaken
     */
    public function __construct(
        public array $shape,
        public bool $looksRight,
        public array $mistaken,
    ) {
    }

    /** @return list<MistakenWiring> with one mistake */
    public function singles(): array
    {
        return array_values(array_filter($this->mistaken, fn (MistakenWiring $wiring) => ! $wiring->isPair()));
    }

    /** @return list<MistakenWiring> */
    public function pairs(): array
    {
        return array_values(array_filter($this->mistaken, fn (MistakenWiring $wiring) => $wiring->isPair()));
    }
}
