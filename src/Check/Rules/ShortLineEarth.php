<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\MeetingPlace;
use Zwindle\Check\Rule;

/** Line meets an earth conductor beyond the supply. */
final readonly class ShortLineEarth implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        $state = $evidence->survey->lineMeetsEarth;
        if ($state !== null) {
            $at = MeetingPlace::of($evidence, 'line', 'earth', $state);
            yield new Finding(FindingCode::ShortLineEarth, $at, ['state' => $state, 'states' => $evidence->table->count()]);
        }
    }
}
