<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Catalogue\CodeEdition;
use Zwindle\Catalogue\DeviceKind;
use Zwindle\Catalogue\Practice;
use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\Rule;

/**
 * The lead of a luminaire that is marked for the neutral is on the line side: it burns, and what is inside may be live to the
 * touch. No eye sees inside, so that it is a note and not a verdict.
 */
final readonly class LeadsReversed implements Rule
{
    public function reference(CodeEdition $edition): string
    {
        return match ($edition->practice) {
            Practice::NorthAmerica => 'NEC 410.50 (memory)',
            Practice::Britain => 'BS 7671 643.6 (memory)',
        };
    }

    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->board->devicesOf(DeviceKind::Lamp) as $lamp) {
            foreach ($evidence->wiring->modelOf($lamp)->lampSides() as $side => $terminal) {
                if ($terminal->isForNeutral && $evidence->survey->lamps[$lamp->id]->onLineSide[$side]) {
                    yield new Finding(FindingCode::LeadsReversed, ["$lamp->id.$terminal->name"], ['lamp' => $lamp->id]);
                }
            }
        }
    }
}
