<?php

declare(strict_types=1);

namespace Zwindle\Evening\Seating;

use Zwindle\Plan\Search\TimeLimit;

/**
 * Every way to seat the claims that could end sooner than the best known, in order of beginnings (branch and bound). In a best
 * plan, if it is taken with the least sum of beginnings, each sitting begins as soon as those that began before it let it: so
 * only these need trying. A standing that is no better than one that was tried before is left.
 */
final class Exhaustive
{
    /** @var list<Seat>|null */
    private ?array $best = null;

    /** @var list<Seat> */
    private array $seats = [];

    /** @var array<string, list<list<int>>> of each standing, but for its times, the times with which it was tried */
    private array $tried = [];

    private int $looks = 0;

    private bool $isCut = false;

    private readonly Floor $floor;

    /** @var array<int, int> of each claim how many sittings are to come */
    private array $left;

    /** @var list<string> */
    private readonly array $kinds;

    /** @var list<int> of each station the first one that sees the same neighbours: it does not matter which of these is taken */
    private readonly array $twins;

    /** @var list<array{int, int}> of each claim its last sitting: end, variant */
    private array $sat;

    /** Whether variants have no numbers yet that anything fixed gave them. */
    private readonly bool $canRename;

    /**
     * @param  list<Claim>  $claims
     * @param  list<array{int, int, int, int}>  $fixed  station, from, to, variant
     */
    private function __construct(
        private readonly Hall $hall,
        private readonly array $claims,
        array $fixed,
        private int $end,
        private readonly int $atLeast,
        private readonly int $mostLooks,
        private readonly int $atOnce,
        private readonly bool $areStationsAlike,
    ) {
        $this->floor = new Floor($hall);
        foreach ($fixed as [$station, $from, $to, $variant]) {
            $this->floor->put($station, $from, $to, $variant);
        }
        $this->left = array_map(fn (Claim $claim) => $claim->times, $claims);
        $this->kinds = array_map(fn (Claim $claim) => $claim->kind(), $claims);
        $this->sat = array_map(fn (Claim $claim) => [$claim->earliest - $hall->changeover, $claim->avoid], $claims);
        $this->canRename = $fixed === [];
        $this->twins = $fixed === [] ? $hall->twins() : array_keys($hall->ids);
    }

    /**
     * @param  list<Claim>  $claims
     * @param  list<array{int, int, int, int}>  $fixed
     * @param  int  $end  what has to be bettered
     * @param  int  $atLeast  a proved bound, at which it stops
     * @param  bool  $areStationsAlike  whether variants come later, as they never stand in the way; without a right to it this is
     *                                  a bound only
     * @return array{list<Seat>|null, bool} something that ends sooner, the best there is; whether every way was tried
     */
    public static function seat(
        Hall $hall,
        array $claims,
        array $fixed,
        int $end,
        int $atLeast,
        int $mostLooks,
        int $atOnce,
        bool $areStationsAlike,
    ): array {
        $search = new self($hall, $claims, $fixed, $end, $atLeast, $mostLooks, $atOnce, $areStationsAlike);
        $search->go(0, 0);

        return [$search->best, ! $search->isCut];
    }

    /** @param  int  $since  when the last one that was put down begins: nobody begins sooner any more */
    private function go(int $since, int $ends): void
    {
        if (array_sum($this->left) === 0) {
            $this->best = $this->seats;
            $this->end = $ends;

            return;
        }
        if (! $this->couldEndSooner($since)) {
            return;
        }
        if ($this->isNoBetter($since) || $this->isCut()) {
            return;
        }
        foreach ($this->choices($since) as $seat) {
            if ($this->end <= $this->atLeast || $this->isCut) {
                break;
            }
            if ($seat->to >= $this->end) {
                continue;
            }
            $sat = $this->sat[$seat->claim];
            $this->floor->put($seat->station, $seat->from, $seat->to, $seat->variant);
            $this->left[$seat->claim]--;
            $this->sat[$seat->claim] = [$seat->to, $seat->variant];
            $this->seats[] = $seat;
            $this->go($seat->from, max($ends, $seat->to));
            array_pop($this->seats);
            $this->sat[$seat->claim] = $sat;
            $this->left[$seat->claim]++;
            $this->floor->takeUp($seat->station);
        }
    }

