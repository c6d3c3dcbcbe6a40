<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Catalogue\CodeEdition;
use Zwindle\Catalogue\Practice;
use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\LooseEnds;
use Zwindle\Check\Rule;

/** An end neither joined nor capped is live in some position of the switches. */
final readonly class LiveEndExposed implements Rule
{
    public function reference(CodeEdition $edition): string
    {
        return match ($edition->practice) {
            Practice::NorthAmerica => 'NEC 110.14(B), 406.6 (memory)',
            Practice::Britain => 'BS 7671 526.5, 416.1 (memory)',
        };
    }

    public function findingsIn(Evidence $evidence): iterable
    {
        foreach (LooseEnds::in($evidence) as $end) {
            if ($evidence->survey->nets[$evidence->nets->at($end)]->live) {
                yield new Finding(FindingCode::LiveEndExposed, [$end]);
            }
        }
    }
}
