<?php

declare(strict_types=1);

namespace App\Queries\Proving;

use Zwindle\Proving\Act;
use Zwindle\Proving\Outcome;

/** A board under test with what came of the last act, to be shown. */
final readonly class ShownProof
{
    private function __construct(public Proving $proving, public Outcome $outcome, public ?Act $act)
    {
    }

    public static function of(Proving $proving, Outcome $outcome, ?Act $act = null): self
    {
        return new self($proving, $outcome, $act);
    }
}
