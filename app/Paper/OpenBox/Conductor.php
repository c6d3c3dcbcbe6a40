<?php

declare(strict_types=1);

namespace App\Paper\OpenBox;

/** One conductor as drawn: from its cable to its flag and through the lanes, and the piece at its screw or in its hole. */
final readonly class Conductor
{
    /**
     * @param  string  $tip  the hook round a screw, or the tip in a hole: it lies in front of the device
     * @param  int  $layer  grounds lie at the back, then neutrals, then the rest
     */
    public function __construct(
        public string $id,
        public string $colour,
        public string $path,
        public string $tip,
        public int $layer,
    ) {
    }
}
