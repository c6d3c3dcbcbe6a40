<?php

declare(strict_types=1);

namespace Zwindle\Check\Figures;

/** What a meter should read end to end on one run, cold; resistances in ohms, null where the board gives no length. */
final readonly class RunFigures
{
    /**
     * @param  array<string, float|null>  $coreOhm  core → resistance from end to end
     * @param  float|null  $r1r2Ohm  line and protective conductor joined at the far end; null too where it has not both
     */
    public function __construct(
        public string $cable,
        public ?float $lengthM,
        public array $coreOhm,
        public ?float $r1r2Ohm,
    ) {
    }
}
