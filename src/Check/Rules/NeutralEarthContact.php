<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Evidence\ShortCircuitJoint;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** Neutral meets earth beyond the supply, so that load current returns by the earths too. */
final readonly class NeutralEarthContact implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        $state = $evidence->survey->neutralMeetsEarth;
        if ($state !== null) {
            yield new Finding(FindingCode::NeutralEarthContact, ShortCircuitJoint::of($evidence, 'neutral', 'earth', $state));
        }
    }
}
