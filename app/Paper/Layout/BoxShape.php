<?php

declare(strict_types=1);

namespace App\Paper\Layout;

/** A box as it is drawn. */
final readonly class BoxShape
{
    public function __construct(
        public string $id,
        public float $x,
        public float $y,
        public float $halfWidth,
        public float $halfHeight,
    ) {
    }

    public function ground(): Rect
    {
        return Rect::around($this->x, $this->y, $this->halfWidth, $this->halfHeight);
    }
}
