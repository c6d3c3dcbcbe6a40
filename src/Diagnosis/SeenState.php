<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis;

/** What the lamps did in one combination; `flickers` is an answer. */
final readonly class SeenState
{
    /**
     * @param  int  $state  as the board's own contacts have it
     * @param  array<string, string>  $lamps  lamp → `on`, `dim`, `off` or `flickers`, of some or all
     * @param  string|null  $trip  `breaker`, `rcd`, `none`; null where nobody says
     */
    public function __construct(public int $state, public array $lamps, public ?string $trip)
    {
    }
}
