<?php

declare(strict_types=1);

namespace Zwindle\Bench;

use Zwindle\Board\Wiring\JoinedBy;

/** Places of one enclosure made one. */
final readonly class BenchJoint
{
    /** @param  list<string>  $points */
    public function __construct(
        public string $enclosure,
        public JoinedBy $by,
        public ?int $ports,
        public array $points,
    ) {
    }

    public function has(string $place): bool
    {
        return in_array($place, $this->points, true);
    }

    /** @param  list<string>  $points */
    public function holding(array $points): self
    {
        return new self($this->enclosure, $this->by, $this->ports, $points);
    }
}
