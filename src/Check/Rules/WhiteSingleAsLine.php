<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/**
 * A white or grey single that carries line, switched line or a traveller, marked or not: 200.7(C) lets only a core of a cable be
 * re-identified (North America).
 */
final readonly class WhiteSingleAsLine implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->cores() as $core) {
            if (
                $evidence->isWhiteSingle($core)
                && ! $evidence->isMixed($evidence->netOfCore($core))
                && $evidence->roles->isOnLineSide($core->ends()[0])
            ) {
                yield new Finding(FindingCode::WhiteSingleAsLine, $core->ends(), [
                    'role' => $evidence->roles->ofCore($core)->value,
                ]);
            }
        }
    }
}
