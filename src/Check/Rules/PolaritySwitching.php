<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Circuit\Scheme\SchemeName;

/** The end switches choose between line and neutral at both sides of the lamp: forbidden everywhere. */
final readonly class PolaritySwitching implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->controls as $i => $view) {
            if ($evidence->schemes[$i] !== SchemeName::PolaritySwitching) {
                continue;
            }
            $commons = [];
            foreach ($view->control->switches as $switch) {
                $commons = [...$commons, ...array_keys($view->contacts($switch, TerminalDuty::Common))];
            }
            yield new Finding(FindingCode::PolaritySwitching, $commons ?: $view->sides($view->control->lamps[0]), control: $i);
        }
    }
}
