<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis\Telling;

/** A look, a probe or a test of a part: something that tells wirings with the same table apart. */
final readonly class TellingTest
{
    private function __construct(
        public TellingTestKind $kind,
        public string $at,
    ) {
    }

    /** What is joined with a point; at a device, which part hangs there. */
    public static function look(string $at): self
    {
        return new self(TellingTestKind::Look, $at);
    }

    /** With a tester to earth, through every position: whether a point is ever live. */
    public static function probe(string $point): self
    {
        return new self(TellingTestKind::Probe, $point);
    }

    /** The part by itself, its conductors off: which contacts close, whether the lamp is whole. */
    public static function ohm(string $device): self
    {
        return new self(TellingTestKind::Ohm, $device);
    }

    public static function ofKey(string $key): self
    {
        [$kind, $at] = explode(' ', $key, 2);

        return new self(TellingTestKind::from($kind), $at);
    }

    public function key(): string
    {
        return "{$this->kind->value} $this->at";
    }
}
