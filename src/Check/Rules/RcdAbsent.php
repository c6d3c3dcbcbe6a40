<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Catalogue\Practice;
use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\Rule;

/** A British lighting circuit without an RCD. */
final readonly class RcdAbsent implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        $supply = $evidence->board->supply();
        if ($evidence->board->practice === Practice::Britain && $supply->rcdMa === null) {
            yield new Finding(FindingCode::RcdAbsent, [$supply->id]);
        }
    }
}
