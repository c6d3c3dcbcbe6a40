<?php

declare(strict_types=1);

namespace Tests\Support;

use Zwindle\Check\Checker;
use Zwindle\Check\Finding;
use Zwindle\Repair\Move;
use Zwindle\Repair\Mover;
use Zwindle\Wiring\Wiring;

/** The fewest moves that mend a small wiring, found by trying all of them: every point to every place of its box. */
final class BlindRepair
{
    /** @return int|null null if no so many moves mend it */
    public static function fewest(Wiring $wiring, int $most): ?int
    {
        for ($count = 1; $count <= $most; $count++) {
            if (self::mendsIn($wiring, $count)) {
                return $count;
            }
        }

        return null;
    }

    private static function mendsIn(Wiring $wiring, int $count): bool
    {
        foreach (self::moves($wiring) as $move) {
            $made = Mover::make($wiring, [$move]);
            if ($count === 1 ? self::isMended($made) : self::mendsIn($made, $count - 1)) {
                return true;
            }
        }

        return false;
    }

    private static function isMended(Wiring $wiring): bool
    {
        return array_filter(Checker::check($wiring)->findings, fn (Finding $finding) => $finding->code->severity()->fails()) === [];
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
                if ($other->enclosure === $point->enclosure && $other->id !== $point->id && ($joint === null || $joint !== $own) && ! isset($told[$place])) {
                    $told[$place] = true;
                    yield Move::of($point->id, $from, $other->id);
                }
            }
        }
    }
}
