<?php

declare(strict_types=1);

namespace Zwindle\Proving\Rig;

use Zwindle\Circuit\Solve\Trip;

/**
 * The supply stand-in: a main switch, three breakers of which one feeds the board, and an RCD or GFCI where the board has one.
 *
 * The main switch opens line and neutral; a breaker opens the line alone and leaves the neutral.
 */
final readonly class Supply
{
    public const MAIN = 'main';

    public const RESIDUAL = 'residual';

    public const BREAKERS = ['breaker1', 'breaker2', 'breaker3'];

    /**
     * @param  array<string, Breaker>  $parts  part → how it stands
     * @param  string  $own  the breaker that feeds the board
     * @param  bool  $residualOpensNeutral  as an RCD does; a GFCI breaker opens the hot alone
     * @param  list<string>  $locked  parts with a lock on
     * @param  list<string>  $tagged
     */
    private function __construct(
        public array $parts,
        public string $own,
        public bool $residualOpensNeutral,
        public array $locked,
        public array $tagged,
    ) {
    }

    /** As it stands before anybody has touched it: its own breaker on or off, everything else on. */
    public static function of(string $own, bool $hasResidual, bool $residualOpensNeutral, bool $isOn): self
    {
        $parts = [self::MAIN => Breaker::On, ...array_fill_keys(self::BREAKERS, Breaker::On)];
        $parts[$own] = $isOn ? Breaker::On : Breaker::Off;

        return new self($hasResidual ? [...$parts, self::RESIDUAL => Breaker::On] : $parts, $own, $residualOpensNeutral, [], []);
    }

    /** @param  array{parts: array<string, string>, own: string, opensNeutral: bool, locked: list<string>, tagged: list<string>}  $kept */
    public static function kept(array $kept): self
    {
        return new self(
            array_map(Breaker::from(...), $kept['parts']),
            $kept['own'],
            $kept['opensNeutral'],
            $kept['locked'],
            $kept['tagged'],
        );
    }

    /** @return array{parts: array<string, string>, own: string, opensNeutral: bool, locked: list<string>, tagged: list<string>} */
    public function toKeep(): array
    {
        return [
            'parts' => array_map(fn (Breaker $breaker) => $breaker->value, $this->parts),
            'own' => $this->own,
            'opensNeutral' => $this->residualOpensNeutral,
            'locked' => $this->locked,
            'tagged' => $this->tagged,
        ];
    }

    public function has(string $part): bool
    {
        return isset($this->parts[$part]);
    }

    public function isOn(string $part): bool
    {
        return ($this->parts[$part] ?? Breaker::On) === Breaker::On;
    }

    /** Whether the line of the board is connected. */
    public function feedsLine(): bool
    {
        return $this->isOn(self::MAIN) && $this->isOn($this->own) && $this->isOn(self::RESIDUAL);
    }

    /** Whether the neutral of the board is connected, live or not. */
    public function tiesNeutral(): bool
    {
        return $this->isOn(self::MAIN) && (! $this->residualOpensNeutral || $this->isOn(self::RESIDUAL));
    }

    /** Whether the board cannot come on without a lock being taken off. */
    public function isLockedOff(): bool
    {
        return array_filter(
            [self::MAIN, $this->own],
            fn (string $part) => ! $this->isOn($part) && in_array($part, $this->locked, true),
        ) !== [];
    }

    public function turned(string $part, bool $isOn): self
    {
        return $this->with([...$this->parts, $part => $isOn ? Breaker::On : Breaker::Off], $this->locked, $this->tagged);
    }

    public function tripped(Trip $by): self
    {
        return $this->with(
            [...$this->parts, $by === Trip::Rcd ? self::RESIDUAL : $this->own => Breaker::Tripped],
            $this->locked,
            $this->tagged,
        );
    }

    public function locking(string $part, bool $isOn): self
    {
        return $this->with($this->parts, self::put($this->locked, $part, $isOn), $this->tagged);
    }

    public function tagging(string $part, bool $isOn): self
    {
        return $this->with($this->parts, $this->locked, self::put($this->tagged, $part, $isOn));
    }

    /**
     * @param  list<string>  $list
     * @return list<string>
     */
    private static function put(array $list, string $part, bool $isOn): array
    {
        $rest = array_values(array_diff($list, [$part]));

        return $isOn ? [...$rest, $part] : $rest;
    }

    /**
     * @param  array<string, Breaker>  $parts
     * @param  list<string>  $locked
     * @param  list<string>  $tagged
     */
    private function with(array $parts, array $locked, array $tagged): self
    {
        return new self($parts, $this->own, $this->residualOpensNeutral, $locked, $tagged);
    }
}
