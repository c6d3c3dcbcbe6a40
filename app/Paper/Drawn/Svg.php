<?php

declare(strict_types=1);

namespace App\Paper\Drawn;

use App\Paper\Layout\Label;
use App\Paper\Layout\Letters;
use App\Paper\Layout\Measures;

/** A drawing in ink, made of what every printer and viewer knows: lines, paths, rectangles, circles, text. */
final class Svg
{
    public const INK = '#1D2129';

    public const PAPER = '#FFFFFF';

    /** @var list<string> */
    private array $parts = [];

    public function line(float $x1, float $y1, float $x2, float $y2, float $width, string $stroke = self::INK, string $dash = ''): void
    {
        $this->add('line', [
            'x1' => $x1,
            'y1' => $y1,
            'x2' => $x2,
            'y2' => $y2,
            'stroke' => $stroke,
            'stroke-width' => $width,
            'stroke-dasharray' => $dash,
        ]);
    }

    public function path(string $d, float $width, string $stroke = self::INK, string $fill = 'none', string $dash = ''): void
    {
        $this->add('path', ['d' => $d, 'fill' => $fill, 'stroke' => $stroke, 'stroke-width' => $width, 'stroke-dasharray' => $dash]);
    }

    /** An arrow: a cable goes on to a place beyond the board. */
    public function onward(float $x, float $y, float $width): void
    {
        $unit = $width / 2;
        $this->path(
            'M'.($x - $unit).' '.($y - $unit * 0.35)."h{$unit}v".(-$unit * 0.45).'L'.($x + $unit)." $y"
                .'L'.$x.' '.($y + $unit * 0.8).'v'.(-$unit * 0.45).'h'.(-$unit).'Z',
            0.4,
            fill: self::PAPER,
        );
    }

    public function rect(float $x, float $y, float $width, float $height, float $stroke, string $fill = self::PAPER): void
    {
        $this->add('rect', [
            'x' => $x,
            'y' => $y,
            'width' => $width,
            'height' => $height,
            'fill' => $fill,
            'stroke' => self::INK,
            'stroke-width' => $stroke,
        ]);
    }

    /** Clears the ground for a text. */
    public function backing(float $x, float $y, float $width, float $height): void
    {
        $this->add('rect', ['x' => $x, 'y' => $y, 'width' => $width, 'height' => $height, 'fill' => self::PAPER]);
    }

    public function circle(float $x, float $y, float $r, float $stroke, string $fill = self::PAPER): void
    {
        $this->add('circle', ['cx' => $x, 'cy' => $y, 'r' => $r, 'fill' => $fill, 'stroke' => self::INK, 'stroke-width' => $stroke]);
    }

    /** @param  string  $anchor  `start`, `middle` or `end` */
    public function text(float $x, float $y, string $text, float $size, string $anchor = 'start', bool $bold = false): void
    {
        $attributes = [
            'x' => $x,
            'y' => $y,
            'font-family' => Letters::faceFor($text)->family(),
            'font-size' => $size,
            'font-weight' => $bold ? 'bold' : '',
            'text-anchor' => $anchor,
            'fill' => self::INK,
        ];
        $this->parts[] = '<text'.self::attributes($attributes).'>'.self::escaped($text).'</text>';
    }

    /** A text that reads upwards from where it begins. */
    public function upright(float $x, float $y, string $text, float $size): void
    {
        $this->parts[] = "<g transform=\"translate($x $y) rotate(-90)\">";
        $this->text(0, 0, $text, $size);
        $this->parts[] = '</g>';
    }

    /** A label where it was placed, each line in the middle of it. */
    public function label(Label $label): void
    {
        $y = $label->rect->y;
        $middle = $label->rect->x + $label->rect->width / 2;
        foreach ($label->lines as $line) {
            $this->text($middle, $y + $line->size * 0.9, $line->text, $line->size, 'middle', $line->isBold);
            $y += $line->size * Measures::table()['labelLine'];
        }
    }

    /** What was drawn so far; its size in units of the drawing and in millimetres of paper. */
    public function drawing(string $title, float $width, float $height, float $widthMm, float $heightMm): Drawing
    {
        return new Drawing(
            $title,
            implode("\n", $this->parts),
            round($width, 2),
            round($height, 2),
            round($widthMm, 2),
            round($heightMm, 2),
        );
    }

    /** @param  array<string, string|float>  $attributes */
    private function add(string $tag, array $attributes): void
    {
        $this->parts[] = "<$tag".self::attributes($attributes).'/>';
    }

    /** @param  array<string, string|float>  $attributes  empty ones are left out */
    private static function attributes(array $attributes): string
    {
        $text = '';
        foreach ($attributes as $name => $value) {
            $text .= $value === '' ? '' : " $name=\"".self::escaped(is_float($value) ? (string) round($value, 3) : $value).'"';
        }

        return $text;
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_XML1);
    }
}
