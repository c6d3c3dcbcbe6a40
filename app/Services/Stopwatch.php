<?php

declare(strict_types=1);

namespace App\Services;

/** Runs from when it is made, whatever is done to the clock of the machine. */
class Stopwatch
{
    private readonly float $from;

    public function __construct()
    {
        $this->from = hrtime(true) / 1e6;
    }

    /** @return float milliseconds gone by */
    public function ms(): float
    {
        return hrtime(true) / 1e6 - $this->from;
    }
}
