<?php

declare(strict_types=1);

namespace Zwindle\Proving;

use Zwindle\Circuit\Solve\Trip;
use Zwindle\Proving\Reading\Reading;

/** What came of an act. */
final readonly class Outcome
{
    /**
     * @param  Reading|null  $reading  what the instrument in hand shows after it, or the tester on its proving unit
     * @param  Trip|null  $trip  what opened by it
     * @param  bool  $isLive  whether the board is live after it
     * @param  array<string, string>  $lamps  lamp → `on`, `dim` or `off` after it
     */
    public function __construct(
        public BoardUnderTest $after,
        public ?Reading $reading,
        public ?Trip $trip,
        public bool $isLive,
        public array $lamps,
        public ?ActRefusal $refusal = null,
    ) {
    }
}
