<?php

declare(strict_types=1);

namespace Zwindle\Repair;

/** One move of a repair: a point from where it is to another place, or a part exchanged. */
final readonly class Move
{
    public const CAP = 'cap';

    public const LOOSE = 'loose';

    private function __construct(
        public ?string $point,
        public ?string $from,
        public ?string $to,
        public ?string $device = null,
        public ?string $fit = null,
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
        return new self(null, null, null, $device, $model);
    }

    public function key(): string
    {
        return "$this->point $this->from $this->to $this->device $this->fit";
    }
}
