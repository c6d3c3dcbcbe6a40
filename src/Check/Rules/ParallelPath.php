<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\Core;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Circuit\Net\CoreRings;

/** Insulated cores of one net close a ring, so that the current has two ways (North America). */
final readonly class ParallelPath implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        $insulated = array_filter($evidence->cores(), fn (Core $core) => ! $core->colour->isEarths());
        foreach (CoreRings::among($evidence->wiring, array_values($insulated)) as $ring) {
            yield new Finding(FindingCode::ParallelPath, array_merge(...array_map(fn (Core $core) => $core->ends(), $ring)));
        }
    }
}
