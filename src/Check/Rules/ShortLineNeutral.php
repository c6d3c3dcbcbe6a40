<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Evidence\ShortCircuitJoint;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** Line meets neutral beyond the supply, whatever the supply itself ties together. */
final readonly class ShortLineNeutral implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        $state = $evidence->survey->lineMeetsNeutral;
        if ($state !== null) {
            $at = ShortCircuitJoint::of($evidence, 'line', 'neutral', $state);
            yield new Finding(FindingCode::ShortLineNeutral, $at, ['state' => $state, 'states' => $evidence->table->count()]);
        }
    }
}
