<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use Zwindle\Check\Checker;
use Zwindle\Check\Result;
use Zwindle\Plan\Search\TimeLimit;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\Mover;

/** Moves made on one wiring and checked, so many times and no more. */
final class TriedMoves
{
    public function __construct(private readonly Result $result, private int $checksLeft)
    {
    }

    public function hasChecksLeft(): bool
    {
        return $this->checksLeft > 0;
    }

    /**
     * @param  list<Move>  $moves
     * @return Result|null none where they cannot be made, or checks or time are used up
     */
    public function after(array $moves): ?Result
    {
        if ($this->checksLeft-- <= 0 || TimeLimit::isUp()) {
            return null;
        }
        $made = Mover::tryToMake($this->result->evidence->wiring, $moves);

        return $made === null ? null : Checker::check($made, $this->result->evidence->edition);
    }

    /**
     * What is left of some moves when all that can be left out is left out, one group after the other.
     *
     * @param  non-empty-array<int, Move>  $moves
     * @param  list<list<int>>  $groups  places of moves to be left out together
     * @param  callable(list<Move>): bool  $does  whether these moves do
     * @return non-empty-array<int, Move>
     */
    public static function cutDown(array $moves, array $groups, callable $does): array
    {
        foreach ($groups as $group) {
            $fewer = array_diff_key($moves, array_flip($group));
            $moves = $fewer !== [] && count($fewer) < count($moves) && $does(array_values($fewer)) ? $fewer : $moves;
        }

        return $moves;
    }
}
