<?php

declare(strict_types=1);

namespace App\Paper\Layout;

/** The ground that something takes on a drawing. */
final readonly class Rect
{
    public function __construct(public float $x, public float $y, public float $width, public float $height)
    {
    }

    public static function around(float $x, float $y, float $halfWidth, float $halfHeight): self
    {
        return new self($x - $halfWidth, $y - $halfHeight, 2 * $halfWidth, 2 * $halfHeight);
    }

    /**
     * The ground of a level or upright stretch.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    public static function stretch(array $from, array $to, float $half): self
    {
        return new self(
            min($from[0], $to[0]) - $half,
            min($from[1], $to[1]) - $half,
            abs($from[0] - $to[0]) + 2 * $half,
            abs($from[1] - $to[1]) + 2 * $half,
        );
    }

    public function grown(float $by): self
    {
        return new self($this->x - $by, $this->y - $by, $this->width + 2 * $by, $this->height + 2 * $by);
    }

    public function meets(self $other): bool
    {
        return $this->x < $other->x + $other->width && $other->x < $this->x + $this->width
            && $this->y < $other->y + $other->height && $other->y < $this->y + $this->height;
    }

    public function holds(self $inner): bool
    {
        return $inner->x >= $this->x && $inner->y >= $this->y
            && $inner->x + $inner->width <= $this->x + $this->width && $inner->y + $inner->height <= $this->y + $this->height;
    }
}
