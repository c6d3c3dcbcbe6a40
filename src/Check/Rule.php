<?php

declare(strict_types=1);

namespace Zwindle\Check;

use Zwindle\Catalogue\CodeEdition;

/** One rule: looks at the evidence and says what it finds. */
interface Rule
{
    /** The rule of the code or the trade practice that it rests on, as it is cited. */
    public function reference(CodeEdition $edition): string;

    /** @return iterable<Finding> */
    public function findingsIn(Evidence $evidence): iterable;
}