    /** Whether the search goes no further: so many looks, or whoever asks waits no longer. */
    private function isCut(): bool
    {
        return $this->isCut = $this->isCut || ++$this->looks > $this->mostLooks || TimeLimit::isUp();
    }

    /** @return list<Seat> soonest first */
    private function choices(int $since): array
    {
        $choices = [];
        $tried = [];
        $stations = $this->stations($since);
        foreach ($this->claims as $index => $claim) {
            if ($this->left[$index] === 0) {
                continue;
            }
            $isSecond = $this->left[$index] < $claim->times;
            $kind = $this->kinds[$index].($isSecond ? implode(' ', $this->sat[$index]) : '');
            if (isset($tried[$kind])) {
                continue;
            }
            $tried[$kind] = true;
            $from = max($claim->earliest, $this->sat[$index][0] + $this->hall->changeover);
            foreach ($stations as $station) {
                foreach ($this->variants($station) as $variant) {
                    if ($variant > 0 && $variant === $this->sat[$index][1]) {
                        continue;
                    }
                    $at = $this->floor->earliest($station, $this->areStationsAlike ? 0 : $variant, $from, $claim->minutes);
                    if ($at >= $since && $at + $claim->minutes < $this->end && $at + $claim->minutes <= $claim->latestEnd) {
                        $choices[] = new Seat($index, $station, $at, $at + $claim->minutes, $variant, $isSecond);
                    }
                }
            }
        }
        usort($choices, fn (Seat $a, Seat $b) => [$a->from, -$a->to] <=> [$b->from, -$b->to]);

        return $choices;
    }

    /**
     * Of stations that are alike the one that is free first is enough; of twins that stand alike, one.
     *
     * @return list<int>
     */
    private function stations(int $since): array
    {
        $stations = array_keys($this->hall->ids);
        if ($this->areStationsAlike) {
            $free = array_map(fn (int $station) => $this->freeAt($station, $since), $stations);

            return [(int) array_search(min([PHP_INT_MAX, ...$free]), $free, true)];
        }
        $first = [];
        foreach ($stations as $station) {
            $ahead = array_filter($this->floor->at($station), fn (array $sitting) => $since < $sitting[1] + $this->hall->changeover);
            $first[$this->twins[$station].json_encode(array_values($ahead))] ??= $station;
        }

        return array_values($first);
    }

    /**
     * Variants that nobody has or avoids yet are all alike.
     *
     * @return list<int>
     */
    private function variants(int $station): array
    {
        if ($this->areStationsAlike) {
            return [-1];
        }
        $most = max([0, ...array_column($this->sat, 1)]);
        foreach (array_keys($this->hall->ids) as $other) {
            $most = max([$most, ...array_column($this->floor->at($other), 2)]);
        }

        return range(1, min($this->hall->variants, $most + 1));
    }

    /** When a station is free of all that began there; what is fixed and lies ahead is left out. */
    private function freeAt(int $station, int $since): int
    {
        $free = $since;
        foreach ($this->floor->at($station) as [$from, $to]) {
            $free = $from > $since ? $free : max($free, $to + $this->hall->changeover);
        }

        return $free;
    }

    /** Work that is left against the room that is left, at each station and in all. */
    private function couldEndSooner(int $since): bool
    {
        $changeover = $this->hall->changeover;
        [$work, $count, $shortest] = [0, 0, PHP_INT_MAX];
        // Which sums of sittings with their changeovers there can be: one byte a minute.
        $sums = $bare = "\1";
        foreach ($this->claims as $index => $claim) {
            $left = $this->left[$index];
            if ($left === 0) {
                continue;
            }
            $from = max($since, $claim->earliest, $this->sat[$index][0] + $changeover);
            if ($from + $left * $claim->minutes + ($left - 1) * $changeover >= $this->end) {
                return false;
            }
            $work += $left * $claim->minutes;
            $count += $left;
            $shortest = min($shortest, $claim->minutes);
            for ($time = 0; $time < $left; $time++) {
                $sums |= str_repeat("\0", $claim->minutes + $changeover).$sums;
                $bare |= str_repeat("\0", $claim->minutes).$bare;
            }
        }
        [$room, $places] = [0, 0];
        foreach (array_keys($this->hall->ids) as $station) {
            foreach ($this->windows($this->freeAt($station, $since)) as $window) {
                if ($window >= $shortest) {
                    $room += (int) strrpos(substr($sums, 0, $window + $changeover + 1), "\1");
                    $places += intdiv($window + $changeover, $shortest + $changeover);
                }
            }
        }
        if ($room < $work + $count * $changeover || $places < $count) {
            return false;
        }

        // As many rows as sittings can go on at once; the first ones are still taken by those who sit.
        $busy = $this->areStationsAlike ? [] : $this->busyAfter($since);
        rsort($busy);
        $room = 0;
        for ($row = 0; $row < $this->atOnce; $row++) {
            foreach ($this->windows($busy[$row] ?? $since) as $window) {
                $room += (int) strrpos(substr($bare, 0, $window + 1), "\1");
            }
        }

        return $room >= $work;
    }

