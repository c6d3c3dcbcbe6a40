<?php

declare(strict_types=1);

namespace App\Paper\Layout;

/** A line of a label, and how tall its letters are. */
final readonly class Line
{
    public function __construct(public string $text, public float $size, public bool $isBold = false)
    {
    }
}
