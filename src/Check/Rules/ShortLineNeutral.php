<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Catalogue\CodeEdition;
use Zwindle\Catalogue\Practice;
use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\MeetingPlace;
use Zwindle\Check\Rule;

/** Line meets neutral beyond the supply, whatever the supply itself ties together. */
final readonly class ShortLineNeutral implements Rule
{
    public function reference(CodeEdition $edition): string
    {
        return match ($edition->practice) {
            Practice::NorthAmerica => 'NEC 110.7 (memory)',
            Practice::Britain => 'BS 7671 134.1.1, 643.3 (memory)',
        };
    }

    public function findingsIn(Evidence $evidence): iterable
    {
        $state = $evidence->survey->lineMeetsNeutral;
        if ($state !== null) {
            $at = MeetingPlace::of($evidence, 'line', 'neutral', $state);
            yield new Finding(FindingCode::ShortLineNeutral, $at, ['state' => $state, 'states' => $evidence->table->count()]);
        }
    }
}
