<?php

declare(strict_types=1);

namespace App\Paper;

/** The way of one run over the board face, in millimetres. */
final readonly class Route
{
    /**
     * @param  array{array{float, float}, array{float, float}, array{float, float}}  $points
     * @param  array{float, float}  $middle  where what is printed on it stands: over a level run, beside an upright one
     */
    public function __construct(
        public string $id,
        public array $points,
        public array $middle,
        public bool $isUpright,
    ) {
    }
}
