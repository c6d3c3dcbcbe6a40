<?php

declare(strict_types=1);

namespace App\Paper\Layout;

/** Words at a box or along a run, and where there is room for them. */
final readonly class Label
{
    /** @param  list<Line>  $lines */
    public function __construct(public string $of, public array $lines, public Rect $rect)
    {
    }
}
