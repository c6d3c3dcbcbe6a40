<?php

declare(strict_types=1);

namespace Zwindle\Board\Wiring;

/** Points of one enclosure made one. */
final readonly class Joint
{
    /** @param  list<string>  $points  two at least */
    public function __construct(
        public string $enclosure,
        public array $points,
        public JoinedBy $by,
        public ?int $ports = null,
    ) {
    }

    public function has(string $point): bool
    {
        return in_array($point, $this->points, true);
    }
}
