<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** A lamp goes off because its neutral side is opened while its other side stays on the line. */
final readonly class NeutralSwitched implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->controls as $i => $view) {
            $neutralSwitches = [];
            foreach ($view->control->switches as $switch) {
                foreach ($view->contacts($switch) as $point => $net) {
                    if ($net === $evidence->circuit->neutralNet) {
                        $neutralSwitches[] = $point;
                    }
                }
            }
            foreach ($view->control->lamps as $lamp) {
                if ($evidence->survey->lamps[$lamp]->losesNeutral() && $evidence->table->isEverLit($lamp)) {
                    yield new Finding(FindingCode::NeutralSwitched, [...$neutralSwitches, ...$view->sides($lamp)], ['lamp' => $lamp], $i);
                }
            }
        }
    }
}
