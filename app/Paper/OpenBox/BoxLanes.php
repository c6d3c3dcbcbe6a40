<?php

declare(strict_types=1);

namespace App\Paper\OpenBox;

use App\Paper\Layout\Measures;
use App\Paper\Layout\Rect;

/**
 * The lanes of an opened box: conductors lie along and up in them, round what stands in the way, on top of no other, with few bends
 * and few crossings. Each that is laid is known to the next.
 *
 * The browser has the same rules (`resources/js/shared/board/boxRoutes.ts`); `tests/Corpus/layout/boxes.json` is run by both.
 *
 * @phpstan-type Point array{float, float}
 * @phpstan-type Cell array{int, int}
 */
final class BoxLanes
{
    /** Right, down, left, up. */
    private const STEPS = [[1, 0], [0, 1], [-1, 0], [0, -1]];

    private readonly int $columns;

    private readonly int $rows;

    /** @var array<int, true> */
    private array $blocked = [];

    /** @var array<int, true> */
    private array $level = [];

    /** @var array<int, true> */
    private array $upright = [];

    /** @param  list<Rect>  $obstacles */
    public function __construct(private readonly Rect $frame, array $obstacles)
    {
        $measures = Measures::table();
        $this->columns = (int) floor($frame->width / $measures['lane']);
        $this->rows = (int) floor($frame->height / $measures['lane']);
        foreach ($obstacles as $obstacle) {
            $this->block($obstacle);
        }
    }

    private function block(Rect $obstacle): void
    {
        [$left, $top] = $this->cellOf([$obstacle->x, $obstacle->y]);
        [$right, $bottom] = $this->cellOf([$obstacle->x + $obstacle->width, $obstacle->y + $obstacle->height]);
        for ($row = $top; $row <= $bottom; $row++) {
            for ($column = $left; $column <= $right; $column++) {
                if (Rect::around(...$this->middleOf($column, $row), halfWidth: 1, halfHeight: 1)->meets($obstacle)) {
                    $this->blocked[$row * $this->columns + $column] = true;
                }
            }
        }
    }

    /**
     * @param  Point  $point
     * @return Cell
     */
    private function cellOf(array $point): array
    {
        $measures = Measures::table();

        return [
            max(0, min($this->columns - 1, (int) floor(($point[0] - $this->frame->x) / $measures['lane']))),
            max(0, min($this->rows - 1, (int) floor(($point[1] - $this->frame->y) / $measures['lane']))),
        ];
    }

    /** @return Point */
    private function middleOf(int $column, int $row): array
    {
        $measures = Measures::table();

        return [$this->frame->x + ($column + 0.5) * $measures['lane'], $this->frame->y + ($row + 0.5) * $measures['lane']];
    }

    /**
     * @param  Point  $start
     * @param  Point  $end
     * @return non-empty-list<Point> the corners of the way, both among them; straight where the lanes leave no way
     */
    public function lay(array $start, array $end): array
    {
        [$from, $to] = [$this->cellOf($start), $this->cellOf($end)];
        $cells = $this->plainWay($from, $to) ?? $this->search($from, $to);
        if ($cells === []) {
            return [$start, $end];
        }
        $this->take($cells);
        $middles = array_map(fn (int $cell) => $this->middleOf($cell % $this->columns, intdiv($cell, $this->columns)), $cells);

        return self::joined($start, $middles, $end);
    }

    /**
     * A way with two bends at most that meets nothing, as most are: no longer than it must be, so that no search finds a cheaper one.
     *
     * @param  Cell  $from
     * @param  Cell  $to
     * @return list<int>|null null where there is none
     */
    private function plainWay(array $from, array $to): ?array
    {
        foreach ([$to[0], $from[0], ...self::between($from[0], $to[0])] as $column) {
            $cells = $this->clear($from, [$column, $from[1]], [$column, $to[1]], $to);
            if ($cells !== null) {
                return $cells;
            }
        }
        foreach (self::between($from[1], $to[1]) as $row) {
            $cells = $this->clear($from, [$from[0], $row], [$to[0], $row], $to);
            if ($cells !== null) {
                return $cells;
            }
        }

        return null;
    }

    /** @return list<int> what lies between two numbers, without them */
    private static function between(int $one, int $other): array
    {
        return abs($one - $other) < 2 ? [] : range(min($one, $other) + 1, max($one, $other) - 1);
    }

    /**
     * The cells along these corners, if nothing lies in any but the first and the last.
     *
     * @param  Cell  ...$corners
     * @return list<int>|null
     */
    private function clear(array ...$corners): ?array
    {
        $corners = array_values($corners);
        [$x, $y] = $corners[0];
        $cells = [$y * $this->columns + $x];
        $last = $corners[count($corners) - 1];
        $goal = $last[1] * $this->columns + $last[0];
        foreach (array_slice($corners, 1) as [$toX, $toY]) {
            while ($x !== $toX || $y !== $toY) {
                $x += $toX <=> $x;
                $y += $toY <=> $y;
                $cell = $y * $this->columns + $x;
                if ($cell !== $goal && (isset($this->blocked[$cell]) || isset($this->level[$cell]) || isset($this->upright[$cell]))) {
                    return null;
                }
                $cells[] = $cell;
            }
        }

        return $cells;
    }

