<?php

declare(strict_types=1);

namespace App\Paper\Layout;

/**
 * The ways of runs over the board face: along and up, with as few bends and crossings as can be, past no box that they do not
 * enter and on top of no other run.
 *
 * The browser draws by the same rules (`resources/js/shared/board/layout/ways.ts`); `tests/Corpus/layout/ways.json` is run by
 * both.
 */
final class Ways
{
    /** @var list<Way> what is laid already, as far as it is in sight */
    private array $laid = [];

    /** @param  array<string, BoxShape>  $boxes  by their ids */
    private function __construct(private readonly array $boxes, private readonly Lanes $lanes)
    {

    }

    /**
     * @param  list<LaidRun>  $runs
     * @param  list<BoxShape>  $boxes
     * @return list<Way> in the order of the runs, without those to a box that is not there
     */
    public static function of(array $runs, array $boxes, Lanes $lanes): array
    {
        return (new self(array_column($boxes, null, 'id'), $lanes))->laid($runs);
    }

    /**
     * @param  list<LaidRun>  $runs
     * @return list<Way>
     */
    private function laid(array $runs): array
    {
        $known = array_filter($runs, fn (LaidRun $run) => isset($this->boxes[$run->from], $this->boxes[$run->to]));
        // Sorting keeps the order of those that are equally far.
        uasort($known, fn (LaidRun $a, LaidRun $b) => $this->far($a) <=> $this->far($b));
        $ways = [];
        foreach ($known as $index => $run) {
            $points = $this->best($run);
            $ways[$index] = new Way($run, $points);
            $this->laid[] = new Way($run, $this->inSight($points, $run));
        }
        ksort($ways);

        return array_values($ways);
    }

    private function far(LaidRun $run): float
    {
        [$from, $to] = [$this->boxes[$run->from], $this->boxes[$run->to]];

        return abs($from->x - $to->x) + abs($from->y - $to->y);
    }

    /** @return non-empty-list<array{float, float}> */
    private function best(LaidRun $run): array
    {
        [$from, $to] = [$this->boxes[$run->from], $this->boxes[$run->to]];
        $others = array_diff_key($this->boxes, [$run->from => true, $run->to => true]);
        $walls = array_map(fn (BoxShape $box) => $box->ground()->grown($this->lanes->clear + $run->width / 2), $others);
        $found = [[$from->x, $from->y], [$to->x, $to->y]];
        $least = INF;
        $isClear = false;
        for ($level = 0; $level <= 2 * Measures::table()['wayMostLanes']; $level++) {
            foreach (Outlines::between($from, $to, $run->width, $level, $this->lanes) as $points) {
                $seen = $this->inSight($points, $run);
                $trouble = $this->troubleOf($seen, $run, array_values($walls));
                $cost = $trouble + self::effortOf($seen);
                if ($cost < $least) {
                    [$found, $least, $isClear] = [$points, $cost, $trouble === 0];
                }
            }
            // A way with two bends gives way to a simpler one a lane or two aside.
            if ($isClear && (count($found) < 4 || $level > 1)) {
                break;
            }
        }

        return $found;
    }

    /**
     * Without what the boxes at its ends cover.
     *
     * @param  non-empty-list<array{float, float}>  $points
     * @return non-empty-list<array{float, float}>
     */
    private function inSight(array $points, LaidRun $run): array
    {
        $last = count($points) - 1;
        $seen = $points;
        $seen[0] = self::edge($points[0], $points[1], $this->boxes[$run->from]);
        $seen[$last] = self::edge($points[$last], $points[$last - 1], $this->boxes[$run->to]);

        return $seen;
    }

    /**
     * @param  array{float, float}  $at
     * @param  array{float, float}  $next
     * @return array{float, float}
     */
    private static function edge(array $at, array $next, BoxShape $box): array
    {
        return $at[0] === $next[0] && $at[1] !== $next[1]
            ? [$at[0], $box->y + ($next[1] <=> $at[1]) * $box->halfHeight]
            : [$box->x + ($next[0] <=> $at[0]) * $box->halfWidth, $at[1]];
    }

    /**
     * What its length and its bends cost.
     *
     * @param  non-empty-list<array{float, float}>  $points
     */
    private static function effortOf(array $points): float
    {
        $measures = Measures::table();
        $cost = (count($points) - 2) * $measures['wayBend'];
        for ($i = 0; $i + 1 < count($points); $i++) {
            $cost += (abs($points[$i][0] - $points[$i + 1][0]) + abs($points[$i][1] - $points[$i + 1][1])) * $measures['wayLength'];
        }

        return $cost;
    }

    /**
     * What it meets on its way.
     *
     * @param  non-empty-list<array{float, float}>  $points
     * @param  list<Rect>  $walls
     */
    private function troubleOf(array $points, LaidRun $run, array $walls): int
    {
        $measures = Measures::table();
        $cost = 0;
        $last = count($points) - 2;
        [$from, $to] = [$this->boxes[$run->from]->ground(), $this->boxes[$run->to]->ground()];
        for ($i = 0; $i <= $last; $i++) {
            $ground = Rect::stretch($points[$i], $points[$i + 1], 0);
            foreach ($walls as $wall) {
                $cost += $ground->meets($wall) ? $measures['wayHit'] : 0;
            }
            $cost += $i > 0 && $ground->meets($from) ? $measures['wayHit'] : 0;
            $cost += $i < $last && $ground->meets($to) ? $measures['wayHit'] : 0;
            foreach ($this->laid as $way) {
                $apart = ($run->width + $way->run->width) / 2 + $this->lanes->air;
                $cost += self::against($points[$i], $points[$i + 1], $way->points, $apart);
            }
        }

        return $cost;
    }

    /**
     * What it costs to run beside, on or across a run that is laid.
     *
     * @param  array{float, float}  $one
     * @param  array{float, float}  $other
     * @param  non-empty-list<array{float, float}>  $points
     */
    private static function against(array $one, array $other, array $points, float $apart): int
    {
        $measures = Measures::table();
        $cost = 0;
        $isLevel = $one[1] === $other[1];
        for ($k = 0; $k + 1 < count($points); $k++) {
            [$start, $end] = [$points[$k], $points[$k + 1]];
            if (($start[1] === $end[1]) === $isLevel) {
                $near = Rect::stretch($start, $end, 0)->grown($apart);
                $cost += Rect::stretch($one, $other, 0)->meets($near) ? $measures['wayBeside'] : 0;
            } elseif (Rect::stretch($one, $other, 0.5)->meets(Rect::stretch($start, $end, 0.5))) {
                $cost += $measures['wayCrossing'];
            }
        }

        return $cost;
    }
}
