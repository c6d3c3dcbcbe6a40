<?php

declare(strict_types=1);

namespace Zwindle\Board;

/** Which lamps answer to which switches. */
final readonly class Control
{
    /**
     * @param  list<string>  $lamps
     * @param  list<string>  $switches
     */
    public function __construct(
        public array $lamps,
        public array $switches,
    ) {
    }
}
