<?php

declare(strict_types=1);

namespace Zwindle\Exam\Grading;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Exam\Vary\Dice;
use Zwindle\Plan\Planner;
use Zwindle\Repair\Advice;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\Mistakes;

/** What becomes of one's own board if one thing more is done to it: a question for the debrief, with its computed answer. */
final readonly class WhatIf
{
    private const QUESTIONS = 3;

    private function __construct(public Mistake $done, public Advice $then, public bool $isOnRight)
    {
    }

    /** @return list<self> on one's own wiring; where too little is wired to ask about, on the first right one */
    public static function onOwnOrRight(Wiring $own, string $seed): array
    {
        $asked = self::on($own, new Dice($seed));
        $right = $asked === [] ? (Planner::plan($own->board)->plans[0]->wiring ?? null) : null;

        return $right === null ? $asked : self::on($right, new Dice($seed), isRight: true);
    }

    /** @return list<self> three at most, of different kinds as far as there are; the same dice ask the same */
    public static function on(Wiring $wiring, Dice $dice, bool $isRight = false): array
    {
        $kinds = [];
        foreach ($dice->shuffled(Mistakes::ofHandOn($wiring)) as $mistake) {
            $kinds[$mistake->kind->value][] = $mistake;
        }
        $questions = [];
        while ($kinds !== [] && count($questions) < self::QUESTIONS) {
            foreach ($kinds as $kind => $mistakes) {
                $mistake = array_shift($mistakes);
                if ($mistake === null) {
                    unset($kinds[$kind]);
                } elseif (count($questions) < self::QUESTIONS) {
                    $kinds[$kind] = $mistakes;
                    $questions[] = new self($mistake, Advice::of(Checker::check($mistake->madeOn($wiring))), $isRight);
                }
            }
        }

        return $questions;
    }
}
