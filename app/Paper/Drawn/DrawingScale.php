<?php

declare(strict_types=1);

namespace App\Paper\Drawn;

use App\Wording\Lengths;
use Zwindle\Catalogue\Practices\Practice;

/** A usual drawing scale: of a foot in North America, of ten in Britain. */
final readonly class DrawingScale
{
    private const FOOT_MM = 304.8;

    private function __construct(public int $denominator, private Practice $practice)
    {
    }

    /** The largest one at which a board face goes into the room on the sheet; all in millimetres. */
    public static function fitting(Practice $practice, float $widthMm, float $heightMm, float $roomWidthMm, float $roomHeightMm): self
    {
        $least = max($widthMm / $roomWidthMm, $heightMm / $roomHeightMm);
        foreach ($practice->scales as $denominator) {
            if ($denominator >= $least) {
                return new self($denominator, $practice);
            }
        }

        return new self((int) ceil($least), $practice);
    }

    public function onPaper(float $mm): float
    {
        return $mm / $this->denominator;
    }

    /** The length that the bar on the drawing stands for. */
    public function barMm(): float
    {
        return $this->practice->isImperial ? self::FOOT_MM : 500.0;
    }

    public function words(): string
    {
        $inches = (new Lengths($this->practice))->place(self::FOOT_MM / $this->denominator);

        return "1 : $this->denominator".($this->practice->isImperial ? ", $inches to the foot" : '');
    }

    public function barWords(): string
    {
        return $this->practice->isImperial ? '1 ft' : '500 mm';
    }
}
