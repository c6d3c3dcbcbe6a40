<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\DevicePoint;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/**
 * The flex of a pendant is the wrong way round: brown on the neutral, blue on the switched line. The lamp lights and a bayonet
 * holder stands either way, but the next person goes by the colours.
 */
final readonly class FlexReversed implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->reversedAtLamps() as [$lamp, $terminal]) {
            if ($terminal->isFlex) {
                yield new Finding(FindingCode::FlexReversed, [DevicePoint::id($lamp->id, $terminal->name)], [
                    'lamp' => $lamp->id,
                    'enclosure' => $lamp->enclosure,
                ]);
            }
        }
    }
}
