<?php

declare(strict_types=1);

namespace Zwindle\Plan\Search;

use Zwindle\Circuit\Scheme\Role;

/** What must be one: a net to be, with the terminals and leads that stand on it. */
final readonly class Strand
{
    /**
     * @param  string  $key  `line`, `neutral`, `switched 0`, `traveller 0 1 a`: control, then place in the chain
     * @param  list<string>  $points
     * @param  list<string>  $enclosures  those that it must come to, each once
     */
    public function __construct(
        public string $key,
        public Role $role,
        public array $points,
        public array $enclosures,
    ) {
    }

    /** @param  list<string>  $points  terminals and leads that do the same work */
    public function withPoints(array $points): self
    {
        return new self($this->key, $this->role, $points, $this->enclosures);
    }
}
