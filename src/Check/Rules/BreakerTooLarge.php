<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Cables\Ampacity;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** The breaker is larger than the smallest conductor behind it may have (North America). */
final readonly class BreakerTooLarge implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        $supply = $evidence->board->supply();
        if ($supply->breakerA === null) {
            return;
        }
        foreach (array_unique(array_map(fn ($cable) => $cable->type->size, $evidence->board->cables)) as $awg) {
            $most = Ampacity::mostBreakerA((string) $awg);
            if ($most !== null && $supply->breakerA > $most) {
                yield new Finding(FindingCode::BreakerTooLarge, [DevicePoint::id($supply->id, 'line')], [
                    'breaker' => (string) $supply->breakerA,
                    'most' => $most,
                    'awg' => (string) $awg,
                ]);
            }
        }
    }
}