    /** @return list<int> when those who sit now are done */
    private function busyAfter(int $since): array
    {
        $busy = [];
        foreach (array_keys($this->hall->ids) as $station) {
            foreach ($this->floor->at($station) as [$from, $to]) {
                if ($from <= $since && $to > $since) {
                    $busy[] = $to;
                }
            }
        }

        return $busy;
    }

    /** @return list<int> lengths between breaks, up to where it has to end */
    private function windows(int $from): array
    {
        $windows = [];
        foreach ($this->hall->breaks as [$start, $stop]) {
            if ($stop > $from && $start < $this->end) {
                $windows[] = max(0, $start - $from);
                $from = $stop;
            }
        }
        $windows[] = max(0, $this->end - 1 - $from);

        return $windows;
    }

    /** Whether what stands was tried before with every time as soon or sooner; if not, it is noted. */
    private function isNoBetter(int $since): bool
    {
        [$standing, $times] = $this->standing($since);
        foreach ($this->tried[$standing] ?? [] as $other) {
            if ($this->isAsSoon($other, $times)) {
                return true;
            }
        }
        $this->tried[$standing] = [
            ...array_filter($this->tried[$standing] ?? [], fn (array $other) => ! $this->isAsSoon($times, $other)),
            $times,
        ];

        return false;
    }

    /**
     * @param  list<int>  $one
     * @param  list<int>  $other
     */
    private function isAsSoon(array $one, array $other): bool
    {
        foreach ($one as $i => $time) {
            if ($time > $other[$i]) {
                return false;
            }
        }

        return true;
    }

    /**
     * All that what can follow hangs on: who is left, which variants are being wired where; and the times, of which sooner ones
     * are better whatever follows.
     *
     * @return array{string, list<int>}
     */
    private function standing(int $since): array
    {
        $names = [];
        $rename = function (int $variant) use (&$names): int {
            return $variant === 0 || ! $this->canRename ? $variant : $names[$variant] ??= count($names) + 1;
        };
        $stations = [];
        foreach (array_keys($this->hall->ids) as $station) {
            [$free, $wired, $variant] = [$since, $since, 0];
            foreach ($this->floor->at($station) as [$from, $to, $has]) {
                if ($from <= $since) {
                    $free = max($free, $to + $this->hall->changeover);
                    if ($to > $since) {
                        [$wired, $variant] = [$to, $this->areStationsAlike ? 0 : $has];
                    }
                }
            }
            $stations[] = [$this->areStationsAlike ? 0 : $this->twins[$station], $variant, $free, $wired];
        }
        sort($stations);
        $kinds = '';
        $times = [$since];
        foreach ($stations as [$twin, $variant, $free, $wired]) {
            $kinds .= "$twin:{$rename($variant)} ";
            array_push($times, $free, $wired);
        }
        $people = [];
        foreach ($this->claims as $index => $claim) {
            if ($this->left[$index] === 0) {
                continue;
            }
            $isSecond = $this->left[$index] < $claim->times;
            $people[] = $this->kinds[$index].'x'.$this->left[$index]
                .($isSecond ? $this->since($index, $since).','.$rename(max(0, $this->sat[$index][1])) : '');
        }
        sort($people);

        return [$kinds.implode(';', $people), $times];
    }

    /** From when on somebody can sit a second time. */
    private function since(int $claim, int $since): string
    {
        return '@'.max($since, $this->sat[$claim][0] + $this->hall->changeover);
    }
}
