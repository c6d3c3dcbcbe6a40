<?php

declare(strict_types=1);

namespace Zwindle\Plan\Search;

/**
 * The order in which the switches of a control follow each other.
 *
 * Plain, the first takes the line on its common and the last gives the switched line from its own. Linked, the commons of both
 * ends are tied to each other, and line and switched line are the pair between two neighbours: crossed or straight at each
 * intermediate, that pair reaches the other end as two travellers.
 */
final readonly class Chain
{
    /**
     * @param  list<string>  $switches
     * @param  int|null  $linkedAt  number of the gap between two neighbours in which line and switched line are the pair; null: plain
     */
    public function __construct(
        public int $control,
        public array $switches,
        public ?int $linkedAt = null,
    ) {
    }
}
