<?php

declare(strict_types=1);

namespace Zwindle\Mark;

use Zwindle\Check\Finding;

/** What a trainee's work is worth, explained line by line. */
final readonly class Mark
{
    /**
     * @param  list<MarkLine>  $lines
     * @param  list<Finding>  $critical  findings that fail the whole, whatever the points
     */
    public function __construct(
        public array $lines,
        public int $total,
        public int $passMark,
        public array $critical,
    ) {
    }

    /** What is earned so far. */
    public function got(): float
    {
        return round(array_sum(array_map(fn (MarkLine $line) => $line->got ?? 0.0, $this->lines)), 1);
    }

    /** Whether something waits for the instructor's eye. */
    public function isOpen(): bool
    {
        return array_filter($this->lines, fn (MarkLine $line) => $line->got === null) !== [];
    }

    public function passes(): bool
    {
        return $this->critical === [] && $this->got() >= $this->passMark;
    }
}
