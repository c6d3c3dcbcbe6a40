<?php

declare(strict_types=1);

namespace Zwindle\Exam\Grading;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Check\Result;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\NearestPlan;
use Zwindle\Repair\RepairSearch;

/**
 * How many mistakes lie between a wiring and the nearest one that does not fail.
 *
 * Conductors that only change places with each other are one mistake the pair: the moves of an exchange are counted as the
 * fewest exchanges that make it, any other move as one.
 */
final class MistakeDistance
{
    /** Conductors that go round in a longer ring are rare enough to count one by one. */
    private const LONGEST_ROUND = 6;

    /** @return int|null null if no right wiring was found from here */
    public static function of(Result $judged): ?int
    {
        if ($judged->verdict !== Verdict::Fail) {
            return 0;
        }
        $wiring = $judged->evidence->wiring;
        $repairs = RepairSearch::of($judged)->repairs;
        $moves = $repairs === [] ? NearestPlan::to($wiring)?->moves : $repairs[0]->moves;

        return $moves === null ? null : max(1, self::count($moves, $wiring));
    }

    /** @param  list<Move>  $moves */
    public static function count(array $moves, Wiring $wiring): int
    {
        $ways = [];
        $mistakes = 0;
        foreach ($moves as $move) {
            $from = self::placeOf($move->from ?? '', $wiring, (string) $move->point);
            $to = self::placeOf($move->to ?? '', $wiring, (string) $move->point);
            $move->to === null ? $mistakes++ : $ways[] = [$from, $to];
        }
        while (($round = self::shortestRound($ways)) !== []) {
            $mistakes += count($round) - 1;
            $ways = array_values(array_diff_key($ways, array_flip($round)));
        }

        return $mistakes + count($ways);
    }

    /** The joint that a point stands in; a place of its own for one that stands in none. */
    private static function placeOf(string $place, Wiring $wiring, string $point): string
    {
        $joint = array_search($wiring->jointAt($place), $wiring->joints, true);

        return match (true) {
            $place === Move::CAP, $place === Move::LOOSE => "$place of $point",
            $joint === false => $place,
            default => "joint $joint",
        };
    }

    /**
     * @param  list<array{string, string}>  $ways
     * @return list<int> moves that lead round: from each place to the next and back to the first; empty if there are none
     */
    private static function shortestRound(array $ways): array
    {
        $rounds = array_map(fn (int $first) => [$first], array_keys($ways));
        for ($length = 1; $rounds !== [] && $length <= self::LONGEST_ROUND; $length++) {
            $longer = [];
            foreach ($rounds as $round) {
                $end = $ways[$round[count($round) - 1]][1];
                if ($end === $ways[$round[0]][0]) {
                    return $round;
                }
                foreach ($ways as $i => [$from]) {
                    if ($from === $end && $i > $round[0] && ! in_array($i, $round, true)) {
                        $longer[] = [...$round, $i];
                    }
                }
            }
            $rounds = $longer;
        }

        return [];
    }
}
