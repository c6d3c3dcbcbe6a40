<?php

declare(strict_types=1);

namespace App\Queries\Proving;

use App\Queries\Bench\AskQuestions;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Circuit\Solve\Survey;
use Zwindle\Diagnosis\Telling\FlipTest;
use Zwindle\Diagnosis\Telling\FlipWalk;
use Zwindle\Proving\Walk\Walk;
use Zwindle\Proving\Walk\WouldPass;

/** Which wrong wirings would have passed a walk that was signed off. */
final class WhatWouldPass
{
    /** @return array{right: Wiring, found: WouldPass}|null null where there is nothing to go by yet, or the board has too many switches */
    public static function of(Proving $proving, Walk $walk): ?array
    {
        $right = self::right($proving);

        return $right === null ? null : ['right' => $right, 'found' => WouldPass::of($right, $walk)];
    }

    /**
     * What a right wiring is measured by: one's own, where it does all that it should; the plan, which is a key, only once the board is
     * handed in.
     */
    private static function right(Proving $proving): ?Wiring
    {
        $circuit = $proving->circuit;
        if (count($circuit->switches) > WouldPass::MOST_SWITCHES) {
            return null;
        }
        $whole = new FlipTest($circuit, FlipWalk::of($circuit->switches));

        return match (true) {
            $whole->isPassedFrom((new Survey($circuit))->truthTable, 0) => $circuit->wiring,
            $proving->attempt->handed_in_at !== null => (new AskQuestions)->plan($proving->attempt)?->wiring,
            default => null,
        };
    }
}
