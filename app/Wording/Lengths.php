<?php

declare(strict_types=1);

namespace App\Wording;

use Zwindle\Catalogue\Practices\Feet;
use Zwindle\Catalogue\Practices\Practice;

/** Lengths as they are read off a tape: feet and inches in North America, metres and millimetres in Britain. */
final readonly class Lengths
{
    private const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'];

    private const INCH_M = 0.0254;

    private const MM_M = 0.001;

    public function __construct(private Practice $practice)
    {
    }

    /** A run: `8 ft 6 in`, `2.60 m`. */
    public function run(float $metres): string
    {
        if (! $this->isAmerican()) {
            return number_format($metres, 2).' m';
        }
        $inches = (int) round(Feet::inchesOfMm($metres * 1000));
        [$feet, $left] = [intdiv($inches, 12), $inches % 12];

        return $feet === 0 ? "$left in" : ($left === 0 ? "$feet ft" : "$feet ft $left in");
    }

    /** A place on the board: `35⅜ in`, `900 mm`. */
    public function place(float $mm): string
    {
        if (! $this->isAmerican()) {
            return number_format($mm, 0, '', '').' mm';
        }
        $eighths = (int) round(abs(Feet::inchesOfMm($mm)) * 8);
        $whole = intdiv($eighths, 8);
        $fraction = self::EIGHTHS[$eighths % 8];

        return ($mm < 0 && $eighths > 0 ? '−' : '').($whole === 0 && $fraction !== '' ? '' : $whole).$fraction.' in';
    }

    /** What a length of cable is counted in. */
    public function runUnit(): string
    {
        return $this->isAmerican() ? 'ft' : 'm';
    }

    /** What a small length is asked for in. */
    public function smallUnit(): string
    {
        return $this->isAmerican() ? 'in' : 'mm';
    }

    /** A small length as a number of its unit. */
    public function small(float $metres): float
    {
        $mm = $metres * 1000;

        return round($this->isAmerican() ? Feet::inchesOfMm($mm) : $mm, 3);
    }

    /** The metres of a small length in its unit. */
    public function metresOf(float $small): float
    {
        return $small * ($this->isAmerican() ? self::INCH_M : self::MM_M);
    }

    private function isAmerican(): bool
    {
        return $this->practice->isImperial;
    }
}
