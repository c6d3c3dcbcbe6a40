<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** A lamp of a control that is off in no state. */
final readonly class AlwaysLit implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->controls as $i => $view) {
            foreach ($view->control->lamps as $lamp) {
                if (! $evidence->table->isEverDark($lamp)) {
                    $onLine = array_values(array_filter(
                        $view->sides($lamp),
                        fn (string $side) => $evidence->nets->at($side) === $evidence->circuit->lineNet,
                    ));
                    $shape = $onLine === [] ? 'other' : 'on-line';
                    yield new Finding(FindingCode::AlwaysLit, $onLine ?: $view->sides($lamp), ['lamp' => $lamp, 'shape' => $shape], $i);
                }
            }
        }
    }
}
