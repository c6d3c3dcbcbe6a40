<?php

declare(strict_types=1);

namespace Zwindle\Board;

/** How a device hangs in its box: which of its model's faces it shows, turned how far, and from which side it is seen. */
final readonly class Mounting
{
    /**
     * @param  string|null  $face  id among the faces of the model; null for the usual one
     * @param  int  $turned  degrees clockwise: 0, 90, 180 or 270
     */
    public function __construct(
        public ?string $face = null,
        public int $turned = 0,
        public bool $isFromRear = false,
    ) {
    }
}
