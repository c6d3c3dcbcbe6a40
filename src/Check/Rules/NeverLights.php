<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** A lamp of a control that is off in every state. */
final readonly class NeverLights implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->controls as $i => $view) {
            foreach ($view->control->lamps as $lamp) {
                if (! $evidence->table->isEverLit($lamp)) {
                    yield new Finding(FindingCode::NeverLights, $view->sides($lamp), ['lamp' => $lamp], $i);
                }
            }
        }
    }
}
