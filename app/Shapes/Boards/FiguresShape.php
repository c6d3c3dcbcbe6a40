<?php

declare(strict_types=1);

namespace App\Shapes\Boards;

use App\Wording\FiguresSentence;
use App\Wording\Words;
use Zwindle\Catalogue\Cables\VoltDrop;
use Zwindle\Catalogue\Devices\LightingLoad;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Check\Figures\BritishFigures;
use Zwindle\Check\Figures\LampFigures;
use Zwindle\Check\Figures\RunFigures;

/** The figures of a British circuit in the shape of the contract, and as blocks for a screen. */
final readonly class FiguresShape
{
    private Words $words;

    public function __construct(private BritishFigures $figures)
    {
        $this->words = Words::of($figures->survey->circuit->wiring);
    }

    /**
     * @return array{load: array<string, mixed>, runs: list<array<string, mixed>>, lamps: list<array<string, mixed>>,
     *     withoutLength: list<string>}
     */
    public function json(): array
    {
        return [
            'load' => $this->load(),
            'runs' => array_map(fn (RunFigures $run) => [
                'cable' => $run->cable,
                'lengthM' => $run->lengthM,
                'coreOhm' => array_map(self::ohm(...), $run->coreOhm),
                'r1r2Ohm' => self::ohm($run->r1r2Ohm),
            ], $this->figures->runs()),
            'lamps' => array_map(fn (LampFigures $lamp) => [
                'lamp' => $lamp->lamp,
                'label' => $this->words->device($lamp->lamp),
                'dropV' => $lamp->dropV === null ? null : round($lamp->dropV, 4),
                'limitV' => $this->limitV(),
                'fits' => $lamp->dropV === null ? null : $lamp->dropV <= $this->limitV(),
                'r1r2Ohm' => self::ohm($lamp->r1r2Ohm),
            ], $this->figures->lamps()),
            'withoutLength' => $this->figures->runsWithoutLength(),
        ];
    }

    /**
     * @return list<array{title: string, fits: bool|null, rows: list<array{string, string}>, note: string}> load, lamps and runs,
     *     for the screen
     */
    public function blocks(): array
    {
        $sentences = new FiguresSentence($this->figures);

        return [
            ['title' => $sentences->load(), 'fits' => $this->load()['fits'], 'rows' => [], 'note' => implode(' ', $sentences->remarks())],
            ...array_map(fn (LampFigures $lamp) => [
                'title' => ucfirst($this->words->device($lamp->lamp)),
                'fits' => $lamp->dropV === null ? null : $lamp->dropV <= $this->limitV(),
                'rows' => [
                    [$this->words->say('figures.drop', ['limit' => (string) $this->limitV()]), FiguresSentence::shown($lamp->dropV, 2)],
                    ['R1+R2, Ω', FiguresSentence::shown($lamp->r1r2Ohm)],
                ],
                'note' => $lamp->state === null ? $this->words->say('figures.never-lit') : '',
            ], $this->figures->lamps()),
            ...array_map(fn (RunFigures $run) => [
                'title' => $this->words->say('figures.run-title', [
                    'run' => $run->cable,
                    'length' => $run->lengthM === null ? '?' : (string) $run->lengthM,
                ]),
                'fits' => null,
                'rows' => [[
                    $this->words->say('figures.cores'),
                    $sentences->cores($run),
                ], ['R1+R2, Ω', FiguresSentence::shown($run->r1r2Ohm)]],
                'note' => '',
            ], $this->figures->runs()),
        ];
    }

    /**
     * @return array{lampholders: int, wattEach: int, loadA: float, breakerA: float|int|null, mostLampholders: int|null, fits: bool|null,
     *     mostColdZsOhm: float|null, mostZsOhm: float|null}
     */
    private function load(): array
    {
        $breakerA = $this->figures->survey->circuit->wiring->board->supply()->breakerA;
        $lampholders = $this->figures->lampholders();

        return [
            'lampholders' => $lampholders,
            'wattEach' => LightingLoad::WATT_PER_LAMPHOLDER,
            'loadA' => round(LightingLoad::ampere($lampholders, $this->practice()), 3),
            'breakerA' => $breakerA,
            'mostLampholders' => $breakerA === null ? null : LightingLoad::mostLampholders($breakerA, $this->practice()),
            'fits' => $breakerA === null ? null : LightingLoad::ampere($lampholders, $this->practice()) <= $breakerA,
            'mostColdZsOhm' => $breakerA === null ? null : LightingLoad::mostColdZsOhm($breakerA, $this->practice()),
            'mostZsOhm' => $breakerA === null ? null : LightingLoad::mostZsOhm($breakerA),
        ];
    }

    private static function ohm(?float $ohm): ?float
    {
        return $ohm === null ? null : round($ohm, 5);
    }

    private function limitV(): float
    {
        return VoltDrop::limitV($this->practice());
    }

    private function practice(): Practice
    {
        return $this->figures->survey->circuit->wiring->board->practice;
    }
}
