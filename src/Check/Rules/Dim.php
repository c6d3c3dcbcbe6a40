<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** A lamp that burns below 90 % of nominal voltage in some state: in series with another. */
final readonly class Dim implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->controls as $i => $view) {
            foreach ($view->control->lamps as $lamp) {
                if ($evidence->table->isEverDim($lamp)) {
                    yield new Finding(FindingCode::Dim, $view->sides($lamp), ['lamp' => $lamp], $i);
                }
            }
        }
    }
}
