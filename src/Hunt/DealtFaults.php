<?php

declare(strict_types=1);

namespace Zwindle\Hunt;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Diagnosis\Mending;
use Zwindle\Diagnosis\Suspect;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Mistake\Mistakes;

/** Faults put into right boards, one board a seat, of equal difficulty: what all of a seat take differs by one look at most. */
final class DealtFaults
{
    /** Faults of which the looks are counted, over all boards. */
    private const MOST_COUNTED = 32;

    private const LEAST_COUNTED = 8;

    /**
     * The same seed deals the same faults.
     *
     * @param  non-empty-list<Wiring>  $seats  the right wiring of each
     * @param  int  $count  faults on each board
     * @param  list<MistakeKind>  $kinds  that are put in; none: any
     * @return list<array{faults: list<Mistake>, looks: int}>|null by seat; null where a board has not so many of those kinds
     */
    public static function of(array $seats, int $count, array $kinds, string $seed): ?array
    {
        $boards = [];
        foreach ($seats as $i => $right) {
            $boards[spl_object_id($right)] ??= ['right' => $right, 'seed' => "$seed/$i"];
        }
        $each = max(self::LEAST_COUNTED, intdiv(self::MOST_COUNTED, count($boards)));
        $may = fn (Mistake $mistake, Suspect $fault): bool => $kinds === [] || in_array($mistake->kind, $kinds, true);
        $counted = array_map(fn (array $board) => EqualFaults::counted($board['right'], $board['seed'], $may, $each), $boards);
        $looks = EqualFaults::easiest(array_values($counted));
        $dealt = $used = [];
        foreach ($seats as $right) {
            $id = spl_object_id($right);
            $even = EqualFaults::from($counted[$id], $looks);
            $found = self::together($even, $count, $used[$id] ?? 0);
            if ($found === null) {
                return null;
            }
            $used[$id] = ($used[$id] ?? 0) + 1;
            $dealt[] = $found;
        }

        return $dealt;
    }

    /**
     * Other faults for a board that has been searched once: none of those, and as hard to find, within one look.
     *
     * @param  list<MistakeKind>  $kinds  that are put in; none: any
     * @param  list<string>  $used  ids of mistakes that were in it
     * @param  int  $looks  that all of the ones before took
     * @return array{faults: list<Mistake>, looks: int}|null null where the board has no such ones
     */
    public static function another(Wiring $right, int $count, array $kinds, string $seed, array $used, int $looks): ?array
    {
        // What the same repair mends is the same fault.
        $mended = array_map(
            fn (Mistake $mistake) => Mending::name(new Suspect($right, [$mistake])),
            array_filter(Mistakes::toBeFoundOn($right), fn (Mistake $mistake) => in_array($mistake->id(), $used, true)),
        );
        $may = fn (Mistake $mistake, Suspect $fault): bool => ($kinds === [] || in_array($mistake->kind, $kinds, true))
            && ! in_array(Mending::name($fault), $mended, true);
        foreach (self::choices(EqualFaults::counted($right, $seed, $may, self::MOST_COUNTED), $count) as $chosen) {
            $mistakes = array_map(fn (array $one) => array_values($one['fault']->mistakes)[0], $chosen);
            $takes = array_sum(array_column($chosen, 'looks'));
            if (abs($takes - $looks) <= 1 && ! self::clash($mistakes) && ! self::isHeldDown($chosen)) {
                return ['faults' => $mistakes, 'looks' => $takes];
            }
        }

        return null;
    }

    /**
     * The next combination of faults that do not touch each other, of so many looks in all or one more.
     *
     * @param  list<array{fault: Suspect, looks: int}>  $even  each takes so many looks or one more
     * @return array{faults: list<Mistake>, looks: int}|null
     */
    private static function together(array $even, int $count, int $turn): ?array
    {
        $sets = [];
        $least = min(array_column($even, 'looks') ?: [0]) * $count;
        foreach (self::choices($even, $count) as $chosen) {
            $mistakes = array_map(fn (array $one) => array_values($one['fault']->mistakes)[0], $chosen);
            $looks = array_sum(array_column($chosen, 'looks'));
            if ($looks <= $least + 1 && ! self::clash($mistakes) && ! self::isHeldDown($chosen)) {
                $sets[] = ['faults' => $mistakes, 'looks' => $looks];
            }
        }

        return $sets === [] ? null : $sets[$turn % count($sets)];
    }

    /**
     * @param  list<array{fault: Suspect, looks: int}>  $of
     * @return list<list<array{fault: Suspect, looks: int}>>
     */
    private static function choices(array $of, int $count): array
    {
        if ($count === 0) {
            return [[]];
        }
        $choices = [];
        foreach ($of as $i => $first) {
            foreach (self::choices(array_slice($of, $i + 1), $count - 1) as $rest) {
                $choices[] = [$first, ...$rest];
            }
        }

        return $choices;
    }

    /**
     * Whether a breaker that has tripped for nothing stands beside what trips it: it is not what is wrong then.
     *
     * @param  list<array{fault: Suspect, looks: int}>  $chosen
     */
    private static function isHeldDown(array $chosen): bool
    {
        $faults = array_column($chosen, 'fault');

        return array_filter($faults, fn (Suspect $fault) => $fault->isOfSupply()) !== []
            && array_filter($faults, fn (Suspect $fault) => $fault->table()->everTrips()) !== [];
    }

    /** @param  list<Mistake>  $mistakes */
    private static function clash(array $mistakes): bool
    {
        foreach ($mistakes as $i => $one) {
            foreach (array_slice($mistakes, $i + 1) as $other) {
                if ($one->clashesWith($other)) {
                    return true;
                }
            }
        }

        return false;
    }
}
