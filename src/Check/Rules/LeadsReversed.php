<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\DevicePoint;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/**
 * The lead of a luminaire that is marked for the neutral is on the line side: it lights, and what is inside may be live to the
 * touch.
 */
final readonly class LeadsReversed implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->reversedAtLamps() as [$lamp, $terminal]) {
            if (! $terminal->isFlex) {
                yield new Finding(FindingCode::LeadsReversed, [DevicePoint::id($lamp->id, $terminal->name)], [
                    'lamp' => $lamp->id,
                    'enclosure' => $lamp->enclosure,
                ]);
            }
        }
    }
}
