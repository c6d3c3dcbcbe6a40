<?php

declare(strict_types=1);

namespace App\Paper\Boards;

use App\Paper\Drawn\Drawing;
use App\Paper\Drawn\Svg;
use Zwindle\Board\Board;
use Zwindle\Board\Control;
use Zwindle\Board\Device;
use Zwindle\Board\Enclosure;
use Zwindle\Board\EnclosureKind;
use Zwindle\Catalogue\Devices\DeviceKind;

/**
 * What hangs where and which switch works which light, with the plan symbols of the practice: what is on a drawing of a house,
 * without a word of how it is wired.
 *
 * Source: the letters S, S3 and S4 with curved switch legs are common practice in North America; the symbols for architectural
 * plans are those of IEC 60617-11 (memory).
 */
final class LightingPlan
{
    private const WIDTH = 182.0;

    private const HEIGHT = 120.0;

    private const MARGIN = 18.0;

    private const TEXT = 3.2;

    private const LETTER = 6.0;

    private const LIGHT_R = 4.0;

    private const BESIDE = 9.0;

    private const LETTERS = ['one-pole' => 'S', 'three-way' => 'S3', 'four-way' => 'S4', 'two-pole' => 'S2'];

    /** Angles of the levers, in degrees; two at one angle are two poles. */
    private const STROKES = ['one-pole' => [60], 'three-way' => [60, 240], 'four-way' => [60, 120, 240, 300], 'two-pole' => [60, 60]];

    private Svg $svg;

    /** @var array<string, array{float, float}> device → its place on paper */
    private array $places = [];

    /** @var array<string, array{float, float}> enclosure → its middle on the sheet */
    private array $beyond = [];

    private function __construct(private readonly Board $board)
    {
        $this->svg = new Svg;
        $this->place();
    }

    public static function of(Board $board): Drawing
    {
        return (new self($board))->drawn();
    }

    private function drawn(): Drawing
    {
        $this->svg->rect(0.2, 0.2, self::WIDTH - 0.4, self::HEIGHT - 0.4, 0.4);
        foreach ($this->board->controls as $control) {
            $this->leg($control);
        }
        foreach ($this->board->devices as $device) {
            $this->symbol($device);
        }
        foreach ($this->board->enclosures as $box) {
            $box->kind === EnclosureKind::Onward ? $this->onward($box) : $this->label($box);
        }

        return $this->svg->drawing($this->board->title, self::WIDTH, self::HEIGHT, self::WIDTH, self::HEIGHT);
    }

    /** Boxes where they hang, drawn as large as the sheet allows; devices of one box side by side. */
    private function place(): void
    {
        $spots = [];
        foreach (array_values($this->board->enclosures) as $i => $box) {
            $spots[$box->id] = $box->at ?? [400.0 * ($i % 5), 400.0 * intdiv($i, 5)];
        }
        [$xs, $ys] = [array_column($spots, 0), array_column($spots, 1)];
        $scale = min(
            (self::WIDTH - 2 * self::MARGIN) / max(1.0, max($xs) - min($xs)),
            (self::HEIGHT - 2 * self::MARGIN) / max(1.0, max($ys) - min($ys)),
        );
        foreach ($spots as $box => [$x, $y]) {
            $at = [self::MARGIN + ($x - min($xs)) * $scale, self::MARGIN + ($y - min($ys)) * $scale];
            $this->beyond[$box] = $at;
            $inIt = array_values(array_filter(
                $this->board->devicesIn((string) $box),
                fn (Device $device) => ! $device->is(DeviceKind::Rose),
            ));
            foreach ($inIt as $i => $device) {
                $this->places[$device->id] = [$at[0] + self::BESIDE * ($i - (count($inIt) - 1) / 2), $at[1]];
            }
        }
    }

    /** From each switch to the next and to the lights that they work: dashed and curved, so that it is taken for no cable. */
    private function leg(Control $control): void
    {
        $chain = [...$control->switches, ...$control->lamps];
        for ($i = 1; $i < count($chain); $i++) {
            [[$x1, $y1], [$x2, $y2]] = [$this->places[$chain[$i - 1]], $this->places[$chain[$i]]];
            [$middleX, $middleY] = [($x1 + $x2) / 2 - ($y2 - $y1) * 0.18, ($y1 + $y2) / 2 + ($x2 - $x1) * 0.18];
            $steps = 24;
            for ($step = 0; $step < $steps; $step += 2) {
                [$from, $to] = [self::on($x1, $middleX, $x2, $step / $steps), self::on($x1, $middleX, $x2, ($step + 1) / $steps)];
                [$fromY, $toY] = [self::on($y1, $middleY, $y2, $step / $steps), self::on($y1, $middleY, $y2, ($step + 1) / $steps)];
                $this->svg->line($from, $fromY, $to, $toY, 0.3);
            }
        }
    }

