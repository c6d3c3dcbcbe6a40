<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\Wiring\JoinedBy;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** More conductors clamped under one terminal than it takes. */
final readonly class CrowdedTerminal implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->wiring->joints as $joint) {
            $fixed = $joint->by === JoinedBy::Terminal
                ? array_values(array_filter($joint->points, fn (string $id) => $evidence->point($id)->isFixed()))
                : [];
            $room = $fixed === [] ? null : $evidence->board->roomAt($fixed[0], $evidence->wiring->fitted);
            $count = count($joint->points) - 1;
            if ($room !== null && $count > $room) {
                yield new Finding(FindingCode::CrowdedTerminal, [$fixed[0]], ['count' => $count, 'room' => $room]);
            }
        }
    }
}
