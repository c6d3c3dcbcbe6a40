<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** A British lighting circuit without an RCD. */
final readonly class RcdAbsent implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        $supply = $evidence->board->supply();
        if ($supply->rcdMa === null) {
            yield new Finding(FindingCode::RcdAbsent, [$supply->id]);
        }
    }
}
