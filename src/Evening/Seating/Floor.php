<?php

declare(strict_types=1);

namespace Zwindle\Evening\Seating;

/** Who sits where so far. It changes as a search puts people down and takes them up again. */
final class Floor
{
    /** @var list<list<array{int, int, int}>> of each station from, to, variant */
    private array $taken;

    public function __construct(private readonly Hall $hall)
    {
        $this->taken = array_fill(0, $hall->count(), []);
    }

    public function put(int $station, int $from, int $to, int $variant): void
    {
        $this->taken[$station][] = [$from, $to, $variant];
    }

    /** Takes up what was put down last at a station. */
    public function takeUp(int $station): void
    {
        array_pop($this->taken[$station]);
    }

    /** @return list<array{int, int, int}> from, to, variant */
    public function at(int $station): array
    {
        return $this->taken[$station];
    }

    /** The first minute, not before another, at which a sitting fits at a station on a variant (0: whichever is left). */
    public function earliest(int $station, int $variant, int $from, int $minutes): int
    {
        $changeover = $this->hall->changeover;
        do {
            $at = $from;
            foreach ($this->hall->breaks as [$start, $end]) {
                if ($from < $end && $from + $minutes > $start) {
                    $from = $end;
                }
            }
            foreach ($this->taken[$station] as [$start, $end]) {
                if ($from < $end + $changeover && $from + $minutes + $changeover > $start) {
                    $from = $end + $changeover;
                }
            }
            foreach ($variant === 0 ? [] : $this->hall->beside[$station] as $other) {
                foreach ($this->taken[$other] as [$start, $end, $has]) {
                    if ($has === $variant && $from < $end && $from + $minutes > $start) {
                        $from = $end;
                    }
                }
            }
        } while ($from !== $at);

        return $from;
    }
}
