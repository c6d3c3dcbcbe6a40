<?php

declare(strict_types=1);

namespace App\Console\Pages;

use App\Wording\Words;
use Symfony\Component\Console\Formatter\OutputFormatter;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Probe\Meter;
use Zwindle\Circuit\Solve\Solver;

/** What the meter shows, with what it means, as JSON and as text. */
final readonly class MeterPage
{
    private Words $words;

    private Meter $meter;

    public function __construct(private Circuit $circuit, private int $state, private string $from, private string $to)
    {
        $this->words = Words::of($circuit->wiring);
        $this->meter = new Meter($circuit);
    }

    /** @return array<string, mixed> */
    public function json(bool $live): array
    {
        $reading = $live
            ? ['volt' => round($this->meter->volt($this->state, $this->from, $this->to), 3), 'floating' => $this->floating(), 'trip' => Solver::solve($this->circuit, $this->state)->trip?->value]
            : ['ohm' => $this->ohm(), 'open' => $this->ohm() === null, 'withoutLength' => $this->runsWithoutLength()];

        return ['from' => $this->from, 'to' => $this->to, 'switches' => (object) $this->positions(), ...$reading];
    }

    /** @return list<string> */
    public function lines(bool $live): array
    {
        $places = $this->words->say('meter.between', ['from' => $this->words->place($this->from), 'to' => $this->words->place($this->to)]);
        $lines = [$places, '<options=bold>'.OutputFormatter::escape($live ? $this->volts() : $this->ohms()).'</>'];
        if (! $live && $this->runsWithoutLength() !== []) {
            $lines[] = $this->words->say('meter.no-length', ['runs' => $this->words->list($this->runsWithoutLength())]);
        }
        foreach ($live ? $this->floating() : [] as $point) {
            $lines[] = $this->words->say('meter.floats', ['at' => $this->words->place($point)]);
        }

        return [...$lines, $this->words->say($live ? 'meter.caution-live' : 'meter.caution-dead')];
    }

    private function volts(): string
    {
        $trips = Solver::solve($this->circuit, $this->state)->trip !== null;

        return $this->words->say($trips ? 'meter.tripped' : 'meter.volt', ['volt' => number_format($this->meter->volt($this->state, $this->from, $this->to), 1)]);
    }

    private function ohms(): string
    {
        $ohm = $this->ohm();

        return $ohm === null ? $this->words->say('meter.open') : $this->words->say('meter.ohm', ['ohm' => number_format($ohm, $ohm < 1 ? 3 : 1)]);
    }

    private function ohm(): ?float
    {
        $ohm = $this->meter->ohm($this->state, $this->from, $this->to);

        return $ohm === null ? null : round($ohm, 5);
    }

    /** @return list<string> */
    private function floating(): array
    {
        return array_values(array_filter([$this->from, $this->to], fn (string $point) => $this->meter->floats($this->state, $point)));
    }

    /** @return list<string> */
    private function runsWithoutLength(): array
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
