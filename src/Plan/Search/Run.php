<?php

declare(strict_types=1);

namespace Zwindle\Plan\Search;

use Zwindle\Board\Cable;
use Zwindle\Board\Core;
use Zwindle\Catalogue\Cables\CableType;

/** A way from one enclosure to another: a cable, an undecided cable, or all singles of one conduit together. */
final readonly class Run
{
    /**
     * @param  list<Cable>  $cables  one, or the singles of a conduit
     * @param  list<CableType>  $choices  types that an undecided cable may get, the fewest cores first; else empty
     */
    public function __construct(
        public string $from,
        public string $to,
        public array $cables,
        public array $choices = [],
    ) {
    }

    /** The cable's id; for a conduit, that of its first single. */
    public function id(): string
    {
        return $this->cables[0]->id;
    }

    public function isUndecided(): bool
    {
        return $this->choices !== [];
    }

    /** Whether it goes on to a place beyond the board. */
    public function goesOn(): bool
    {
        return $this->cables[0]->beyond !== null;
    }

    public function farFrom(string $enclosure): string
    {
        return $this->from === $enclosure ? $this->to : $this->from;
    }

    /**
     * Its insulated cores by name, as they are or, undecided, as each choice would have them.
     *
     * @return list<array<string, Core>> choices, the fewest cores first
     */
    public function coreChoices(): array
    {
        if (! $this->isUndecided()) {
            return [self::insulated(array_merge(...array_map(fn (Cable $cable) => array_values($cable->cores), $this->cables)))];
        }

        return array_map(function (CableType $type): array {
            $cable = new Cable($this->cables[0]->id, $type, $this->from, $this->to);

            return self::insulated(array_values($cable->cores));
        }, $this->choices);
    }

    public function mostCores(): int
    {
        return max(0, ...array_map(count(...), $this->coreChoices()));
    }

    /**
     * @param  list<Core>  $cores
     * @return array<string, Core>
     */
    private static function insulated(array $cores): array
    {
        $insulated = array_filter($cores, fn (Core $core) => ! $core->colour->isEarths());

        return array_combine(array_map(fn (Core $core) => $core->id(), $insulated), $insulated);
    }
}
