<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Practices;

/** The body of custom and code that a board is built and judged by. */
enum Practice: string
{
    case NorthAmerica = 'na';
    case Britain = 'gb';

    /** Nominal supply voltage in volts, line to neutral. */
    public function nominalV(): int
    {
        return $this->custom()->nominalV;
    }

    /** What is usual in it. */
    public function custom(): Custom
    {
        return Custom::of($this->value);
    }

    /** Whether a finding is of this practice at all. */
    public function knows(string $finding): bool
    {
        return ! in_array($finding, $this->custom()->knowsNot, true);
    }
}
