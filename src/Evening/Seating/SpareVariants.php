<?php

declare(strict_types=1);

namespace Zwindle\Evening\Seating;

/** Seats whose variants are still open → seats that have one, the least used first, or each station its own. */
final class SpareVariants
{
    /**
     * @param  list<Seat>  $seats
     * @param  list<int>|null  $variantAt  a variant for each station, if not whichever is left
     * @return list<Seat>|null nothing where somebody finds no variant left
     */
    public static function give(array $seats, Hall $hall, ?array $variantAt): ?array
    {
        usort($seats, fn (Seat $a, Seat $b) => $a->from <=> $b->from);
        $given = array_fill(1, $hall->variants, 0);
        $done = [];
        foreach ($seats as $seat) {
            $taken = [];
            foreach ($done as $other) {
                $isInSight = in_array($other->station, $hall->beside[$seat->station], true)
                    && $other->from < $seat->to && $seat->from < $other->to;
                if ($isInSight || $other->claim === $seat->claim) {
                    $taken[$other->variant] = true;
                }
            }
            $free = array_diff_key($variantAt === null ? $given : [$variantAt[$seat->station] => 0], $taken);
            if ($free === []) {
                return null;
            }
            $variant = (int) array_search(min($free), $free, true);
            $given[$variant]++;
            $done[] = new Seat($seat->claim, $seat->station, $seat->from, $seat->to, $variant, $seat->isSecond);
        }

        return $done;
    }
}
