<?php

declare(strict_types=1);

namespace App\Paper\Layout;

/** The way of one run over the board face. */
final readonly class Way
{
    /** @param  non-empty-list<array{float, float}>  $points */
    public function __construct(public LaidRun $run, public array $points)
    {
    }
}
