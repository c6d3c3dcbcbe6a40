<?php

declare(strict_types=1);

namespace Zwindle\Evening\Seating;

/**
 * How soon an evening can end at the soonest: work, changeovers and heads against the room that stations have between breaks.
 * A bound of this kind is common in the theory of scheduling (load, and the longest chain of one job); it is never too high.
 */
final readonly class Bound
{
    public function __construct(
        private Hall $hall,
        private int $atOnce,
    ) {
    }

    /**
     * @param  list<Claim>  $claims
     * @param  list<array{int, int, int, int}>  $fixed  station, from, to, variant
     */
    public function of(array $claims, array $fixed): int
    {
        $floor = max([0, ...array_map(fn (array $sitting) => $sitting[2], $fixed)]);
        foreach ($claims as $claim) {
            $floor = max($floor, $this->endOf($claim));
        }
        $free = array_fill(0, $this->hall->count(), []);
        foreach ($fixed as [$station, $from, $to]) {
            $free[$station][] = [$from - $this->hall->changeover, $to + $this->hall->changeover];
        }
        $work = array_sum(array_map(fn (Claim $claim) => $claim->chain($this->hall->changeover) + $this->hall->changeover, $claims));
        $ceiling = $floor + $work + array_sum(array_map(fn (array $gap) => $gap[1] - $gap[0], $this->hall->breaks)) + 1;
        while ($floor < $ceiling) {
            $middle = intdiv($floor + $ceiling, 2);
            if ($this->couldEndBy($middle, $claims, $free)) {
                $ceiling = $middle;
            } else {
                $floor = $middle + 1;
            }
        }

        return $floor;
    }

    /** When one person is done who never waits for another. */
    private function endOf(Claim $claim): int
    {
        $end = $claim->earliest - $this->hall->changeover;
        for ($time = 0; $time < $claim->times; $time++) {
            $end = $this->clear($end + $this->hall->changeover, $claim->minutes) + $claim->minutes;
        }

        return $end;
    }

    private function clear(int $from, int $minutes): int
    {
        foreach ($this->hall->breaks as [$start, $end]) {
            if ($from < $end && $from + $minutes > $start) {
                $from = $end;
            }
        }

        return $from;
    }

    /**
     * @param  list<Claim>  $claims
     * @param  list<list<array{int, int}>>  $taken  of each station what is not free, changeovers with it
     */
    private function couldEndBy(int $end, array $claims, array $taken): bool
    {
        foreach (array_unique(array_map(fn (Claim $claim) => $claim->earliest, $claims)) as $from) {
            $lengths = [];
            foreach ($claims as $claim) {
                if ($claim->earliest >= $from) {
                    array_push($lengths, ...array_fill(0, $claim->times, $claim->minutes));
                }
            }
            if ($lengths !== [] && ! $this->holds($lengths, $from, $end, $taken)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  non-empty-list<int>  $lengths
     * @param  list<list<array{int, int}>>  $taken
     */
    private function holds(array $lengths, int $from, int $end, array $taken): bool
    {
        $changeover = $this->hall->changeover;
        $shortest = min($lengths);
        [$room, $places] = [0, 0];
        foreach ($taken as $gaps) {
            foreach ($this->windows($from, $end, $gaps) as $window) {
                if ($window >= $shortest) {
                    $room += $window + $changeover;
                    $places += intdiv($window + $changeover, $shortest + $changeover);
                }
            }
        }
        if ($room < array_sum($lengths) + count($lengths) * $changeover || $places < count($lengths)) {
            return false;
        }
        // As many rows as sittings can go on at once; a row may change its station.
        [$room, $places] = [0, 0];
        foreach ($this->windows($from, $end, []) as $window) {
            $room += $window >= $shortest ? $window * $this->atOnce : 0;
            $places += intdiv($window, $shortest) * $this->atOnce;
        }

        return $room >= array_sum($lengths) && $places >= count($lengths);
    }

    /**
     * @param  list<array{int, int}>  $gaps
     * @return list<int> lengths of what is free between
     */
    private function windows(int $from, int $end, array $gaps): array
    {
        $closed = [...$this->hall->breaks, ...$gaps];
        sort($closed);
        $windows = [];
        foreach ($closed as [$start, $stop]) {
            if ($stop > $from && $start < $end) {
                $windows[] = $start - $from;
                $from = $stop;
            }
        }
        $windows[] = $end - $from;

        return array_values(array_filter($windows, fn (int $window) => $window > 0));
    }
}
