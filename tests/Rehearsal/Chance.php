<?php

declare(strict_types=1);

namespace Tests\Rehearsal;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Chance that comes out the same for the same seed. */
final class Chance
{
    private Randomizer $dice;

    public function __construct(int $seed)
    {
        $this->dice = new Randomizer(new Mt19937($seed));
    }

    public function number(int $from, int $to): int
    {
        return $this->dice->getInt($from, $to);
    }

    /** So many times in a hundred. */
    public function is(int $percent): bool
    {
        return $this->number(1, 100) <= $percent;
    }

    /**
     * @template T
     *
     * @param  non-empty-array<T>  $of
     * @return T
     */
    public function one(array $of): mixed
    {
        return array_values($of)[$this->number(0, count($of) - 1)];
    }

    /**
     * @template T
     *
     * @param  array<T>  $of
     * @return list<T>
     */
    public function shuffled(array $of): array
    {
        return $this->dice->shuffleArray($of);
    }

    /**
     * Some of them, or none.
     *
     * @template T
     *
     * @param  array<T>  $of
     * @return list<T>
     */
    public function some(array $of, int $percent = 40): array
    {
        return array_values(array_filter($of, fn () => $this->is($percent)));
    }
}
