<?php

declare(strict_types=1);

namespace Zwindle\Evening\Seating;

use Zwindle\Evening\EveningDraft;

/** The stations as numbers from 0: who sees whom, when nobody may sit. The search asks it millions of times. */
final readonly class Hall
{
    /** How many stations at most are looked at in every way; more are only bounded. */
    private const FEW = 12;

    /**
     * @param  list<string>  $ids
     * @param  list<list<int>>  $beside  of each station those next to it
     * @param  list<array{int, int}>  $breaks  in order, none overlapping
     */
    private function __construct(
        public array $ids,
        public array $beside,
        public int $variants,
        public int $changeover,
        public array $breaks,
    ) {
    }

    public static function of(EveningDraft $evening): self
    {
        $ids = array_map(strval(...), array_keys($evening->stations));
        $beside = array_map(fn (string $id) => array_keys(array_filter(
            $ids,
            fn (string $other) => $other !== $id && $evening->areNeighbours($id, $other),
        )), $ids);

        return new self($ids, $beside, $evening->variants, $evening->changeover, self::merged($evening));
    }

    public function count(): int
    {
        return count($this->ids);
    }

    /** Whether there is always a variant left, whatever the neighbours have and whatever somebody had before. */
    public function hasVariantsToSpare(): bool
    {
        return $this->variants >= max([0, ...array_map(count(...), $this->beside)]) + 2;
    }

    /** The most stations that can be taken at one moment, as far as variants let them. */
    public function mostAtOnce(): int
    {
        $count = $this->count();
        if ($this->hasVariantsToSpare() || $count > self::FEW) {
            return $count;
        }
        for ($most = $count; $most > 1; $most--) {
            for ($set = (1 << $count) - 1; $set > 0; $set--) {
                if (substr_count(decbin($set), '1') === $most && $this->canBeColoured($set, 0, [])) {
                    return $most;
                }
            }
        }

        return min(1, $count);
    }

    /** @return list<int> of each station the first one that has the same neighbours, each other aside */
    public function twins(): array
    {
        $stations = array_keys($this->ids);

        $others = fn (int $one, int $but) => array_values(array_diff($this->beside[$one], [$but]));

        return array_map(fn (int $one) => array_values(array_filter(
            $stations,
            fn (int $other) => $others($one, $other) === $others($other, $one),
        ))[0], $stations);
    }

    /** @param  array<int, int>  $variantAt */
    private function canBeColoured(int $set, int $station, array $variantAt): bool
    {
        if ($station === $this->count()) {
            return true;
        }
        if (($set >> $station & 1) === 0) {
            return $this->canBeColoured($set, $station + 1, $variantAt);
        }
        $taken = array_intersect_key($variantAt, array_flip($this->beside[$station]));
        // Variants that nobody has yet are all alike.
        $most = min($this->variants, max([0, ...$variantAt]) + 1);
        for ($variant = 1; $variant <= $most; $variant++) {
            if (! in_array($variant, $taken, true) && $this->canBeColoured($set, $station + 1, $variantAt + [$station => $variant])) {
                return true;
            }
        }

        return false;
    }

    /**
     * Where two neighbours can never meet on one variant: a variant for every station, if there are enough.
     *
     * @return list<int>|null
     */
    public function fixedVariants(): ?array
    {
        $variantAt = [];
        $order = array_keys($this->ids);
        while ($order !== []) {
            // The station with the fewest variants left first, then the one with most neighbours.
            usort($order, fn (int $a, int $b) => [count($this->variantsBeside($b, $variantAt)), count($this->beside[$b]), $a]
                <=> [count($this->variantsBeside($a, $variantAt)), count($this->beside[$a]), $b]);
            $station = array_shift($order);
            $free = array_diff(range(1, $this->variants), $this->variantsBeside($station, $variantAt));
            if ($free === []) {
                return null;
            }
            $variantAt[$station] = min($free);
        }
        ksort($variantAt);

        return array_values($variantAt);
    }

    /**
     * @param  array<int, int>  $variantAt
     * @return list<int>
     */
    private function variantsBeside(int $station, array $variantAt): array
    {
        return array_values(array_unique(array_intersect_key($variantAt, array_flip($this->beside[$station]))));
    }

    /** @return list<array{int, int}> */
    private static function merged(EveningDraft $evening): array
    {
        $breaks = array_map(fn ($break) => [$break->from, $break->to], $evening->breaks);
        sort($breaks);
        $merged = [];
        foreach ($breaks as [$from, $to]) {
            $last = array_key_last($merged);
            if ($last !== null && $from <= $merged[$last][1]) {
                $merged[$last][1] = max($merged[$last][1], $to);
            } else {
                $merged[] = [$from, $to];
            }
        }

        return $merged;
    }
}
