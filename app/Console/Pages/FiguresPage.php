<?php

declare(strict_types=1);

namespace App\Console\Pages;

use App\Wording\Words;
use Illuminate\Console\OutputStyle;
use Symfony\Component\Console\Formatter\OutputFormatter;
use Zwindle\Catalogue\Cables\VoltDrop;
use Zwindle\Catalogue\Loads\LightingLoad;
use Zwindle\Check\Figures\BritishFigures;
use Zwindle\Check\Figures\LampFigures;
use Zwindle\Check\Figures\RunFigures;
use Zwindle\Circuit\Solve\Survey;

/** The figures of a British circuit as JSON and as a page of text. */
final readonly class FiguresPage
{
    private Words $words;

    private BritishFigures $figures;

    public function __construct(private Survey $survey)
    {
        $this->words = Words::of($survey->circuit->wiring);
        $this->figures = new BritishFigures($survey);
    }

    /** @return array{load: array<string, mixed>, runs: list<array<string, mixed>>, lamps: list<array<string, mixed>>, withoutLength: list<string>} */
    public function json(): array
    {
        $breakerA = $this->survey->circuit->wiring->board->supply()->breakerA;
        $lampholders = $this->figures->lampholders();

        return [
            'load' => [
                'lampholders' => $lampholders,
                'wattEach' => LightingLoad::WATT_PER_LAMPHOLDER,
                'loadA' => round(LightingLoad::ampere($lampholders), 3),
                'breakerA' => $breakerA,
                'mostLampholders' => $breakerA === null ? null : LightingLoad::mostLampholders($breakerA),
                'fits' => $breakerA === null ? null : LightingLoad::ampere($lampholders) <= $breakerA,
                'mostColdZsOhm' => $breakerA === null ? null : LightingLoad::mostColdZsOhm($breakerA),
                'mostZsOhm' => $breakerA === null ? null : LightingLoad::mostZsOhm($breakerA),
            ],
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
                'limitV' => VoltDrop::limitV(),
                'fits' => $lamp->dropV === null ? null : $lamp->dropV <= VoltDrop::limitV(),
                'r1r2Ohm' => self::ohm($lamp->r1r2Ohm),
            ], $this->figures->lamps()),
            'withoutLength' => $this->figures->runsWithoutLength(),
        ];
    }

    public function print(OutputStyle $output): void
    {
        $output->writeln('<options=bold>'.self::plain($this->survey->circuit->wiring->board->title).'</>');
        $output->writeln(self::plain($this->loadSentence()));
        $output->newLine();
        $output->table(
            [$this->words->say('figures.run'), 'm', $this->words->say('figures.cores'), 'R1+R2 Ω'],
            array_map(fn (RunFigures $run) => [$run->cable, $run->lengthM ?? '?', $this->cores($run), self::shown($run->r1r2Ohm)], $this->figures->runs()),
        );
        $output->table(
            [$this->words->say('figures.lamp'), $this->words->say('figures.drop', ['limit' => (string) VoltDrop::limitV()]), 'R1+R2 Ω'],
            array_map(fn (LampFigures $lamp) => [$this->words->device($lamp->lamp), self::shown($lamp->dropV, 2), self::shown($lamp->r1r2Ohm)], $this->figures->lamps()),
        );
        foreach ([...$this->remarks(), $this->words->say('figures.sources'), $this->words->say('verdict.caution')] as $line) {
            $output->writeln(self::plain($line));
        }
    }

    /** @return list<array{title: string, fits: bool|null, rows: list<array{string, string}>, note: string}> load, lamps and runs, for the screen */
    public function blocks(): array
    {
        $json = $this->json();

        return [
            ['title' => $this->loadSentence(), 'fits' => $json['load']['fits'], 'rows' => [], 'note' => implode(' ', $this->remarks())],
            ...array_map(fn (LampFigures $lamp) => [
                'title' => ucfirst($this->words->device($lamp->lamp)),
                'fits' => $lamp->dropV === null ? null : $lamp->dropV <= VoltDrop::limitV(),
                'rows' => [
                    [$this->words->say('figures.drop', ['limit' => (string) VoltDrop::limitV()]), self::shown($lamp->dropV, 2)],
                    ['R1+R2, Ω', self::shown($lamp->r1r2Ohm)],
                ],
                'note' => $lamp->state === null ? $this->words->say('figures.never-lit') : '',
            ], $this->figures->lamps()),
            ...array_map(fn (RunFigures $run) => [
                'title' => $this->words->say('figures.run-title', ['run' => $run->cable, 'length' => $run->lengthM === null ? '?' : (string) $run->lengthM]),
                'fits' => null,
                'rows' => [[$this->words->say('figures.cores'), $this->cores($run)], ['R1+R2, Ω', self::shown($run->r1r2Ohm)]],
                'note' => '',
            ], $this->figures->runs()),
        ];
    }

    public function loadSentence(): string
    {
        $breakerA = $this->survey->circuit->wiring->board->supply()->breakerA;
        $lampholders = $this->figures->lampholders();
        $key = match (true) {
            $breakerA === null => 'figures.load',
            LightingLoad::ampere($lampholders) <= $breakerA => 'figures.load-fits',
            default => 'figures.load-too-much',
        };

        return $this->words->count($key, $lampholders, [
            'watt' => LightingLoad::WATT_PER_LAMPHOLDER,
            'ampere' => number_format(LightingLoad::ampere($lampholders), 2),
            'breaker' => (string) $breakerA,
            'most' => $breakerA === null ? '' : (string) LightingLoad::mostLampholders($breakerA),
        ]);
    }

    /** @return list<string> */
    public function remarks(): array
    {
        $without = $this->figures->runsWithoutLength();
        $breakerA = $this->survey->circuit->wiring->board->supply()->breakerA;
        $zs = $breakerA === null ? null : LightingLoad::mostColdZsOhm($breakerA);

        return array_values(array_filter([
            $without === [] ? '' : $this->words->say('figures.no-length', ['runs' => $this->words->list($without)]),
            $zs === null ? '' : $this->words->say('figures.zs', ['zs' => number_format($zs, 2), 'table' => number_format((float) LightingLoad::mostZsOhm((float) $breakerA), 2), 'breaker' => (string) $breakerA]),
        ]));
    }

    private function cores(RunFigures $run): string
    {
        $parts = [];
        foreach ($run->coreOhm as $core => $ohm) {
            $parts[] = $core.' '.self::shown($ohm);
        }

        return implode(', ', $parts);
    }

    private static function shown(?float $figure, int $decimals = 3): string
    {
        return $figure === null ? '?' : number_format($figure, $decimals);
    }

    private static function ohm(?float $ohm): ?float
    {
        return $ohm === null ? null : round($ohm, 5);
    }

    private static function plain(string $text): string
    {
        return OutputFormatter::escape($text);
    }
}
