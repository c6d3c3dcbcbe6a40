<?php

declare(strict_types=1);

namespace Zwindle\Plan\Convert;

use Zwindle\Board\Board;
use Zwindle\Plan\Plan;

/** A board carried over to another practice. */
final readonly class Conversion
{
    /**
     * @param  Plan|null  $before  the preferred plan of the board as it was
     * @param  Plan|null  $after  and of the board as it is now
     * @param  list<Note>  $notes
     */
    public function __construct(
        public Board $board,
        public ?Plan $before,
        public ?Plan $after,
        public array $notes,
    ) {
    }
}
