<?php

declare(strict_types=1);

namespace Zwindle\Exam\Grading;

use Zwindle\Board\Board;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Exam\Task\TaskFile;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Search\TimeLimit;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\Mistakes;
use Zwindle\Repair\Mistake\OddButRight;

/**
 * A task and its marking tried before it is used: every usual mistake of the hand and every two of them, and every odd-looking
 * right wiring, through the marking.
 *
 * Workmanship and time are taken as earned, so that what passes here passes in earnest. Where mistakes cost points by their
 * number, the number that was made is taken where the wiring fails.
 */
final readonly class Attack
{
    /** States that are walked in all for pairs; beyond that they are left out and said so. */
    private const MOST_STATES = 200_000;

    /**
     * @param  list<Attacked>  $passing  mistakes after which the grade still passes, singles first
     * @param  list<Attacked>  $losing  right wirings that lose points
     * @param  int  $mistakes  that were tried, pairs among them
     * @param  int  $oddities  that were tried
     * @param  bool  $isFinished  whether all of them were, before time was up
     */
    private function __construct(
        public Board $board,
        public array $passing,
        public array $losing,
        public int $mistakes,
        public int $oddities,
        public bool $hasPairs,
        public bool $isFinished,
    ) {
    }

    public static function on(TaskFile $task, GradingScheme $scheme, Plan $plan): self
    {
        $grade = function (Wiring $wiring, int $mistakes) use ($task, $scheme): Grade {
            $observed = array_fill_keys(array_map(fn (Observation $one) => $one->id, $scheme->workmanship), true);

            $judged = $task->rules->judge(Checker::check($wiring));
            $counted = $judged->verdict === Verdict::Fail ? $mistakes : 0;

            $inOrder = $task->order === null ? null : 1.0;

            return (new Grader($scheme, $counted, $observed, $inOrder, (float) ($scheme->withinMinutes ?? 0)))->ofWiring($judged);
        };
        $singles = Mistakes::ofHandOn($plan->wiring);
        $states = 2 ** count($plan->result->evidence->circuit->switches);
        $hasPairs = count($singles) ** 2 / 2 * $states <= self::MOST_STATES;
        $tried = 0;
        $passing = [];
        foreach (self::sets($singles, $hasPairs) as $set) {
            if (TimeLimit::isUp()) {
                break;
            }
            $wiring = $plan->wiring;
            foreach ($set as $mistake) {
                $wiring = $mistake->madeOn($wiring);
            }
            $tried++;
            $got = $grade($wiring, count($set));
            if ($got->passes()) {
                $passing[] = new Attacked($wiring, $got, mistakes: $set);
            }
        }
        $losing = [];
        $oddities = OddButRight::on($plan->wiring);
        $whole = $grade($plan->wiring, 0)->got();
        foreach (TimeLimit::isUp() ? [] : $oddities as $odd) {
            $got = $grade($odd->wiring, 0);
            if ($got->got() < $whole || ! $got->passes()) {
                $losing[] = new Attacked($odd->wiring, $got, odd: $odd);
            }
        }

        return new self($plan->wiring->board, $passing, $losing, $tried, count($oddities), $hasPairs, ! TimeLimit::isUp());
    }

    /**
     * @param  list<Mistake>  $singles
     * @return iterable<list<Mistake>> each alone, then each two that can stand side by side
     */
    private static function sets(array $singles, bool $hasPairs): iterable
    {
        foreach ($singles as $mistake) {
            yield [$mistake];
        }
        foreach ($hasPairs ? $singles : [] as $i => $mistake) {
            foreach (array_slice($singles, $i + 1) as $other) {
                if (! $mistake->clashesWith($other)) {
                    yield [$mistake, $other];
                }
            }
        }
    }
}
