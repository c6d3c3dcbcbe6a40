<?php

declare(strict_types=1);

namespace App\Paper\OpenBox;

/** What comes first by its price, which is a whole number: a bucket for each price, the last of the cheapest first. */
final class PriceQueue
{
    /** @var array<int, list<int>> */
    private array $buckets = [];

    private int $cheapest = 0;

    private int $dearest = 0;

    public function add(int $state, int $price): void
    {
        $this->buckets[$price][] = $state;
        $this->cheapest = min($this->cheapest, $price);
        $this->dearest = max($this->dearest, $price);
    }

    /** The cheapest; -1 if there is none. */
    public function take(): int
    {
        for (; $this->cheapest <= $this->dearest; $this->cheapest++) {
            if (($this->buckets[$this->cheapest] ?? []) !== []) {
                return array_pop($this->buckets[$this->cheapest]);
            }
        }

        return -1;
    }
}
