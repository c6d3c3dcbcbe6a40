<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis;

/** Something to look at, probe, test or flip next. */
final readonly class NextTest
{
    /** @param  string|int  $at  a point, a device; of a flip the state */
    private function __construct(public string $kind, public string|int $at)
    {
    }

    public static function look(string $point): self
    {
        return new self('look', $point);
    }

    public static function probe(string $point): self
    {
        return new self('probe', $point);
    }

    public static function part(string $device): self
    {
        return new self('part', $device);
    }

    public static function flip(int $state): self
    {
        return new self('flip', $state);
    }
}
