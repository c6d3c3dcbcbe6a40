<?php

declare(strict_types=1);

namespace Zwindle\Repair\Nearest;

use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\Wiring;

/**
 * The distance of one box from a target: which joint serves which strand so that the fewest points must move.
 *
 * Of a strand that no joint serves, one point that is alone may stay where it is and the others come to it. Where it is
 * all the same, ends are moved rather than the pigtails of terminals.
 */
final readonly class BoxDistance
{
    /** The weight of a point that may stay; a terminal weighs a little more. */
    private const ONE_POINT = 100;

    /**
     * @param  list<Joint>  $joints  of this box
     * @param  array<int, string>  $serves  place in the joints → key of the strand that it serves
     * @param  array<string, string|null>  $labels  point of the box → strand that it shares with others in the box; null if it is to be
     *     alone
     */
    private function __construct(
        public array $joints,
        public array $serves,
        public array $labels,
        public int $moves,
    ) {
    }

    /**
     * @param  list<string>  $points  of the box
     * @param  list<Joint>  $joints  of the box
     * @param  array<string, string|null>  $strandOf
     */
    public static function of(Wiring $wiring, array $points, array $joints, array $strandOf): self
    {
        $labels = array_intersect_key($strandOf, array_flip($points));
        $members = array_count_values(array_filter($labels, is_string(...)));
        $labels = array_map(fn (?string $strand) => $strand !== null && $members[$strand] > 1 ? $strand : null, $labels);
        $alone = $labels;
        $weights = [];
        $moves = 0;
        foreach ($joints as $i => $joint) {
            $weights[$i] = [];
            $strangers = 0;
            foreach ($joint->points as $point) {
                if (isset($labels[$point])) {
                    $weight = self::ONE_POINT + ($wiring->points[$point]->isFixed() ? 1 : 0);
                    $weights[$i][$labels[$point]] = ($weights[$i][$labels[$point]] ?? 0) + $weight;
                } elseif (array_key_exists($point, $labels)) {
                    $strangers++;
                }
                unset($alone[$point]);
            }
            // Of those that are to be alone, one is alone by itself once all others have left.
            $moves += max(0, $strangers - 1);
            $weights[$i] = $strangers === 0 ? $weights[$i] : array_map(fn (int $weight) => $weight - self::ONE_POINT, $weights[$i]);
        }
        [$saved, $serves] = self::heaviest($weights);
        $hasOneAlone = array_flip(array_filter($alone, is_string(...)));
        $isServed = array_flip($serves);
        foreach ($members as $strand => $count) {
            $moves += $count > 1 ? $count - (isset($hasOneAlone[$strand]) && ! isset($isServed[$strand]) ? 1 : 0) : 0;
        }

        return new self($joints, $serves, $labels, $moves - intdiv($saved, self::ONE_POINT));
    }

    /**
     * The heaviest matching of joints with strands.
     *
     * A joint whose heaviest strand has points in no other joint takes it at once; only what is left must be matched.
     *
     * @param  array<int, array<string, int>>  $weights  joint → strand → points that may stay
     * @return array{int, array<int, string>}
     */
    private static function heaviest(array $weights): array
    {
        $weights = array_map(fn (array $strands) => array_filter($strands, fn (int $weight) => $weight > 0), $weights);
        $saved = 0;
        $serves = [];
        do {
            $holders = array_count_values(array_merge(
                ...array_map(fn (array $strands) => array_map(strval(...), array_keys($strands)), array_values($weights)),
                ...[[]],
            ));
            $before = count($weights);
            foreach ($weights as $joint => $strands) {
                arsort($strands);
                $most = array_key_first($strands);
                if ($most !== null && $holders[$most] > 1) {
                    continue;
                }
                if ($most !== null) {
                    $saved += $strands[$most];
                    $serves[$joint] = (string) $most;
                }
                unset($weights[$joint]);
            }
        } while ($weights !== [] && count($weights) < $before);
        [$more, $others] = Matching::of($weights);

        return [$saved + $more, $serves + $others];
    }
}
