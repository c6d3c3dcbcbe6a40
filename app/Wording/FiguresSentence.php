<?php

declare(strict_types=1);

namespace App\Wording;

use Zwindle\Catalogue\Devices\LightingLoad;
use Zwindle\Check\Figures\BritishFigures;
use Zwindle\Check\Figures\RunFigures;

/** The figures of a British circuit in words. */
final readonly class FiguresSentence
{
    private Words $words;

    public function __construct(private BritishFigures $figures)
    {
        $this->words = Words::of($figures->survey->circuit->wiring);
    }

    public function load(): string
    {
        $board = $this->figures->survey->circuit->wiring->board;
        $breakerA = $board->supply()->breakerA;
        $lampholders = $this->figures->lampholders();
        $loadA = LightingLoad::ampere($lampholders, $board->practice);
        $key = match (true) {
            $breakerA === null => 'figures.load',
            $loadA <= $breakerA => 'figures.load-fits',
            default => 'figures.load-too-much',
        };

        return $this->words->count($key, $lampholders, [
            'watt' => LightingLoad::WATT_PER_LAMPHOLDER,
            'ampere' => number_format($loadA, 2),
            'breaker' => (string) $breakerA,
            'most' => $breakerA === null ? '' : (string) LightingLoad::mostLampholders($breakerA, $board->practice),
        ]);
    }

    /** @return list<string> */
    public function remarks(): array
    {
        $without = $this->figures->runsWithoutLength();
        $board = $this->figures->survey->circuit->wiring->board;
        $breakerA = $board->supply()->breakerA;
        $zs = $breakerA === null ? null : LightingLoad::mostColdZsOhm($breakerA, $board->practice);

        return array_values(array_filter([
            $without === [] ? '' : $this->words->say('figures.no-length', ['runs' => $this->words->list($without)]),
            $zs === null
                ? ''
                : $this->words->say('figures.zs', [
                    'zs' => number_format($zs, 2),
                    'table' => number_format((float) LightingLoad::mostZsOhm((float) $breakerA), 2),
                    'breaker' => (string) $breakerA,
                ]),
        ]));
    }

    public function cores(RunFigures $run): string
    {
        $parts = [];
        foreach ($run->coreOhm as $core => $ohm) {
            $parts[] = $core.' '.self::shown($ohm);
        }

        return implode(', ', $parts);
    }

    public static function shown(?float $figure, int $decimals = 3): string
    {
        return $figure === null ? '?' : number_format($figure, $decimals);
    }
}
