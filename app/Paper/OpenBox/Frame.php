<?php

declare(strict_types=1);

namespace App\Paper\OpenBox;

use App\Paper\Layout\Rect;

/** The inside of an opened box, and the whole drawing with what comes to it from outside. */
final readonly class Frame
{
    public function __construct(
        public float $left,
        public float $right,
        public float $top,
        public float $bottom,
        public float $width,
        public float $height,
    ) {
    }

    public function inside(): Rect
    {
        return new Rect($this->left, $this->top, $this->right - $this->left, $this->bottom - $this->top);
    }
}
