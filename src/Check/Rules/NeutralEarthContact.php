<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\MeetingPlace;
use Zwindle\Check\Rule;

/** Neutral meets earth beyond the supply, so that load current returns by the earths too. */
final readonly class NeutralEarthContact implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        $state = $evidence->survey->neutralMeetsEarth;
        if ($state !== null) {
            yield new Finding(FindingCode::NeutralEarthContact, MeetingPlace::of($evidence, 'neutral', 'earth', $state));
        }
    }
}
