<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use Zwindle\Check\Checker;
use Zwindle\Check\Result;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\Mover;

/** What follows from a check: the ways to put the wiring right, and what tidies it up. All of it is worked out when it is made. */
final readonly class Advice
{
    /** @param  list<list<Move>>  $tidy */
    private function __construct(public Result $result, public SmallestRepairs $smallest, public array $tidy)
    {
    }

    public static function of(Result $result): self
    {
        return new self($result, RepairSearch::of($result), Tidying::of($result));
    }

    /**
     * The check of the board once these moves are made.
     *
     * @param  list<Move>  $moves
     */
    public function after(array $moves): Result
    {
        return Checker::check(Mover::make($this->result->evidence->wiring, $moves), $this->result->evidence->edition);
    }

    public function first(): ?Repair
    {
        return $this->smallest->repairs[0] ?? null;
    }
}
