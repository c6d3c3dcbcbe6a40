<?php

declare(strict_types=1);

namespace Zwindle\Hunt;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Diagnosis\LooksNeeded;
use Zwindle\Diagnosis\Suspect;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Mistake\Mistakes;

/**
 * Faults to be put into real boards, one a seat, of equal difficulty: within one look of each other.
 *
 * Only what hands can put in and what flipping shows: ends moved or loosened, another part, a blown lamp.
 */
final class EqualFaults
{
    /** Faults of which the looks are counted: the first that the seed deals. */
    private const MOST_COUNTED = 24;

    /**
     * The same seed deals the same faults; neighbours get different ones where there are two.
     *
     * @param  int  $seats  at least one
     * @return list<array{fault: Suspect, looks: int}> none where the board has nothing that flipping shows
     */
    public static function of(Wiring $right, int $seats, string $seed): array
    {
        $table = (new Suspect($right, []))->table();
        $shows = function (Mistake $mistake, Suspect $fault) use ($table): bool {
            $own = $fault->table();

            return self::canBePutIn($mistake) && [$own->lamps, $own->trips] !== [$table->lamps, $table->trips];
        };
        $counted = self::counted($right, $seed, $shows);
        $best = self::from($counted, self::easiest([$counted]));
        $dealt = [];
        for ($seat = 0; $best !== [] && $seat < $seats; $seat++) {
            $dealt[] = $best[$seat % count($best)];
        }

        return $dealt;
    }

    /**
     * Faults with the looks that each takes, in the order in which the seed deals them.
     *
     * @param  callable(Mistake, Suspect): bool  $may  which of them
     * @return list<array{fault: Suspect, looks: int}>
     */
    public static function counted(Wiring $right, string $seed, callable $may, int $most = self::MOST_COUNTED): array
    {
        $faults = [];
        foreach (Mistakes::toBeFoundOn($right) as $i => $mistake) {
            $fault = new Suspect($right, [$i => $mistake]);
            if ($may($mistake, $fault)) {
                $faults[self::rank($seed, $fault)] = $fault;
            }
        }
        ksort($faults);

        $search = new LooksNeeded($right);

        return array_map(
            // A breaker that holds through every combination has said everything: there is nothing to look at.
            fn (Suspect $fault) => ['fault' => $fault, 'looks' => $fault->isOfSupply() ? 0 : $search->looks($fault)],
            array_values(array_slice($faults, 0, $most)),
        );
    }

    /**
     * The number of looks from which, with one more, most faults can be dealt on every one of some boards.
     *
     * @param  list<list<array{fault: Suspect, looks: int}>>  $boards
     */
    public static function easiest(array $boards): int
    {
        $most = [-1, 0];
        for ($looks = 0; $looks <= LooksNeeded::MOST_LOOKS; $looks++) {
            $count = min(array_map(fn (array $counted) => count(self::from($counted, $looks)), $boards ?: [[]]));
            $most = $count > $most[0] ? [$count, $looks] : $most;
        }

        return $most[1];
    }

    /**
     * @param  list<array{fault: Suspect, looks: int}>  $counted
     * @return list<array{fault: Suspect, looks: int}> those that take so many looks, or one more
     */
    public static function from(array $counted, int $looks): array
    {
        return array_values(array_filter($counted, fn (array $one) => $one['looks'] === $looks || $one['looks'] === $looks + 1));
    }

    private static function rank(string $seed, Suspect $fault): string
    {
        return hash('sha256', $seed.' '.implode(' ', array_map(fn (Mistake $mistake) => $mistake->id(), $fault->mistakes)));
    }

    private static function canBePutIn(Mistake $mistake): bool
    {
        // Nobody damages a conductor for an exercise.
        return $mistake->kind === MistakeKind::LampBlown || (! $mistake->kind->isHidden() && $mistake->kind !== MistakeKind::Pinched);
    }
}
