<?php

declare(strict_types=1);

namespace Zwindle\Plan;

/** One instruction: a joint to make, an end to mark before it is joined, or one to cap. */
final readonly class PlanStep
{
    private function __construct(
        public ?int $joint,
        public ?string $mark,
        public ?string $cap,
    ) {
    }

    public static function join(int $joint): self
    {
        return new self($joint, null, null);
    }

    public static function mark(string $end): self
    {
        return new self(null, $end, null);
    }

    public static function cap(string $end): self
    {
        return new self(null, null, $end);
    }
}
