<?php

declare(strict_types=1);

namespace App\Paper\OpenBox;

use App\Paper\Layout\Letters;
use App\Paper\Layout\Measures;

/** A connector with what is written under it. */
final readonly class Connector
{
    /** @param  list<string>  $points */
    private function __construct(
        public array $points,
        public string $by,
        public string $word,
        public float $width,
        public float $wordWidth,
        public float $x,
        public float $y,
    ) {

    }

    /** @param  list<string>  $points  the places in it */
    public static function sized(array $points, string $by, ?int $ports, string $name): self
    {
        $measures = Measures::table();
        $word = "$name ".count($points).($ports === null ? '' : "/$ports");

        return new self(
            $points,
            $by,
            $word,
            max(44.0, count($points) * $measures['lane'] + 16),
            Letters::wide($word, $measures['connectorWord']),
            0.0,
            0.0,
        );
    }

    public function at(float $x, float $y): self
    {
        return new self($this->points, $this->by, $this->word, $this->width, $this->wordWidth, $x, $y);
    }

    /** @return array{float, float} where the n-th conductor goes in */
    public function port(int $i): array
    {
        $measures = Measures::table();

        return [$this->x + ($i - (count($this->points) - 1) / 2) * $measures['lane'], $this->y - $measures['connectorHeight'] / 2 + 6];
    }
}