    /**
     * @param  Cell  $from
     * @param  Cell  $to
     * @return list<int> empty where there is no way
     */
    private function search(array $from, array $to): array
    {
        $start = $from[1] * $this->columns + $from[0];
        $goal = $to[1] * $this->columns + $to[0];
        [$cost, $before, $left] = [[], [], []];
        $queue = new PriceQueue;
        for ($way = 0; $way < 4; $way++) {
            $cost[$start * 4 + $way] = 0;
            $before[$start * 4 + $way] = -1;
            $queue->add($start * 4 + $way, self::atLeast($from[0] - $to[0], $from[1] - $to[1]));
        }
        for ($state = $queue->take(); $state >= 0; $state = $queue->take()) {
            if (isset($left[$state])) {
                continue;
            }
            $left[$state] = true;
            [$cell, $way] = [$state >> 2, $state & 3];
            if ($cell === $goal) {
                return self::walkBack($state, $before);
            }
            [$column, $row] = [$cell % $this->columns, intdiv($cell, $this->columns)];
            foreach (self::STEPS as $next => [$dx, $dy]) {
                if ($next === (($way + 2) & 3)) {
                    continue;
                }
                [$toColumn, $toRow] = [$column + $dx, $row + $dy];
                if ($toColumn < 0 || $toRow < 0 || $toColumn >= $this->columns || $toRow >= $this->rows) {
                    continue;
                }
                $into = $toRow * $this->columns + $toColumn;
                if (isset($this->blocked[$into]) && $into !== $goal) {
                    continue;
                }
                $price = $cost[$state] + 1 + $this->priceOf($cell, $into, $way, $next, $start, $goal);
                $reached = $into * 4 + $next;
                if (isset($cost[$reached]) && $price >= $cost[$reached]) {
                    continue;
                }
                $cost[$reached] = $price;
                $before[$reached] = $state;
                $queue->add($reached, $price + self::atLeast($toColumn - $to[0], $toRow - $to[1], $next));
            }
        }

        return [];
    }

    private function priceOf(int $cell, int $into, int $way, int $next, int $start, int $goal): int
    {
        $measures = Measures::table();
        [$along, $across] = ($next & 1) === 0 ? [$this->level, $this->upright] : [$this->upright, $this->level];
        $price = 0;
        if ($into !== $goal) {
            $price += isset($along[$into]) ? $measures['onAnother'] : (isset($across[$into]) ? $measures['crossing'] : 0);
        }
        if ($way !== $next) {
            $price += $measures['turn'];
            $price += $cell !== $start && (isset($this->level[$cell]) || isset($this->upright[$cell])) ? $measures['onAnother'] : 0;
        }

        return $price;
    }

    /** What the rest of the way costs at least, coming along a way: its length, and a turn where it cannot go straight on. */
    private static function atLeast(int $dx, int $dy, int $way = -1): int
    {
        $measures = Measures::table();
        $length = abs($dx) + abs($dy);
        if ($dx !== 0 && $dy !== 0) {
            return $length + $measures['turn'];
        }
        if ($way < 0 || $length === 0) {
            return $length;
        }
        $isAhead = [$dx < 0, $dy < 0, $dx > 0, $dy > 0][$way];

        return $isAhead ? $length : $length + $measures['turn'];
    }

    /**
     * @param  array<int, int>  $before
     * @return list<int>
     */
    private static function walkBack(int $state, array $before): array
    {
        $cells = [];
        for ($at = $state; $at >= 0; $at = $before[$at]) {
            $cells[] = $at >> 2;
        }

        return array_reverse($cells);
    }

    /** @param  list<int>  $cells */
    private function take(array $cells): void
    {
        foreach ($cells as $i => $cell) {
            foreach ([$cells[$i - 1] ?? null, $cells[$i + 1] ?? null] as $other) {
                if ($other !== null && abs($other - $cell) === 1) {
                    $this->level[$cell] = true;
                }
                if ($other !== null && abs($other - $cell) === $this->columns) {
                    $this->upright[$cell] = true;
                }
            }
        }
    }

    /**
     * Corners alone, with the first and the last stretch brought in line with where the conductor begins and ends.
     *
     * @param  Point  $start
     * @param  list<Point>  $middles
     * @param  Point  $end
     * @return non-empty-list<Point>
     */
    private static function joined(array $start, array $middles, array $end): array
    {
        $corners = [];
        foreach ($middles as $i => $spot) {
            [$before, $after] = [$middles[$i - 1] ?? null, $middles[$i + 1] ?? null];
            if ($before === null || $after === null || ($before[0] === $spot[0]) !== ($spot[0] === $after[0])) {
                $corners[] = $spot;
            }
        }
        $last = count($corners) - 1;
        if ($last < 1) {
            return [$start, $end];
        }
        self::align($corners[0], $corners[1], $start);
        self::align($corners[$last], $corners[$last - 1], $end);

        return $last === 1 ? self::straight($start, $end) : [$start, ...array_slice($corners, 1, -1), $end];
    }

    /**
     * Moves a stretch sideways so that it runs through a point.
     *
     * @param  Point  $one
     * @param  Point  $next
     * @param  Point  $through
     */
    private static function align(array &$one, array &$next, array $through): void
    {
        $axis = $one[1] === $next[1] ? 1 : 0;
        $one[$axis] = $through[$axis];
        $next[$axis] = $through[$axis];
    }

    /**
     * Two points in one lane: with a step half-way where they are not quite in line.
     *
     * @param  Point  $start
     * @param  Point  $end
     * @return non-empty-list<Point>
     */
    private static function straight(array $start, array $end): array
    {
        $along = abs($start[0] - $end[0]) > abs($start[1] - $end[1]) ? 0 : 1;
        if ($start[1 - $along] === $end[1 - $along]) {
            return [$start, $end];
        }
        $middle = ($start[$along] + $end[$along]) / 2;

        return $along === 0
            ? [$start, [$middle, $start[1]], [$middle, $end[1]], $end]
            : [$start, [$start[0], $middle], [$end[0], $middle], $end];
    }
}
