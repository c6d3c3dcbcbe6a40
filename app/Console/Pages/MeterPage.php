<?php

declare(strict_types=1);

namespace App\Console\Pages;

use App\Shapes\Bench\MeterShape;
use App\Wording\Words;
use Symfony\Component\Console\Formatter\OutputFormatter;

/** What the meter shows, with what it means, as a page of text. */
final readonly class MeterPage
{
    public function __construct(private Words $words, private MeterShape $reading, private string $from, private string $to)
    {
    }

    /** @return list<string> */
    public function lines(bool $live): array
    {
        $places = $this->words->say('meter.between', ['from' => $this->words->place($this->from), 'to' => $this->words->place($this->to)]);
        $lines = [$places, '<options=bold>'.OutputFormatter::escape($live ? $this->volts() : $this->ohms()).'</>'];
        if (! $live && $this->reading->runsWithoutLength() !== []) {
            $lines[] = $this->words->say('meter.no-length', ['runs' => $this->words->list($this->reading->runsWithoutLength())]);
        }
        foreach ($live ? $this->reading->floating() : [] as $point) {
            $lines[] = $this->words->say('meter.floats', ['at' => $this->words->place($point)]);
        }

        return [...$lines, $this->words->say($live ? 'meter.caution-live' : 'meter.caution-dead')];
    }

    private function volts(): string
    {
        return $this->words->say($this->reading->isTripped() ? 'meter.tripped' : 'meter.volt', [
            'volt' => number_format($this->reading->volt(), 1),
        ]);
    }

    private function ohms(): string
    {
        $ohm = $this->reading->ohm();

        return $ohm === null
            ? $this->words->say('meter.open')
            : $this->words->say('meter.ohm', ['ohm' => number_format($ohm, $ohm < 1 ? 3 : 1)]);
    }
}
