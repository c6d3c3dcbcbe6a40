<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Catalogue\Ampacity;
use Zwindle\Catalogue\Practice;
use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\Rule;

/** The breaker is larger than the smallest conductor behind it may have (North America). */
final readonly class BreakerTooLarge implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        $supply = $evidence->board->supply();
        if ($evidence->board->practice !== Practice::NorthAmerica || $supply->breakerA === null) {
            return;
        }
        foreach (array_unique(array_map(fn ($cable) => $cable->type->size, $evidence->board->cables)) as $awg) {
            $most = Ampacity::mostBreakerA((string) $awg);
            if ($most !== null && $supply->breakerA > $most) {
                yield new Finding(FindingCode::BreakerTooLarge, ["$supply->id.line"], ['breaker' => (string) $supply->breakerA, 'most' => $most, 'awg' => (string) $awg]);
            }
        }
    }
}
