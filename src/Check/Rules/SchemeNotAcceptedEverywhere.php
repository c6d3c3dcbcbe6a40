<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Circuit\Scheme\SchemeName;

/** The commons are tied to each other: the ordinary extension in Britain, not accepted in every North American place. */
final readonly class SchemeNotAcceptedEverywhere implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->controls as $i => $view) {
            if ($evidence->schemes[$i] !== SchemeName::CommonLink) {
                continue;
            }
            $commons = [];
            foreach ($view->control->switches as $switch) {
                $commons = [...$commons, ...array_keys($view->contacts($switch, TerminalDuty::Common))];
            }
            yield new Finding(FindingCode::SchemeNotAcceptedEverywhere, $commons, control: $i);
        }
    }
}
