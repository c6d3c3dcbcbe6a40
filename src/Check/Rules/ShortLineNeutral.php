<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\MeetingPlace;
use Zwindle\Check\Rule;

/** Line meets neutral beyond the supply, whatever the supply itself ties together. */
final readonly class ShortLineNeutral implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        $state = $evidence->survey->lineMeetsNeutral;
        if ($state !== null) {
            $at = MeetingPlace::of($evidence, 'line', 'neutral', $state);
            yield new Finding(FindingCode::ShortLineNeutral, $at, ['state' => $state, 'states' => $evidence->table->count()]);
        }
    }
}
