<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Catalogue\CodeEdition;
use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\Rule;
use Zwindle\Solve\FlipEffect;

/** A lamp that answers to a switch of another control. */
final readonly class WrongLamp implements Rule
{
    public function reference(CodeEdition $edition): string
    {
        return 'what the board asks';
    }

    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->controls as $i => $view) {
            foreach ($view->control->lamps as $lamp) {
                foreach (array_diff($evidence->circuit->switches, $view->control->switches) as $switch) {
                    if ($evidence->table->effect($switch, $lamp, overTrips: false) !== FlipEffect::Never) {
                        yield new Finding(FindingCode::WrongLamp, [$lamp, $switch], ['device' => $switch, 'lamp' => $lamp], $i);
                    }
                }
            }
        }
    }
}
