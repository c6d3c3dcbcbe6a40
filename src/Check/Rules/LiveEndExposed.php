<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\LooseEnds;
use Zwindle\Check\Rule;

/** An end neither joined nor capped is live in some position of the switches. */
final readonly class LiveEndExposed implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach (LooseEnds::in($evidence) as $end) {
            if ($evidence->survey->nets[$evidence->nets->at($end)]->live) {
                yield new Finding(FindingCode::LiveEndExposed, [$end]);
            }
        }
    }
}
