<?php

declare(strict_types=1);

namespace Zwindle\Evening\Seating;

/** What somebody still has to sit, as numbers. */
final readonly class Claim
{
    /**
     * @param  int  $times  1 or 2 sittings to come
     * @param  int  $latestEnd  PHP_INT_MAX, or when the first must be over because the second is fixed
     * @param  int  $orAfter  where that cannot be: when the fixed sitting is over, and a changeover more
     * @param  int  $avoid  the variant of a fixed sitting of the same person, else 0
     */
    public function __construct(
        public string $person,
        public int $minutes,
        public int $times,
        public int $earliest,
        public int $latestEnd = PHP_INT_MAX,
        public int $avoid = 0,
        public int $orAfter = 0,
    ) {
    }

    public function afterAll(): self
    {
        return new self($this->person, $this->minutes, $this->times, max($this->earliest, $this->orAfter), avoid: $this->avoid);
    }

    /** The shortest time from a beginning to the end of all that is claimed. */
    public function chain(int $changeover): int
    {
        return $this->times * $this->minutes + ($this->times - 1) * $changeover;
    }

    /** Claims that are the same but for the person: it does not matter who of them goes first. */
    public function kind(): string
    {
        return "$this->minutes/$this->times/$this->earliest/$this->latestEnd/$this->avoid";
    }
}
