<?php

declare(strict_types=1);

namespace App\Paper\OpenBox;

/** A screw, a hole or a block where it lies, and where a conductor turns in, just outside the device. */
final readonly class DrawnLanding
{
    /**
     * @param  array<string, mixed>|null  $look  as a trainee sees it; null for the earth of a box
     * @param  array{float, float}  $approach
     */
    public function __construct(
        public string $id,
        public float $x,
        public float $y,
        public ?array $look,
        public array $approach,
    ) {
    }

    public function shape(): string
    {
        return $this->look['shape'] ?? 'screw';
    }

    public function isLead(): bool
    {
        return $this->shape() === 'lead';
    }

    public function holes(): int
    {
        return $this->look['holes'] ?? 1;
    }
}
