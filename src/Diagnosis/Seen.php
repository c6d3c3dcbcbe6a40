<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis;

use Zwindle\Board\Wiring\Wiring;

/** What was seen on a standing board; every entry with its place in the file. */
final readonly class Seen
{
    /** Nobody knows which plan was meant. */
    public const ANY = 'any';

    /**
     * @param  Wiring|'any'|null  $meant  null: the planner's preferred plan
     * @param  array<string, float>  $weights  kind of mistake → how often it was confirmed
     * @param  list<SeenState>  $states
     * @param  list<array{point: string, with: list<string>, taped?: list<string>}>  $looks  taped: which of these ends carry tape or
     *     sleeve, where that is given
     * @param  list<array{point: string, live: bool}>  $probes
     * @param  list<array{device: string, good: bool}>  $parts
     * @param  bool  $tellsTape  whether every look says what has tape or sleeve
     */
    public function __construct(
        public Wiring|string|null $meant,
        public array $weights,
        public array $states,
        public array $looks,
        public array $probes,
        public array $parts,
        public bool $tellsTape = false,
    ) {
    }

    /** Whether nothing has lit in two combinations or more, and nobody saw anything trip: the supply is looked at first. */
    public function isAllDark(): bool
    {
        $lit = array_filter($this->states, fn (SeenState $told) => array_diff($told->lamps, ['off']) !== []
            || ! in_array($told->trip, [null, 'none'], true));

        return count($this->states) > 1 && $lit === [];
    }

    /** Whether something was seen to trip. */
    public function everTripped(): bool
    {
        return array_filter($this->states, fn (SeenState $told) => ! in_array($told->trip, [null, 'none'], true)) !== [];
    }
}
