<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\LooseEnds;
use Zwindle\Check\Rule;

/** An end neither joined nor capped, never live: one finding for each box. */
final readonly class EndNotCapped implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        $byEnclosure = [];
        foreach (LooseEnds::in($evidence) as $end) {
            if (! $evidence->survey->nets[$evidence->nets->at($end)]->live) {
                $byEnclosure[$evidence->point($end)->enclosure][] = $end;
            }
        }
        foreach ($byEnclosure as $enclosure => $ends) {
            yield new Finding(FindingCode::EndNotCapped, $ends, ['enclosure' => (string) $enclosure, 'count' => count($ends)]);
        }
    }
}
