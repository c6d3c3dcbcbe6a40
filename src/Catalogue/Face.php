<?php

declare(strict_types=1);

namespace Zwindle\Catalogue;

/** The side of a device that is wired, drawn: its outline and its landings. */
final readonly class Face
{
    /** @param  list<Landing>  $landings  in the order of their places */
    public function __construct(
        public string $look,
        public float $width,
        public float $height,
        public string $print,
        public array $landings,
    ) {
    }
}
