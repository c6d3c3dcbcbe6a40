<?php

declare(strict_types=1);

namespace Zwindle\Exam\Grading;

use Zwindle\Check\Findings\Finding;

/** What a trainee's work is worth, explained line by line. */
final readonly class Grade
{
    /**
     * @param  list<GradeLine>  $lines
     * @param  list<Finding>  $critical  findings that fail the whole, whatever the points
     * @param  bool  $isUnsafe  whether hands in a board that was not proved dead fail it
     */
    public function __construct(
        public array $lines,
        public int $total,
        public int $passMark,
        public array $critical,
        public bool $isUnsafe = false,
    ) {
    }

    public function tally(): Tally
    {
        $got = array_map(fn (GradeLine $line) => $line->got, $this->lines);

        return new Tally($got, $this->passMark, $this->critical !== [] || $this->isUnsafe);
    }

    /** What is earned so far. */
    public function got(): float
    {
        return $this->tally()->got();
    }

    /** Whether something waits for the instructor's eye. */
    public function isOpen(): bool
    {
        return $this->tally()->isOpen();
    }

    public function passes(): bool
    {
        return $this->tally()->passes();
    }
}
