<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Circuit\Solve\CableBalance;

/** In some state the load currents in the insulated cores of a cable do not add up to zero: the return goes another way. */
final readonly class SeparateReturn implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ((new CableBalance($evidence->survey))->unbalanced() as $cable) {
            $cores = array_values(array_filter($evidence->board->cables[$cable]->cores, fn ($core) => ! $core->colour->isEarths()));
            yield new Finding(
                FindingCode::SeparateReturn,
                array_merge(...array_map(fn ($core) => $core->ends(), $cores)),
                ['cable' => $cable],
            );
        }
    }
}
