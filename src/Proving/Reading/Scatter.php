<?php

declare(strict_types=1);

namespace Zwindle\Proving\Reading;

/** The small differences between readings, the same for ever for the same seed. */
final readonly class Scatter
{
    public function __construct(private string $seed)
    {
    }

    /** @return float from -1 to 1 */
    public function of(string $what): float
    {
        return hexdec(substr(hash('sha256', "$this->seed/$what"), 0, 8)) / 0x7FFFFFFF - 1;
    }

    /**
     * A figure as an instrument of some accuracy has it: off by up to half of what it may be off.
     *
     * @param  float  $percent  of the figure, that it may be off
     */
    public function around(float $figure, float $percent, string $what): float
    {
        return $figure * (1 + $percent / 200 * $this->of($what));
    }
}
