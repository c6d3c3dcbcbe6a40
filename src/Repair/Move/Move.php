<?php

declare(strict_types=1);

namespace Zwindle\Repair\Move;

use Zwindle\Board\Wiring\MarkedAs;

/** One move: a point from where it is to another place, a part exchanged, or a mark added. */
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

    public function key(): string
    {
        return "$this->point $this->from $this->to $this->device $this->fit {$this->mark?->value}";
    }
}
