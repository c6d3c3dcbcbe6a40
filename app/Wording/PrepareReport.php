<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Support\Str;
use Zwindle\Catalogue\Practice;
use Zwindle\Figures\BritishFigures;
use Zwindle\Materials\RunLength;
use Zwindle\Net\Circuit;
use Zwindle\Plan\Plan;
use Zwindle\Prepare\FoldOrder;
use Zwindle\Prepare\FoldStep;
use Zwindle\Prepare\LampReadings;
use Zwindle\Prepare\LookAlike;
use Zwindle\Prepare\MarkOut;
use Zwindle\Prepare\MarkOutPlace;
use Zwindle\Prepare\RoseBlocks;
use Zwindle\Solve\Survey;

/** What to know before hands go to a planned board: places, boxes, roses, readings, parts not to buy. */
final readonly class PrepareReport
{
    private Words $words;

    private Lengths $lengths;

    public function __construct(private Plan $plan)
    {
        $this->words = Words::of($plan->wiring);
        $this->lengths = new Lengths($plan->wiring->board->practice);
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        return [
            'markOut' => $this->markOut(),
            'fold' => $this->fold(),
            'spares' => $this->spares(),
            'roses' => $this->roses(),
            'lookAlikes' => $this->lookAlikes(),
            'readings' => $this->readings(),
        ];
    }

    /** @return list<array{box: string, left: string, height: string, stud: string, depth: string}> */
    public function markOut(): array
    {
        return array_map(fn (MarkOutPlace $place) => [
            'box' => $place->enclosure->label,
            'left' => $this->lengths->place($place->fromLeftMm),
            'height' => $place->heightMm === null
                ? $this->words->say('prepare.from-top', ['length' => $this->lengths->place($place->fromTopMm)])
                : $this->lengths->place($place->heightMm),
            'stud' => $place->stud === null || $place->side === null ? '—' : $this->words->say("prepare.stud.{$place->side->value}", ['number' => $place->stud]),
            'depth' => $place->depthIn === null ? '—' : $this->lengths->place($place->depthIn * 25.4),
        ], MarkOut::of($this->plan->wiring->board));
    }

    /** @return list<array{box: string, layers: list<string>}> */
    public function fold(): array
    {
        $orders = [];
        foreach ((new FoldOrder($this->plan))->ofFullBoxes() as $box => $steps) {
            $orders[] = ['box' => $this->words->box($box), 'layers' => array_map($this->layer(...), $steps)];
        }

        return $orders;
    }

    private function layer(FoldStep $step): string
    {
        $bundles = array_map(fn (array $bundle) => implode(' + ', array_map($this->words->shortPlace(...), $bundle)), $step->bundles);

        return $this->words->say("prepare.layer.{$step->layer->value}", ['what' => implode('; ', $bundles)]);
    }

    /** @return list<array{box: string, ends: string}> */
    public function spares(): array
    {
        $ends = [];
        foreach ($this->plan->wiring->caps as $end) {
            $ends[$this->words->enclosureOf($end)][] = $this->words->coded($end);
        }

        return array_map(fn (string $box, array $spare) => ['box' => $this->words->box($box), 'ends' => $this->words->list($spare)], array_keys($ends), $ends);
    }

    /** @return list<array{rose: string, blocks: list<array{block: string, holes: string}>, dark: string}> */
    public function roses(): array
    {
        return array_map(function (RoseBlocks $blocks): array {
            $rows = [];
            foreach ($blocks->blocks as $terminal => [$taken, $room]) {
                $rows[] = [
                    'block' => $this->words->terminalOf("{$blocks->rose->id}.$terminal"),
                    'holes' => $this->words->say('prepare.holes', ['taken' => $taken, 'room' => (string) $room]),
                ];
            }
            $dark = array_map($this->words->device(...), $blocks->darkWhenOpened);

            return [
                'rose' => $this->words->box($blocks->rose->enclosure),
                'blocks' => $rows,
                'dark' => $dark === [] ? $this->words->say('prepare.nobody-dark') : $this->words->say('prepare.dark', ['what' => $this->words->list($dark)]),
            ];
        }, RoseBlocks::of($this->plan));
    }

    /** @return list<string> */
    public function lookAlikes(): array
    {
        $sentences = [];
        foreach (LookAlike::of($this->plan->wiring->board) as $needed => $other) {
            $sentences[] = $this->words->say("prepare.look-alike.$needed", ['needed' => $this->words->switchKind($needed), 'other' => $this->words->switchKind($other->value)]);
        }

        return $sentences;
    }

    /** @return list<array{what: string, with: string, reading: string}> */
    public function readings(): array
    {
        $rows = [];
        foreach (LampReadings::of($this->plan) as $reading) {
            $lamp = Str::ucfirst($this->words->device($reading->lamp));
            $dead = $this->words->say('prepare.dead-line-neutral');
            $rows[] = ['what' => $lamp, 'with' => $this->positions($reading->lit), 'reading' => $this->words->say('prepare.volts-lit', ['volt' => self::volt($reading->litV)])];
            $rows[] = ['what' => $lamp, 'with' => $this->positions($reading->dark), 'reading' => $this->words->say('prepare.volts-dark', ['volt' => self::volt($reading->darkV)])];
            $rows[] = ['what' => $dead, 'with' => $this->positions($reading->lit), 'reading' => $this->ohm($reading->litOhm)];
            $rows[] = ['what' => $dead, 'with' => $this->positions($reading->dark), 'reading' => $this->ohm($reading->darkOhm)];
            $rows[] = ['what' => $this->words->say('prepare.dead-line-earth'), 'with' => $this->positions($reading->lit), 'reading' => $this->ohm($reading->lineToEarthOhm)];
        }

        return [...$rows, ...$this->british()];
    }

    /** @return list<array{what: string, with: string, reading: string}> */
    private function british(): array
    {
        if ($this->plan->wiring->board->practice !== Practice::Britain) {
            return [];
        }
        $survey = new Survey(Circuit::of($this->plan->wiring->on(RunLength::filledIn($this->plan->wiring->board))));
        $rows = [];
        foreach ((new BritishFigures($survey))->lamps() as $lamp) {
            $rows[] = [
                'what' => $this->words->say('prepare.r1r2', ['lamp' => $this->words->device($lamp->lamp)]),
                'with' => '',
                'reading' => $lamp->r1r2Ohm === null ? $this->words->say('prepare.no-length') : $this->words->say('prepare.ohm', ['ohm' => number_format($lamp->r1r2Ohm, 2)]),
            ];
        }

        return [...$rows, ['what' => $this->words->say('prepare.insulation'), 'with' => '', 'reading' => $this->words->say('prepare.insulation-least')]];
    }

    /** @param  array<string, string>  $positions */
    private function positions(array $positions): string
    {
        return implode(', ', array_map(fn (string $switch, string $position) => $switch.' '.$this->words->say("mistakes.position.$position"), array_keys($positions), $positions));
    }

    private function ohm(?float $ohm): string
    {
        return $ohm === null ? $this->words->say('prepare.open') : $this->words->say('prepare.ohm', ['ohm' => number_format($ohm, $ohm < 10 ? 2 : 0)]);
    }

    private static function volt(float $volt): string
    {
        return number_format($volt, 0);
    }
}
