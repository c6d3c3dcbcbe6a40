<?php

declare(strict_types=1);

namespace App\Paper\Drawn;

use Zwindle\Format\Write\DiagramArray;
use Zwindle\Schematic\Diagram;

/**
 * The schematic on paper, every switch up: the line at the left, the neutral at the right.
 *
 * @phpstan-type Pin array{place: string, x: int, row: int, name: string}
 * @phpstan-type Symbol array{id: string, kind: string, x: int, width: int, row: int, rows: int, pins: list<Pin>,
 *     contacts: array{up: list<list<string>>, down: list<list<string>>}}
 */
final class DiagramSvg
{
    private const ACROSS = 11.0;

    private const DOWN = 60.0;

    private const MARGIN = 24.0;

    private const MOST_MM = 182.0;

    /** Paper millimetres of one unit where there is room. */
    private const UNIT_MM = 0.28;

    private Svg $svg;

    private function __construct()
    {
        $this->svg = new Svg;
    }

    public static function of(Diagram $diagram, string $title): Drawing
    {
        return (new self)->drawn(DiagramArray::of($diagram), $title);
    }

    /** @param  array<string, mixed>  $array */
    private function drawn(array $array, string $title): Drawing
    {
        /**
         * @var array{width: int, rows: int, symbols: list<Symbol>, wires: list<array{layer: string, pieces: list<array{float, float,
         *     float, float}>, dots: list<array{float, float}>}>} $diagram
         */
        $diagram = $array;
        foreach ($diagram['wires'] as $wire) {
            foreach ($wire['pieces'] as [$fromX, $fromRow, $toX, $toRow]) {
                $this->svg->line(
                    self::x($fromX),
                    self::y($fromRow),
                    self::x($toX),
                    self::y($toRow),
                    2.5,
                    Svg::INK,
                    $wire['layer'] === 'neutral' ? '9 5' : '',
                );
            }
            foreach ($wire['dots'] as [$x, $row]) {
                $this->svg->circle(self::x($x), self::y($row), 5.0, 0.0, Svg::INK);
            }
        }
        foreach ($diagram['symbols'] as $symbol) {
            match ($symbol['kind']) {
                'line', 'neutral', 'earth' => $this->supply($symbol),
                'switch' => $this->switch($symbol),
                default => $this->load($symbol),
            };
        }
        $width = $diagram['width'] * self::ACROSS + 2 * self::MARGIN;
        $height = $diagram['rows'] * self::DOWN + 2 * self::MARGIN + 30;
        $mm = min(self::UNIT_MM, self::MOST_MM / $width);

        return $this->svg->drawing($title, $width, $height, $width * $mm, $height * $mm);
    }

    /** @param  Symbol  $symbol */
    private function supply(array $symbol): void
    {
        $x = self::x($symbol['x'] + ($symbol['kind'] === 'line' ? $symbol['width'] : 0));
        $this->svg->circle($x, self::y($symbol['row']), 6.0, 2.0);
        $this->svg->text(
            self::x($symbol['x'] + $symbol['width'] / 2),
            self::y($symbol['row']) + 6,
            ['line' => 'L', 'neutral' => 'N', 'earth' => 'E'][$symbol['kind']] ?? '',
            18.0,
            'middle',
            true,
        );
    }

    /** @param  Symbol  $symbol */
    private function switch(array $symbol): void
    {
        [$left, $right, $top] = [self::x($symbol['x']), self::x($symbol['x'] + $symbol['width']), self::y($symbol['row'])];
        $this->svg->rect($left, $top - 26, $right - $left, ($symbol['rows'] - 1) * self::DOWN + 46, 2.0);
        $this->svg->text(($left + $right) / 2, $top - 32, $symbol['id'], 17.0, 'middle', true);
        $pins = array_column($symbol['pins'], null, 'place');
        $seen = [];
        foreach ([...$symbol['contacts']['up'], ...$symbol['contacts']['down']] as $i => $pair) {
            $key = min($pair).' '.max($pair);
            if (isset($seen[$key]) || ! isset($pins[$pair[0]], $pins[$pair[1]])) {
                continue;
            }
            $seen[$key] = true;
            $isClosed = $i < count($symbol['contacts']['up']);
            $this->svg->line(
                $this->inside($symbol, $pins[$pair[0]]),
                self::y($pins[$pair[0]]['row']),
                $this->inside($symbol, $pins[$pair[1]]),
                self::y($pins[$pair[1]]['row']),
                $isClosed ? 3.5 : 2.0,
                Svg::INK,
                $isClosed ? '' : '1 7',
            );
        }
        foreach ($pins as $pin) {
            $inside = $this->inside($symbol, $pin);
            $this->svg->line(self::x($pin['x']), self::y($pin['row']), $inside, self::y($pin['row']), 2.5);
            $this->svg->circle($inside, self::y($pin['row']), 4.0, 0.0, Svg::INK);
            $isLeft = $pin['x'] === $symbol['x'];
            $this->svg->text(
                self::x($pin['x']) + ($isLeft ? 5 : -5),
                self::y($pin['row']) - 6,
                count($pins) > 2 ? $pin['name'] : '',
                14.0,
                $isLeft ? 'start' : 'end',
            );
        }
    }

    /** @param  Symbol  $symbol */
    private function load(array $symbol): void
    {
        [$left, $right, $y] = [self::x($symbol['x']), self::x($symbol['x'] + $symbol['width']), self::y($symbol['row'])];
        $middle = ($left + $right) / 2;
        $this->svg->line($left, $y, $right, $y, 2.5);
        if ($symbol['kind'] === 'lamp') {
            $this->svg->circle($middle, $y, 16.0, 2.0);
            $this->svg->path('M'.($middle - 11).' '.($y - 11).'l22 22m0 -22l-22 22', 2.0);
        } else {
            $this->svg->rect($middle - 22, $y - 13, 44, 26, 2.0);
        }
        $this->svg->text($middle, $y + 40, $symbol['id'], 17.0, 'middle', true);
    }

    /**
     * Where a contact begins, inside the plate.
     *
     * @param  Symbol  $symbol
     * @param  Pin  $pin
     */
    private function inside(array $symbol, array $pin): float
    {
        return self::x($pin['x']) + ($pin['x'] === $symbol['x'] ? 1 : -1) * self::ACROSS * 3.4;
    }

    private static function x(float $character): float
    {
        return self::MARGIN + $character * self::ACROSS;
    }

    private static function y(float $row): float
    {
        return self::MARGIN + 26 + $row * self::DOWN;
    }
}
