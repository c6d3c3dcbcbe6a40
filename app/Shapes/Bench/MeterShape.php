<?php

declare(strict_types=1);

namespace App\Shapes\Bench;

use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Probe\Meter;
use Zwindle\Circuit\Solve\Solver;

/** What the meter shows between two points, in the shape of the contract. */
final readonly class MeterShape
{
    private Meter $meter;

    public function __construct(private Circuit $circuit, private int $state, private string $from, private string $to)
    {
        $this->meter = new Meter($circuit);
    }

    /** @return array<string, mixed> */
    public function json(bool $live): array
    {
        $reading = $live
            ? [
                'volt' => round($this->volt(), 3),
                'floating' => $this->floating(),
                'trip' => Solver::solve($this->circuit, $this->state)->trip?->value,
            ]
            : ['ohm' => $this->ohm(), 'open' => $this->ohm() === null, 'withoutLength' => $this->runsWithoutLength()];

        return ['from' => $this->from, 'to' => $this->to, 'switches' => (object) $this->positions(), ...$reading];
    }

    public function volt(): float
    {
        return $this->meter->volt($this->state, $this->from, $this->to);
    }

    public function isTripped(): bool
    {
        return Solver::solve($this->circuit, $this->state)->trip !== null;
    }

    public function ohm(): ?float
    {
        $ohm = $this->meter->ohm($this->state, $this->from, $this->to);

        return $ohm === null ? null : round($ohm, 5);
    }

    /** @return list<string> of the two points, those that hang on nothing */
    public function floating(): array
    {
        return array_values(array_filter([$this->from, $this->to], fn (string $point) => $this->meter->floats($this->state, $point)));
    }

    /** @return list<string> */
    public function runsWithoutLength(): array
    {
        return array_keys(array_filter($this->circuit->wiring->board->cables, fn ($cable) => $cable->lengthM === null));
    }

    /** @return array<string, string> */
    private function positions(): array
    {
        $positions = [];
        foreach ($this->circuit->switches as $i => $switch) {
            $positions[$switch] = $this->circuit->isDown($i, $this->state) ? 'down' : 'up';
        }

        return $positions;
    }
}
