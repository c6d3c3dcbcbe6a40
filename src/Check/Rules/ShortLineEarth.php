<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Evidence\ShortCircuitJoint;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** Line meets an earth conductor beyond the supply. */
final readonly class ShortLineEarth implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        $state = $evidence->survey->lineMeetsEarth;
        if ($state !== null) {
            $at = ShortCircuitJoint::of($evidence, 'line', 'earth', $state);
            yield new Finding(FindingCode::ShortLineEarth, $at, ['state' => $state, 'states' => $evidence->table->count()]);
        }
    }
}
