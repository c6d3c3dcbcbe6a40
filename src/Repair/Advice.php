<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use Zwindle\Check\Checker;
use Zwindle\Check\Result;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\Mover;

/**
 * What follows from a check: the ways to put the wiring right, and what tidies it up. Each is looked for when it is first asked
 * for, and once: most checks of a wiring need neither.
 */
final readonly class Advice
{
    private function __construct(public Result $result)
    {
    }

    public static function of(Result $result): self
    {
        return new self($result);
    }

    public function smallest(): SmallestRepairs
    {
        return RepairSearch::of($this->result);
    }

    /** @return list<non-empty-list<Move>> equally small; empty where the wiring fails, or has no remark that a move removes */
    public function tidy(): array
    {
        return Tidying::of($this->result);
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
        return $this->smallest()->repairs[0] ?? null;
    }
}
