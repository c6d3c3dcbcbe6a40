<?php

declare(strict_types=1);

namespace App\Shapes\Boards;

use App\Wording\Lengths;
use App\Wording\Words;
use Zwindle\Board\Enclosure;
use Zwindle\Catalogue\Devices\LightingLoad;
use Zwindle\Catalogue\Devices\ReckonedLamp;
use Zwindle\Check\Figures\BritishFigures;
use Zwindle\Check\Figures\LampFigures;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Survey;
use Zwindle\Plan\Materials\RunLength;
use Zwindle\Plan\Plan;
use Zwindle\Plan\Prepare\FoldOrder;
use Zwindle\Plan\Prepare\FoldStep;
use Zwindle\Plan\Prepare\LampReadings;
use Zwindle\Plan\Prepare\LookAlike;
use Zwindle\Plan\Prepare\OpenedBox;
use Zwindle\Plan\Prepare\RoseBlocks;
use Zwindle\Plan\Prepare\SettingOut;
use Zwindle\Plan\Prepare\SettingOutPlace;

/** What to know before hands go to a planned board: places, boxes, roses, readings, parts not to buy. */
final readonly class PrepareShape
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
            'onward' => $this->onward(),
            'lookAlikes' => $this->lookAlikes(),
            'readings' => $this->readings(),
        ];
    }

    /** @return list<array{box: string, left: string, height: string, stud: string, depth: string}> */
    public function markOut(): array
    {
        return array_map(fn (SettingOutPlace $place) => [
            'box' => $place->enclosure->label,
            'left' => $this->lengths->place($place->fromLeftMm),
            'height' => $place->heightMm === null
                ? $this->words->say('prepare.from-top', ['length' => $this->lengths->place($place->fromTopMm)])
                : $this->lengths->place($place->heightMm),
            'stud' => $place->stud === null || $place->side === null
                ? '—'
                : $this->words->say("prepare.stud.{$place->side->value}", ['number' => $place->stud]),
            'depth' => $place->depthIn === null ? '—' : $this->lengths->place($place->depthIn * 25.4),
        ], SettingOut::of($this->plan->wiring->board));
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

        return array_map(fn (string $box, array $spare) => [
            'box' => $this->words->box($box),
            'ends' => $this->words->list($spare),
        ], array_keys($ends), $ends);
    }

    /** @return list<array{rose: string, blocks: list<array{block: string, holes: string}>, dark: string}> */
    public function roses(): array
    {
        return array_map(function (RoseBlocks $blocks): array {
            $rows = [];
            foreach ($blocks->blocks as $terminal => [$taken, $room]) {
                $rows[] = [
                    'block' => $this->words->terminalOf("{$blocks->rose->id}.$terminal"),
                    'holes' => $this->words->count('prepare.holes', $taken, ['room' => (string) $room]),
                ];
            }
            $dark = array_map($this->words->place(...), $blocks->darkWhenOpened);

            return [
                'rose' => $this->words->box($blocks->rose->enclosure),
                'blocks' => $rows,
                'dark' => $dark === []
                    ? $this->words->say('prepare.nobody-dark')
                    : $this->words->say('prepare.dark', ['what' => $this->words->list($dark)]),
            ];
        }, RoseBlocks::of($this->plan));
    }

    /** @return list<string> what goes dark beyond the board, and what to check there afterwards */
    public function onward(): array
    {
        $sentences = [];
        foreach ($this->plan->wiring->board->onwardCables() as $cable) {
            $boxes = array_filter(
                $this->plan->wiring->board->enclosures,
                fn (Enclosure $box) => $box->kind->isOnTheWall()
                    && in_array($cable->beyond, OpenedBox::darkWithout($this->plan, $box->id), true),
            );
            $sentences[] = $this->words->say('prepare.onward', [
                'boxes' => $this->words->list(array_map(fn (Enclosure $box) => $box->label, array_values($boxes))),
                'place' => $this->words->box((string) $cable->beyond),
                'cable' => $cable->id,
            ]);
        }

        return $sentences;
    }

    /** @return list<string> */
    public function lookAlikes(): array
    {
        $sentences = [];
        foreach (LookAlike::of($this->plan->wiring->board) as $needed => $other) {
            $sentences[] = $this->words->say("prepare.look-alike.$needed", [
                'needed' => $this->words->switchKind($needed),
                'other' => $this->words->switchKind($other->value),
            ]);
        }

        return $sentences;
    }

    /** @return list<array{what: string, with: string, reading: string}> in the order of the tests: dead first, and only then energised */
    public function readings(): array
    {
        $lamps = LampReadings::of($this->plan);
        $dead = [$this->row('prove-dead', 'dead'), ...$this->continuity($lamps), $this->row('insulation', 'insulation-least')];
        $live = [];
        foreach ($lamps as $reading) {
            $dead = [...$dead, ...$this->polarity($reading)];
            $what = $this->words->say('prepare.live', ['lamp' => $this->words->device($reading->lamp)]);
            $live[] = [
                'what' => $what,
                'with' => $this->positions($reading->lit),
                'reading' => $this->words->say('prepare.volts-lit', ['volt' => self::volt($reading->litV)]),
            ];
            $live[] = [
                'what' => $what,
                'with' => $this->positions($reading->dark),
                'reading' => $this->words->say('prepare.volts-dark', ['volt' => self::volt($reading->darkV)]),
            ];
            $live[] = [
                'what' => $this->words->say('prepare.live-earth', ['lamp' => $this->words->device($reading->lamp)]),
                'with' => $this->positions($reading->dark),
                'reading' => $this->words->say('prepare.volts-earth', ['volt' => self::volt($reading->darkToEarthV)]),
            ];
        }

        return [...$dead, $this->filament(), ...$live, ...$this->loops()];
    }

    /** @return array{what: string, with: string, reading: string} of a lamp by itself: a filament cold and hot */
    private function filament(): array
    {
        $practice = $this->plan->wiring->board->practice;
        $reading = [
            'cold' => number_format(ReckonedLamp::coldOhm($practice)),
            'lit' => number_format(ReckonedLamp::hotOhm($practice)),
        ];

        return [
            'what' => $this->words->say('prepare.filament'),
            'with' => '',
            'reading' => $this->words->say('prepare.filament-ohm', $reading),
        ];
    }

    /**
     * @param  array<string, string>  $params
     * @return array{what: string, with: string, reading: string}
     */
    private function row(string $what, string $reading, array $params = []): array
    {
        return ['what' => $this->words->say("prepare.$what", $params), 'with' => '', 'reading' => $this->words->say("prepare.$reading")];
    }

    /**
     * Of the protective conductor: in Britain R1+R2.
     *
     * @param  list<LampReadings>  $lamps
     * @return list<array{what: string, with: string, reading: string}>
     */
    private function continuity(array $lamps): array
    {
        if (! $this->plan->wiring->board->requirements->earths) {
            return [];
        }
        if ($this->plan->wiring->board->practice->reckonsBoxFill) {
            return array_map(
                fn (LampReadings $reading) => $this->row('continuity', 'near-nothing', ['lamp' => $this->words->device($reading->lamp)]),
                $lamps,
            );
        }

        return array_map(fn (LampFigures $lamp) => [
            'what' => $this->words->say('prepare.r1r2', ['lamp' => $this->words->device($lamp->lamp)]),
            'with' => '',
            'reading' => $lamp->r1r2Ohm === null
                ? $this->words->say('prepare.no-length')
                : $this->words->say('prepare.ohm', ['ohm' => number_format($lamp->r1r2Ohm, 2)]),
        ], $this->figures());
    }

    /** @return list<array{what: string, with: string, reading: string}> */
    private function polarity(LampReadings $reading): array
    {
        $lamp = ['lamp' => $this->words->device($reading->lamp)];
        $across = $this->words->say('prepare.dead-line-neutral');

        return [
            [...$this->row('polarity', 'near-nothing', $lamp), 'with' => $this->positions($reading->lit)],
            $this->row('polarity-neutral', 'near-nothing', $lamp),
            ['what' => $across, 'with' => $this->positions($reading->lit), 'reading' => $this->ohm($reading->litOhm)],
            ['what' => $across, 'with' => $this->positions($reading->dark), 'reading' => $this->ohm($reading->darkOhm)],
            [
                'what' => $this->words->say('prepare.dead-line-earth'),
                'with' => $this->positions($reading->lit),
                'reading' => $this->ohm($reading->lineToEarthOhm),
            ],
        ];
    }

    /** @return list<array{what: string, with: string, reading: string}> Zs, British: beside a cold R1+R2 the table is held to 0.8 */
    private function loops(): array
    {
        $breakerA = $this->plan->wiring->board->supply()->breakerA;
        $zs = $breakerA === null || $this->plan->wiring->board->practice->reckonsBoxFill
            ? null
            : LightingLoad::mostColdZsOhm($breakerA, $this->plan->wiring->board->practice);

        return $zs === null ? [] : array_map(fn (LampFigures $lamp) => [
            'what' => $this->words->say('prepare.zs', ['lamp' => $this->words->device($lamp->lamp), 'breaker' => (string) $breakerA]),
            'with' => '',
            'reading' => $this->words->say('prepare.zs-most', [
                'zs' => number_format($zs, 2),
                'table' => number_format((float) LightingLoad::mostZsOhm((float) $breakerA), 2),
            ]),
        ], $this->figures());
    }

    /** @return list<LampFigures> */
    private function figures(): array
    {
        return (new BritishFigures(new Survey(Circuit::of($this->plan->wiring->on(
            RunLength::filledIn($this->plan->wiring->board),
        )))))->lamps();
    }

    /** @param  array<string, string>  $positions */
    private function positions(array $positions): string
    {
        return implode(
            ', ',
            array_map(
                fn (string $switch, string $position) => $switch.' '.$this->words->say("mistakes.position.$position"),
                array_keys($positions),
                $positions,
            ),
        );
    }

    private function ohm(?float $ohm): string
    {
        return $ohm === null
            ? $this->words->say('prepare.open')
            : $this->words->say('prepare.ohm', ['ohm' => number_format($ohm, $ohm < 10 ? 2 : 0)]);
    }

    private static function volt(float $volt): string
    {
        return number_format($volt, 0);
    }
}
