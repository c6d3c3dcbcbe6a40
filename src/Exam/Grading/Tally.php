<?php

declare(strict_types=1);

namespace Zwindle\Exam\Grading;

/** The lines of a grade added up. */
final readonly class Tally
{
    /** @param  list<float|null>  $got  by line; null for one that waits for the instructor's eye */
    public function __construct(private array $got, private int $passMark, private bool $isCritical)
    {
    }

    /** What is earned so far. */
    public function got(): float
    {
        return round(array_sum(array_map(fn (?float $points) => $points ?? 0.0, $this->got)), 1);
    }

    /** Whether something waits for the instructor's eye. */
    public function isOpen(): bool
    {
        return in_array(null, $this->got, true);
    }

    public function passes(): bool
    {
        return ! $this->isCritical && $this->got() >= $this->passMark;
    }
}
