<?php

declare(strict_types=1);

namespace App\Paper;

/**
 * The ways of the runs over the board face: along and up, not as the crow flies; of the two ways round the corner the one that
 * passes fewer boxes.
 *
 * The browser draws by the same rules (`resources/js/shared/board/runLayout.ts`); `tests/Corpus/layout/runs.json` is run by both.
 */
final readonly class RunLayout
{
    /** Cables between the same two boxes run side by side. */
    private const BESIDE_MM = 70.0;

    /** How far what is written under a box reaches down. */
    private const UNDER_BOX_MM = 190.0;

    /** How near a run may pass a box that it does not enter. */
    private const CLEAR_MM = 75.0;

    /** @param  array<string, array{float, float}>  $places  enclosure → where it hangs */
    public function __construct(private array $places)
    {
    }

    /**
     * @param  list<array{string, string, string}>  $runs  id, and the two boxes
     * @return list<Route> without those to a box that is nowhere
     */
    public function routes(array $runs): array
    {
        $beside = [];
        $routes = [];
        foreach ($runs as [$id, $from, $to]) {
            if (! isset($this->places[$from], $this->places[$to])) {
                continue;
            }
            $pair = min($from, $to).' '.max($from, $to);
            $aside = self::BESIDE_MM * ($beside[$pair] = ($beside[$pair] ?? -1) + 1);
            $start = [$this->places[$from][0] + $aside, $this->places[$from][1] + $aside];
            $end = [$this->places[$to][0] + $aside, $this->places[$to][1] + $aside];
            $others = array_values(array_diff_key($this->places, [$from => true, $to => true]));
            [$along, $up] = [[$end[0], $start[1]], [$start[0], $end[1]]];
            $corner = self::passed($others, $start, $up, $end) < self::passed($others, $start, $along, $end) ? $up : $along;
            $routes[] = self::route($id, $start, $corner, $end);
        }

        return $routes;
    }

    /**
     * @param  list<array{float, float}>  $others
     * @param  array{float, float}  $start
     * @param  array{float, float}  $corner
     * @param  array{float, float}  $end
     */
    private static function passed(array $others, array $start, array $corner, array $end): int
    {
        $isPassed = fn (array $at) => self::isNear($at, $start, $corner) || self::isNear($at, $corner, $end);

        return count(array_filter($others, $isPassed));
    }

    /**
     * @param  array{float, float}  $at
     * @param  array{float, float}  $one
     * @param  array{float, float}  $other
     */
    private static function isNear(array $at, array $one, array $other): bool
    {
        foreach ([0, 1] as $axis) {
            $least = min($one[$axis], $other[$axis]) - self::CLEAR_MM;
            $most = max($one[$axis], $other[$axis]) + self::CLEAR_MM;
            if ($at[$axis] <= $least || $at[$axis] >= $most) {
                return false;
            }
        }

        return true;
    }

    /**
     * What is written along an upright stretch begins under the name of the box above it, if there is one.
     *
     * @param  array{float, float}  $start
     * @param  array{float, float}  $corner
     * @param  array{float, float}  $end
     */
    private static function route(string $id, array $start, array $corner, array $end): Route
    {
        $isUpright = abs($end[1] - $start[1]) > abs($end[0] - $start[0]);
        $isCornerFirst = $corner[0] === $end[0];
        [$upper, $lower] = $isCornerFirst ? [$corner, $end] : [$start, $corner];
        [$left, $right] = $isCornerFirst ? [$start, $corner] : [$corner, $end];
        $isCornerOnTop = $isCornerFirst ? $corner[1] < $end[1] : $corner[1] <= $start[1];
        $isBend = $isCornerOnTop && $start[0] !== $end[0];
        $middle = $isUpright
            ? [$upper[0], min($upper[1], $lower[1]) + ($isBend ? 0.0 : self::UNDER_BOX_MM)]
            : [($left[0] + $right[0]) / 2, $left[1]];

        return new Route($id, [$start, $corner, $end], $middle, $isUpright);
    }
}
