<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Catalogue\CodeEdition;
use Zwindle\Catalogue\Practice;
use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\Rule;
use Zwindle\Scheme\Role;

/** Neutral on a core of a colour that is not a neutral colour. */
final readonly class NeutralColour implements Rule
{
    public function reference(CodeEdition $edition): string
    {
        return match ($edition->practice) {
            Practice::NorthAmerica => 'NEC 200.6(A) (memory)',
            Practice::Britain => 'BS 7671 514.4.1 (memory)',
        };
    }

    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->cores() as $core) {
            $colours = $evidence->board->cables[$core->cable]->type->colours;
            $isNeutral = $evidence->roles->ofNet($evidence->netOfCore($core)) === [Role::Neutral];
            if ($isNeutral && ! $core->colour->isEarths() && ! ($colours?->isNeutrals($core->colour) ?? true)) {
                yield new Finding(FindingCode::NeutralColour, $core->ends());
            }
        }
    }
}
