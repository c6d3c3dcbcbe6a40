<?php

declare(strict_types=1);

namespace Zwindle\Hunt;

/** What one measurement showed, beside what the best one possible would have shown. */
final readonly class Worth
{
    /**
     * @param  int  $act  its place in the log; of the best path its place there
     * @param  float  $bits  that it gained about which repair is needed, on average
     * @param  float  $worth  the same for what it costs
     * @param  float  $best  what the best one that was open was worth
     * @param  array{string, string}  $bestTest  what that was and where: `box` Bn, `flip` Sn, `live` a point; `reset` nowhere
     * @param  int  $left  repairs that were still open after it
     * @param  bool  $isFlip  a switch flipped to see the complaint for oneself
     */
    public function __construct(
        public int $act,
        public float $bits,
        public float $worth,
        public float $best,
        public array $bestTest,
        public int $left,
        public bool $isFlip = false,
    ) {
    }

    public function share(): float
    {
        return $this->best <= 0.0 ? 1.0 : $this->worth / $this->best;
    }
}
