<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Move\Move;

/** One of the smallest repairs. */
final readonly class Repair
{
    /**
     * @param  non-empty-list<Move>  $moves
     * @param  list<Mistake>  $undoes  the usual mistakes that it takes back; empty where it is none of them
     */
    public function __construct(
        public array $moves,
        public array $undoes,
    ) {
    }
}