    /** A coordinate of a curve with one middle, at a share of its way. */
    private static function on(float $from, float $middle, float $to, float $share): float
    {
        return (1 - $share) ** 2 * $from + 2 * (1 - $share) * $share * $middle + $share ** 2 * $to;
    }

    private function symbol(Device $device): void
    {
        if (! isset($this->places[$device->id])) {
            return;
        }
        [$x, $y] = $this->places[$device->id];
        match ($device->model->kind) {
            DeviceKind::Supply => $this->supply($x, $y),
            DeviceKind::Lamp => $this->light($x, $y),
            DeviceKind::Receptacle => $this->receptacle($x, $y),
            DeviceKind::Switch => $this->board->practice->hasLetterSymbols
                ? $this->letter($x, $y, self::LETTERS[$device->model->function->value ?? ''] ?? 'S')
                : $this->strokes($x, $y, self::STROKES[$device->model->function->value ?? ''] ?? [60]),
            DeviceKind::Rose => null,
        };
    }

    private function letter(float $x, float $y, string $letters): void
    {
        $this->svg->backing($x - 4.2, $y - 4.2, 8.4, 8.4);
        $this->svg->text($x - 1, $y + 2.2, $letters[0], self::LETTER, 'middle', bold: true);
        $this->svg->text($x + 1.4, $y + 3.2, substr($letters, 1), self::LETTER * 0.6);
    }

    /** @param  list<int>  $angles */
    private function strokes(float $x, float $y, array $angles): void
    {
        $this->svg->circle($x, $y, 1.5, 0.4);
        foreach ($angles as $i => $angle) {
            [$dx, $dy] = [cos(deg2rad($angle)), -sin(deg2rad($angle))];
            [$endX, $endY] = [$x + 6.2 * $dx, $y + 6.2 * $dy];
            $this->svg->line($x + 1.5 * $dx, $y + 1.5 * $dy, $endX, $endY, 0.4);
            $this->svg->line($endX, $endY, $endX - 1.9 * $dy, $endY + 1.9 * $dx, 0.4);
            if ($i > 0 && $angles[$i - 1] === $angle) {
                $this->svg->line($endX - 1.2 * $dx, $endY - 1.2 * $dy, $endX - 1.2 * $dx - 1.9 * $dy, $endY - 1.2 * $dy + 1.9 * $dx, 0.4);
            }
        }
    }

    private function light(float $x, float $y): void
    {
        $this->svg->circle($x, $y, self::LIGHT_R, 0.4);
        if (! $this->board->practice->hasLetterSymbols) {
            $half = self::LIGHT_R * M_SQRT1_2;
            $this->svg->line($x - $half, $y - $half, $x + $half, $y + $half, 0.4);
            $this->svg->line($x - $half, $y + $half, $x + $half, $y - $half, 0.4);
        }
    }

    private function receptacle(float $x, float $y): void
    {
        $this->svg->circle($x, $y, 3.0, 0.4);
        $this->svg->line($x - 1.0, $y - 4.4, $x - 1.0, $y + 4.4, 0.4);
        $this->svg->line($x + 1.0, $y - 4.4, $x + 1.0, $y + 4.4, 0.4);
    }

    private function supply(float $x, float $y): void
    {
        $this->svg->rect($x - 5, $y - 2.6, 10, 5.2, 0.4);
        $this->svg->path('M'.($x - 5).' '.($y + 2.6).'h10v-5.2z', 0.3, Svg::INK, Svg::INK);
    }

    /** Where a cable goes on to something beyond the board. */
    private function onward(Enclosure $place): void
    {
        [$x, $y] = $this->beyond[$place->id];
        $this->svg->onward($x, $y, 8.0);
        $this->name($place->label, $x, $y + 8.5);
    }

    private function name(string $label, float $x, float $y): void
    {
        $width = mb_strlen($label) * self::TEXT * 0.62;
        $this->svg->backing($x - $width / 2, $y - self::TEXT, $width, self::TEXT * 1.3);
        $this->svg->text($x, $y, $label, self::TEXT, 'middle');
    }

    private function label(Enclosure $box): void
    {
        $places = array_filter(
            array_map(fn (Device $device) => $this->places[$device->id] ?? null, $this->board->devicesIn($box->id)),
        );
        if ($places !== []) {
            $x = array_sum(array_column($places, 0)) / count($places);
            $y = max(array_column($places, 1)) + 11.5;
            $this->name($box->label, $x, $y);
        }
    }
}
