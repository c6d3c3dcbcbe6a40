<?php

declare(strict_types=1);

namespace Zwindle\Repair\Move;

use Zwindle\Board\Wiring\Wiring;

/** Moves said as they are made: each names where its end stands when its turn comes, and none that would change nothing is left. */
final class MovesInTurn
{
    /**
     * @param  list<Move>  $moves
     * @return list<Move>
     *
     * @throws MoveNotPossible
     */
    public static function said(Wiring $wiring, array $moves): array
    {
        $said = [];
        foreach ($moves as $move) {
            $own = self::one($wiring, $move);
            if ($own !== null) {
                $said[] = $own;
                $wiring = Mover::make($wiring, [$own]);
            }
        }

        return $said;
    }

    /** Null where it would change nothing. */
    private static function one(Wiring $wiring, Move $move): ?Move
    {
        if ($move->point === null) {
            return $move;
        }
        if ($move->isOfMark()) {
            return $wiring->markOn($move->point) === $move->mark ? null : $move;
        }
        $joint = $wiring->jointAt($move->point);
        $to = (string) $move->to;
        $isThere = $joint === null ? $to === Move::CAP && ! $wiring->isLoose($move->point) : $to !== $move->point && $joint->has($to);
        if ($isThere) {
            return null;
        }
        if ($joint === null) {
            $isFree = $wiring->isCapped($move->point) || ($wiring->points[$move->point] ?? null)?->isFixed();

            return Move::of($move->point, $isFree ? Move::CAP : Move::LOOSE, $to);
        }
        $others = array_values(array_diff($joint->points, [$move->point]));
        $fixed = array_values(array_filter($others, fn (string $other) => $wiring->points[$other]->isFixed()));

        return Move::of($move->point, in_array($move->from, $others, true) ? (string) $move->from : ($fixed[0] ?? $others[0]), $to);
    }
}
