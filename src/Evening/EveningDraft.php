<?php

declare(strict_types=1);

namespace Zwindle\Evening;

/** Who has to sit, where, how long and within which rules; what stands already. */
final readonly class EveningDraft
{
    /**
     * @param  array<string, Person>  $people  by id
     * @param  array<string, Station>  $stations  by id
     * @param  list<string>  $retests  ids of those who sit twice
     * @param  list<Pause>  $breaks
     * @param  list<Sitting>  $fixed  begun, or put there by hand: these stay as they are
     * @param  int  $now  nothing that is not fixed begins before
     */
    public function __construct(
        public string $title,
        public array $people,
        public array $stations,
        public int $minutes,
        public int $changeover,
        public int $variants,
        public array $retests = [],
        public array $breaks = [],
        public array $fixed = [],
        public int $now = 0,
    ) {
    }

    public function areNeighbours(string $one, string $other): bool
    {
        return in_array($other, $this->stations[$one]->nextTo, true) || in_array($one, $this->stations[$other]->nextTo, true);
    }

    public function timesOf(string $person): int
    {
        return in_array($person, $this->retests, true) ? 2 : 1;
    }
}
