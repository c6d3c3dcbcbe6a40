<?php

declare(strict_types=1);

namespace Zwindle\Repair\Nearest;

use Zwindle\Board\Board;
use Zwindle\Board\Device;
use Zwindle\Plan\Search\Arrangement;

/**
 * The target nearest to a wiring among those of one arrangement: which core carries which strand, run by run, and which
 * of the terminals that are alike takes which, box by box.
 *
 * It begins with the first way of every run, and changes one run at a time while that brings it nearer; at last two runs
 * that come to one box.
 */
final class NearestTarget
{
    private const MOST_PASSES = 6;

    /** @var array<string, BoxTarget> */
    private array $boxes = [];

    /** @var array<int, int> run → its way */
    private array $taken;

    /** @var array<string, list<int>> enclosure → numbers of the runs that come to it */
    private array $runsIn = [];

    /**
     * @param  list<RunWays>  $runs
     * @param  list<string>  $turned
     */
    private function __construct(
        private readonly StandingWiring $standing,
        Board $board,
        Arrangement $arrangement,
        private readonly array $runs,
        array $turned,
    ) {
        $devices = DeviceWays::of($board, $arrangement, $turned);
        foreach ($standing->pointsIn as $enclosure => $points) {
            $base = [];
            foreach ($points as $point) {
                $base[$point->id] = $board->requirements->earths && StandingWiring::isEarth($point) ? Target::EARTH : null;
            }
            $own = array_map(fn (Device $device) => $devices[$device->id], $board->devicesIn($enclosure));
            $this->boxes[$enclosure] = new BoxTarget($standing, $enclosure, $base, $own);
            $this->runsIn[$enclosure] = array_keys(array_filter($runs, fn (RunWays $run) => $run->touches($enclosure)));
        }
        $this->taken = array_map(fn () => 0, $runs);
    }

    /**
     * @param  list<RunWays>  $runs  the ways of each run, the likeliest first
     * @param  list<string>  $turned  pendants and roses that may be left the wrong way round
     * @param  bool  $thorough  whether two changes at once are tried where one alone brings nothing
     * @return array{Target, int} the target, and the moves to it
     */
    public static function at(
        StandingWiring $standing,
        Board $board,
        Arrangement $arrangement,
        array $runs,
        bool $thorough,
        array $turned = [],
    ): array {
        $aim = new self($standing, $board, $arrangement, $runs, $turned);
        for ($pass = 0; $pass < self::MOST_PASSES; $pass++) {
            $before = $aim->taken;
            foreach (array_keys($runs) as $run) {
                $aim->nearest($run);
            }
            if ($aim->taken === $before && ! ($thorough && $aim->nearestPair())) {
                break;
            }
        }
        $strandOf = $moves = [];
        foreach ($aim->boxes as $enclosure => $box) {
            [$moves[], $strandOf[]] = $box->best($aim->endsIn($enclosure, []));
        }

        return [new Target(array_merge(...$strandOf)), array_sum($moves)];
    }

    /**
     * What the conductors of a box carry.
     *
     * @param  array<int, int>  $instead  run → the way that is tried
     * @return array<string, string|null>
     */
    private function endsIn(string $enclosure, array $instead): array
    {
        $ends = [];
        foreach ($this->runsIn[$enclosure] as $run) {
            $ends += $this->runs[$run]->landings[$instead[$run] ?? $this->taken[$run]][$enclosure];
        }

        return $ends;
    }

    /**
     * @param  list<string>  $enclosures
     * @param  array<int, int>  $instead
     */
    private function movesIn(array $enclosures, array $instead): int
    {
        $moves = 0;
        foreach ($enclosures as $enclosure) {
            // Beyond the board there is no box.
            $moves += isset($this->boxes[$enclosure]) ? $this->boxes[$enclosure]->best($this->endsIn($enclosure, $instead))[0] : 0;
        }

        return $moves;
    }

    private function nearest(int $run): void
    {
        $boxes = [$this->runs[$run]->from, $this->runs[$run]->to];
        $best = $this->movesIn($boxes, []);
        foreach (array_keys($best === 0 || $this->standing->isOver() ? [] : $this->runs[$run]->landings) as $way) {
            $moves = $this->movesIn($boxes, [$run => $way]);
            if ($moves < $best) {
                [$best, $this->taken[$run]] = [$moves, $way];
            }
        }
    }

    private function nearestPair(): bool
    {
        foreach ($this->runs as $i => $one) {
            foreach (array_slice($this->runs, $i + 1, preserve_keys: true) as $j => $other) {
                if (! $other->touches($one->from) && ! $other->touches($one->to)) {
                    continue;
                }
                $boxes = array_values(array_unique([$one->from, $one->to, $other->from, $other->to]));
                $before = $this->movesIn($boxes, []);
                if ($this->standing->isOver()) {
                    return false;
                }
                // Where less than two moves can be saved, one change alone would have done.
                if ($before >= 2 && $this->takePair($i, $j, $before)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * The boxes that only one of the runs comes to are reckoned once for each of its ways; most pairs are out of the question
     * by them alone.
     */
    private function takePair(int $i, int $j, int $before): bool
    {
        [$one, $other] = [$this->runs[$i], $this->runs[$j]];
        $shared = array_values(array_filter(array_unique([$one->from, $one->to]), $other->touches(...)));
        $byFirst = $this->movesBeside($i, $shared);
        $bySecond = $this->movesBeside($j, $shared);
        foreach ($byFirst as $first => $moves) {
            foreach ($bySecond as $second => $more) {
                if ($moves + $more < $before && $moves + $more + $this->movesIn($shared, [$i => $first, $j => $second]) < $before) {
                    $this->taken = array_replace($this->taken, [$i => $first, $j => $second]);

                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param  list<string>  $shared
     * @return list<int> way of a run → moves in those of its boxes that are not shared
     */
    private function movesBeside(int $run, array $shared): array
    {
        $own = array_values(array_diff([$this->runs[$run]->from, $this->runs[$run]->to], $shared));

        return array_map(fn (int $way) => $this->movesIn($own, [$run => $way]), array_keys($this->runs[$run]->landings));
    }
}
