<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\Rule;

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
