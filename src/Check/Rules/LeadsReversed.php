<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Catalogue\DeviceKind;
use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\Rule;

/**
 * The lead of a luminaire that is marked for the neutral is on the line side: it lights, and what is inside may be live to the
 * touch.
 */
final readonly class LeadsReversed implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->board->devicesOf(DeviceKind::Lamp) as $lamp) {
            foreach ($evidence->wiring->modelOf($lamp)->lampSides() as $side => $terminal) {
                if ($terminal->isForNeutral && ! $terminal->isFlex && $evidence->survey->lamps[$lamp->id]->onLineSide[$side]) {
                    yield new Finding(FindingCode::LeadsReversed, ["$lamp->id.$terminal->name"], ['lamp' => $lamp->id]);
                }
            }
        }
    }
}
