<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use Zwindle\Wiring\Joint;
use Zwindle\Wiring\Wiring;

/**
 * The distance of one box from a target: which joint serves which strand so that the fewest points must move.
 *
 * Of a strand that no joint serves, one point that is alone may stay where it is and the others come to it. Where it is
 * all the same, ends are moved rather than the pigtails of terminals.
 */
final readonly class BoxMatch
{
    /** The weight of a point that may stay; a terminal weighs a little more. */
    private const ONE_POINT = 100;

    /**
     * @param  list<Joint>  $joints  of this box
     * @param  array<int, string>  $serves  place in the joints → key of the strand that it serves
     * @param  array<string, string|null>  $labels  point of the box → strand that it shares with others in the box; null if it is to be alone
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
        $labels = self::labels($points, $strandOf);
        $members = array_count_values(array_filter($labels, is_string(...)));
        $weights = [];
        $moves = 0;
        foreach ($joints as $i => $joint) {
            $weights[$i] = [];
            $strangers = 0;
            foreach ($joint->points as $point) {
                if (isset($labels[$point])) {
                    $weights[$i][$labels[$point]] = ($weights[$i][$labels[$point]] ?? 0) + self::ONE_POINT + ($wiring->points[$point]->isFixed() ? 1 : 0);
                } elseif (array_key_exists($point, $labels)) {
                    $strangers++;
                }
            }
            // Of those that are to be alone, one is alone by itself once all others have left.
            $moves += max(0, $strangers - 1);
            $weights[$i] = $strangers === 0 ? $weights[$i] : array_map(fn (int $weight) => $weight - self::ONE_POINT, $weights[$i]);
        }
        [$saved, $serves] = self::best($weights, 0, []);
        $inJoint = array_fill_keys(array_merge(...array_map(fn (Joint $joint) => $joint->points, $joints), ...[[]]), true);
        foreach ($members as $strand => $count) {
            $hasOneAlone = array_filter($labels, fn (?string $label, string $point) => $label === $strand && ! isset($inJoint[$point]), ARRAY_FILTER_USE_BOTH) !== [];
            $moves += $count - ($hasOneAlone && ! in_array($strand, $serves, true) ? 1 : 0);
        }

        return new self($joints, $serves, $labels, $moves - intdiv($saved, self::ONE_POINT));
    }

    /**
     * @param  list<string>  $points
     * @param  array<string, string|null>  $strandOf
     * @return array<string, string|null>
     */
    private static function labels(array $points, array $strandOf): array
    {
        $labels = array_intersect_key($strandOf, array_flip($points));
        $members = array_count_values(array_filter($labels, is_string(...)));

        return array_map(fn (?string $strand) => $strand !== null && $members[$strand] > 1 ? $strand : null, $labels);
    }

    /**
     * The heaviest matching of joints with strands.
     *
     * @param  array<int, array<string, int>>  $weights  joint → strand → points that may stay
     * @param  array<string, true>  $taken
     * @return array{int, array<int, string>}
     */
    private static function best(array $weights, int $joint, array $taken): array
    {
        if (! isset($weights[$joint])) {
            return [0, []];
        }
        [$most, $serves] = self::best($weights, $joint + 1, $taken);
        foreach ($weights[$joint] as $strand => $weight) {
            if (isset($taken[$strand])) {
                continue;
            }
            [$rest, $others] = self::best($weights, $joint + 1, $taken + [$strand => true]);
            if ($weight + $rest > $most) {
                $most = $weight + $rest;
                $serves = [$joint => (string) $strand] + $others;
            }
        }

        return [$most, $serves];
    }
}
