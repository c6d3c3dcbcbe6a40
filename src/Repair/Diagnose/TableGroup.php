<?php

declare(strict_types=1);

namespace Zwindle\Repair\Diagnose;

/** Suspects that no flipping can tell from each other. */
final readonly class TableGroup
{
    /**
     * @param  non-empty-list<string>  $shape  columns of the lamps, then the trips
     * @param  non-empty-list<Suspect>  $suspects
     */
    public function __construct(
        public array $shape,
        public bool $looksRight,
        public array $suspects,
    ) {
    }

    /** @return list<Suspect> with one mistake */
    public function singles(): array
    {
        return array_values(array_filter($this->suspects, fn (Suspect $suspect) => ! $suspect->isPair()));
    }

    /** @return list<Suspect> */
    public function pairs(): array
    {
        return array_values(array_filter($this->suspects, fn (Suspect $suspect) => $suspect->isPair()));
    }
}
