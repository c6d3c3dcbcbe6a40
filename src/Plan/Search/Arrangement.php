<?php

declare(strict_types=1);

namespace Zwindle\Plan\Search;

/** How a board could be wired: its chains, and for each strand the runs that it takes. */
final readonly class Arrangement
{
    /**
     * @param  list<Chain>  $chains
     * @param  list<Strand>  $strands
     * @param  array<string, list<int>>  $routes  key of a strand → numbers of runs
     */
    public function __construct(
        public array $chains,
        public array $strands,
        public array $routes,
    ) {
    }

    /**
     * @return list<Strand> those that take a run, the neutral among them if it does
     */
    public function through(int $run): array
    {
        return array_values(array_filter($this->strands, fn (Strand $strand) => in_array($run, $this->routes[$strand->key], true)));
    }
}
