<?php

declare(strict_types=1);

namespace Zwindle\Check\Figures;

/** Volt drop and R1+R2 at one lamp; null where the wiring does not bring it there or a run has no length. */
final readonly class LampFigures
{
    /** @param  int|null  $state  the state reckoned with: the lamp lit, and as many others as can be */
    public function __construct(
        public string $lamp,
        public ?int $state,
        public ?float $dropV,
        public ?float $r1r2Ohm,
    ) {
    }
}
