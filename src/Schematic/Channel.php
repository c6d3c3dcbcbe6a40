<?php

declare(strict_types=1);

namespace Zwindle\Schematic;

/**
 * The wires between two columns: each net that must go up or down gets an upright of its own, in the order with the
 * fewest crossings.
 */
final readonly class Channel
{
    /** Up to so many uprights every order is tried. */
    private const MOST_TRIED = 6;

    /** @var array<int, int> net → place of its upright from the left; nets that go straight have none */
    public array $uprights;

    /**
     * @param  array<int, list<int>>  $left  net → the rows at which it comes in from the left
     * @param  array<int, list<int>>  $right  net → the rows at which it goes on to the right
     */
    public function __construct(
        public array $left,
        public array $right,
    ) {
        $bent = array_values(array_filter($this->nets(), fn (int $net) => count($this->rowsOf($net)) > 1));
        $best = $bent;
        if (count($bent) <= self::MOST_TRIED) {
            $fewest = PHP_INT_MAX;
            foreach (self::orders($bent) as $order) {
                $crossings = $this->crossings(array_flip($order));
                if ($crossings < $fewest) {
                    $fewest = $crossings;
                    $best = $order;
                }
            }
        }
        $this->uprights = array_flip($best);
    }

    /** @return list<int> */
    public function nets(): array
    {
        return array_values(array_unique([...array_keys($this->left), ...array_keys($this->right)]));
    }

    /** @return list<int> the different rows of a net, from above */
    public function rowsOf(int $net): array
    {
        $rows = array_values(array_unique([...($this->left[$net] ?? []), ...($this->right[$net] ?? [])]));
        sort($rows);

        return $rows;
    }

    /** Whether a net only looks into the channel: nothing else stands on it. */
    public function isStub(int $net): bool
    {
        return count($this->left[$net] ?? []) + count($this->right[$net] ?? []) === 1;
    }

    /** @param  array<int, int>|null  $uprights  the places to count with; those chosen if null */
    public function crossings(?array $uprights = null): int
    {
        $uprights ??= $this->uprights;
        $crossings = 0;
        foreach ($uprights as $net => $place) {
            $rows = $this->rowsOf($net);
            [$top, $bottom] = [$rows[0], $rows[count($rows) - 1]];
            foreach ($this->nets() as $other) {
                if ($other === $net || $this->isStub($other)) {
                    continue;
                }
                // A net comes from the left as far as its own upright, and goes on from there.
                $passing = array_merge(
                    ! isset($uprights[$other]) || $uprights[$other] > $place ? $this->left[$other] ?? [] : [],
                    isset($uprights[$other]) && $uprights[$other] < $place ? $this->right[$other] ?? [] : [],
                );
                $crossings += count(array_filter($passing, fn (int $row) => $row > $top && $row < $bottom));
            }
        }

        return $crossings;
    }

    /**
     * @param  list<int>  $nets
     * @return iterable<list<int>>
     */
    private static function orders(array $nets): iterable
    {
        if (count($nets) < 2) {
            yield $nets;

            return;
        }
        foreach ($nets as $i => $first) {
            $rest = $nets;
            unset($rest[$i]);
            foreach (self::orders(array_values($rest)) as $order) {
                yield [$first, ...$order];
            }
        }
    }
}
