<?php

declare(strict_types=1);

namespace Zwindle\Diagnose;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Mistake\Mistakes;

/**
 * Faults to be put into real boards, one a seat, of equal difficulty: within one look of each other.
 *
 * Only what hands can put in and what flipping shows: ends moved or loosened, another part, a blown lamp.
 */
final class FaultSet
{
    /** Faults of which the looks are counted: the first that the seed deals. */
    private const MOST_COUNTED = 24;

    /**
     * The same seed deals the same faults; neighbours get different ones where there are two.
     *
     * @param  int  $seats  at least one
     * @return list<array{fault: Hypothesis, looks: int}> none where the board has nothing that flipping shows
     */
    public static function of(Wiring $right, int $seats, string $seed): array
    {
        $faults = [];
        $table = (new Hypothesis($right, []))->table();
        foreach (Mistakes::on($right) as $i => $mistake) {
            $fault = new Hypothesis($right, [$i => $mistake]);
            $own = $fault->table();
            if (self::canBePutIn($mistake) && [$own->lamps, $own->trips] !== [$table->lamps, $table->trips]) {
                $faults[self::rank($seed, $fault)] = $fault;
            }
        }
        ksort($faults);
        $byLooks = [];
        foreach (array_slice($faults, 0, self::MOST_COUNTED) as $fault) {
            $byLooks[Search::looks($fault)][] = $fault;
        }
        $best = [];
        foreach (array_keys($byLooks) as $looks) {
            $group = [];
            foreach ([$looks, $looks + 1] as $taken) {
                foreach ($byLooks[$taken] ?? [] as $fault) {
                    $group[] = ['fault' => $fault, 'looks' => $taken];
                }
            }
            $best = count($group) > count($best) ? $group : $best;
        }
        usort($best, fn (array $one, array $other) => self::rank($seed, $one['fault']) <=> self::rank($seed, $other['fault']));
        $dealt = [];
        for ($seat = 0; $best !== [] && $seat < $seats; $seat++) {
            $dealt[] = $best[$seat % count($best)];
        }

        return $dealt;
    }

    private static function rank(string $seed, Hypothesis $fault): string
    {
        return hash('sha256', $seed.' '.implode(' ', array_map(fn (Mistake $mistake) => $mistake->id(), $fault->mistakes)));
    }

    private static function canBePutIn(Mistake $mistake): bool
    {
        return $mistake->kind === MistakeKind::LampBlown || ! $mistake->kind->isHidden();
    }
}
