<?php

declare(strict_types=1);

namespace Tests\Support;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\Mover;
use Zwindle\Repair\WrongWayRound;

/** The fewest moves that mend a small wiring, found by trying all of them: every point to every place of its box. */
final class BlindRepair
{
    /** @return int|null null if no so many moves mend it */
    public static function fewest(Wiring $wiring, int $most): ?int
    {
        $reached = [self::key($wiring) => $wiring];
        $seen = $reached;
        for ($count = 1; $count <= $most; $count++) {
            $next = [];
            foreach ($reached as $from) {
                foreach (self::moves($from) as $move) {
                    $made = Mover::make($from, [$move]);
                    $key = self::key($made);
                    if (isset($seen[$key])) {
                        continue;
                    }
                    $seen[$key] = true;
                    // A flex that stands right is never turned: the repair that leaves it is told, though it may be longer.
                    if (! Checker::fails($made) && array_diff(WrongWayRound::in($made), WrongWayRound::in($wiring)) === []) {
                        return $count;
                    }
                    if ($count < $most) {
                        $next[] = $made;
                    }
                }
            }
            $reached = $next;
        }

        return null;
    }

    /** What is joined with what, and which ends are capped: the order in which it came about does not matter. */
    private static function key(Wiring $wiring): string
    {
        $joints = array_map(function ($joint) {
            $points = $joint->points;
            sort($points);

            return implode(' ', $points);
        }, $wiring->joints);
        $caps = array_values(array_filter($wiring->caps, fn (string $end) => ! $wiring->points[$end]->isFixed()));
        sort($joints);
        sort($caps);

        return hash('xxh128', implode(';', $joints).'|'.implode(' ', $caps), true);
    }

    /** @return iterable<Move> each different outcome once */
    private static function moves(Wiring $wiring): iterable
    {
        foreach ($wiring->points as $point) {
            $own = $wiring->jointAt($point->id);
            $from = $own === null ? Move::LOOSE : array_values(array_diff($own->points, [$point->id]))[0];
            if ($own !== null || (! $point->isFixed() && ! $wiring->isCapped($point->id))) {
                yield Move::of($point->id, $from, Move::CAP);
            }
            $told = [];
            foreach ($wiring->points as $other) {
                $joint = $wiring->jointAt($other->id);
                $place = $joint === null ? $other->id : $joint->points[0];
                if (
                    $other->enclosure === $point->enclosure
                    && $other->id !== $point->id
                    && ($joint === null || $joint !== $own)
                    && ! isset($told[$place])
                ) {
                    $told[$place] = true;
                    yield Move::of($point->id, $from, $other->id);
                }
            }
        }
    }
}
