<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Solve;

use Zwindle\Circuit\Net\Circuit;

/** All states with their lamps and trips; one character a state, so that 65,536 of them stay small. */
final readonly class TruthTable
{
    private const LAMP_LETTERS = ['on' => '1', 'dim' => 'd', 'off' => '0'];

    private const TRIP_LETTERS = ['breaker' => 'b', 'rcd' => 'r'];

    public const NO_TRIP = '-';

    private const YES = "\xFF";

    private const NO = "\0";

    /**
     * @param  array<string, string>  $lamps  device id → a letter a state: `1` on, `d` dim, `0` off
     * @param  string  $trips  a letter a state: `-` none, `b` breaker, `r` RCD
     */
    private function __construct(
        private Circuit $circuit,
        public array $lamps,
        public string $trips,
    ) {
    }

    /** @param  array<int, string>  $columns  per lamp, in the circuit's order */
    public static function of(Circuit $circuit, array $columns, string $trips): self
    {
        return new self($circuit, array_combine($circuit->lamps, $columns), $trips);
    }

    public static function lampLetter(LampState $lamp): string
    {
        return self::LAMP_LETTERS[$lamp->value];
    }

    public static function tripLetter(?Trip $trip): string
    {
        return $trip === null ? self::NO_TRIP : self::TRIP_LETTERS[$trip->value];
    }

    public function count(): int
    {
        return strlen($this->trips);
    }

    public function lampIn(string $lamp, int $state): LampState
    {
        return LampState::from((string) array_search($this->lamps[$lamp][$state], self::LAMP_LETTERS, true));
    }

    public function tripIn(int $state): ?Trip
    {
        return Trip::tryFrom((string) array_search($this->trips[$state], self::TRIP_LETTERS, true));
    }

    /** @return array<string, string> switch → `up` or `down`, in the board's order */
    public function positionsIn(int $state): array
    {
        return $this->circuit->positionsIn($state);
    }

    public function isEverLit(string $lamp): bool
    {
        return strpbrk($this->lamps[$lamp], '1d') !== false;
    }

    public function isEverDark(string $lamp): bool
    {
        return str_contains($this->lamps[$lamp], '0');
    }

    public function isEverDim(string $lamp): bool
    {
        return str_contains($this->lamps[$lamp], 'd');
    }

    /** Whether a lamp is fully on in every state that does not trip. */
    public function isOnThroughout(string $lamp): bool
    {
        return $this->lamps[$lamp] === strtr($this->trips, [self::NO_TRIP => '1', 'b' => '0', 'r' => '0']);
    }

    public function everTrips(): bool
    {
        return trim($this->trips, self::NO_TRIP) !== '';
    }

    /** @param  bool  $overTrips  whether flips into or out of a state that trips count */
    public function effect(string $switch, string $lamp, bool $overTrips = true): FlipEffect
    {
        $bit = $this->circuit->bitOf((int) array_search($switch, $this->circuit->switches, true));
        $looked = $this->statesWithSwitchUp($bit);
        if (! $overTrips) {
            $calm = strtr($this->trips, ['-' => self::YES, 'b' => self::NO, 'r' => self::NO]);
            $looked &= $calm & self::flipped($calm, $bit);
        }
        $column = $this->lamps[$lamp];
        $changed = substr_count(($column ^ self::flipped($column, $bit)) & $looked, self::NO);
        $changed = strlen($looked) - $changed;
        $kept = substr_count($looked, self::YES) - $changed;

        return match (true) {
            $changed === 0 => FlipEffect::Never,
            $kept > 0 => FlipEffect::Sometimes,
            default => FlipEffect::Always,
        };
    }

    /** @return string a byte a state, YES where the switch is up */
    private function statesWithSwitchUp(int $bit): string
    {
        return str_repeat(str_repeat(self::YES, $bit).str_repeat(self::NO, $bit), intdiv($this->count(), 2 * $bit));
    }

    /** @return string a letter for each state with the switch up: what stands at the state with it down */
    private static function flipped(string $column, int $bit): string
    {
        return substr($column, $bit).str_repeat(self::NO, $bit);
    }
}
