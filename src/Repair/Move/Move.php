<?php

declare(strict_types=1);

namespace Zwindle\Repair\Move;

use Zwindle\Board\Wiring\MarkedAs;

/** One move: a point from where it is to another place, a part exchanged, or a mark added or taken off. */
final readonly class Move
{
    public const CAP = 'cap';

    public const LOOSE = 'loose';

    private function __construct(
        public ?string $point,
        public ?string $from = null,
        public ?string $to = null,
        public ?string $device = null,
        public ?string $fit = null,
        public ?MarkedAs $mark = null,
        public bool $isUnmarking = false,
    ) {
    }

    /**
     * @param  string  $from  another point of its joint, `cap` or `loose`
     * @param  string  $to  a point of the joint it comes into, or `cap`
     */
    public static function of(string $point, string $from, string $to): self
    {
        return new self($point, $from, $to);
    }

    public static function fit(string $device, string $model): self
    {
        return new self(null, device: $device, fit: $model);
    }

    public static function mark(string $end, MarkedAs $as): self
    {
        return new self($end, mark: $as);
    }

    public static function unmark(string $end): self
    {
        return new self($end, isUnmarking: true);
    }

    /** Whether it leaves everything where it is, and changes what an end is marked as. */
    public function isOfMark(): bool
    {
        return $this->mark !== null || $this->isUnmarking;
    }

    public function key(): string
    {
        $mark = $this->isUnmarking ? 'no mark' : $this->mark?->value;

        return "$this->point $this->from $this->to $this->device $this->fit $mark";
    }
}
