<?php

declare(strict_types=1);

namespace App\Paper\Layout;

/** What is drawn between two boxes as one, a cable or the singles of a conduit, as thick as it is drawn. */
final readonly class LaidRun
{
    public function __construct(public string $id, public string $from, public string $to, public float $width)
    {
    }
}
