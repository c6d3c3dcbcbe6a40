<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Circuit\Solve\FlipEffect;

/** A switch of a control that never changes its lamp. */
final readonly class SwitchNoEffect implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->controls as $i => $view) {
            foreach ($view->control->lamps as $lamp) {
                foreach ($view->control->switches as $switch) {
                    if ($evidence->table->effect($switch, $lamp) === FlipEffect::Never) {
                        yield new Finding(FindingCode::SwitchNoEffect, [$switch], ['device' => $switch, 'lamp' => $lamp], $i);
                    }
                }
            }
        }
    }
}
