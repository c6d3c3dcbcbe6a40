<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Circuit\Scheme\Role;

/** Neutral on a core of a colour that is not a neutral colour; in Britain none where that end is sleeved blue. */
final readonly class NeutralColour implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->cores() as $core) {
            $colours = $evidence->board->cables[$core->cable]->type->colours;
            $isNeutral = $evidence->roles->ofNet($evidence->netOfCore($core)) === [Role::Neutral];
            if ($isNeutral && ! $core->colour->isEarths() && ! ($colours?->isNeutrals($core->colour) ?? true)) {
                $isSleeved = fn (string $end) => $evidence->board->practice->sleevesAnyCore
                    && $evidence->wiring->markOn($end) === MarkedAs::Neutral;
                $ends = array_values(array_filter($core->ends(), fn (string $end) => ! $isSleeved($end)));
                if ($ends !== []) {
                    yield new Finding(FindingCode::NeutralColour, $ends);
                }
            }
        }
    }
}
