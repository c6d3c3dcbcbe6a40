<?php

declare(strict_types=1);

namespace Zwindle\Plan\Prepare;

/** One layer of what is folded into a box, the rearmost first. */
final readonly class FoldStep
{
    /** @param  list<list<string>>  $bundles  points of each joint that goes in with this layer, or a spare end alone */
    public function __construct(
        public FoldLayer $layer,
        public array $bundles,
    ) {
    }
}
