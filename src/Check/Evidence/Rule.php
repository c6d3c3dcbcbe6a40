<?php

declare(strict_types=1);

namespace Zwindle\Check\Evidence;

use Zwindle\Check\Findings\Finding;

/** One rule: looks at the evidence and says what it finds. */
interface Rule
{
    /** @return iterable<Finding> */
    public function findingsIn(Evidence $evidence): iterable;
}
