<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\Core;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Circuit\Scheme\Role;

/** A re-identified white core brings the switched line back from the switch to the lamp of a cable (North America). */
final readonly class ReturnOnWhite implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->cores() as $core) {
            $type = $evidence->board->cables[$core->cable]->type;
            if (
                ! $type->isSingle
                && $type->colours?->isNeutrals($core->colour) === true
                && $evidence->roles->at($core->ends()[0]) === [Role::SwitchedLine]
                && self::isReIdentified($evidence, $core)
            ) {
                yield new Finding(FindingCode::ReturnOnWhite, $core->ends());
            }
        }
    }

    /** Marked as line, and joined at both ends: a spare core returns nothing. */
    private static function isReIdentified(Evidence $evidence, Core $core): bool
    {
        $marks = array_map($evidence->wiring->markOn(...), $core->ends());
        $joined = array_filter($core->ends(), fn (string $end) => $evidence->wiring->jointAt($end) !== null);

        return in_array(MarkedAs::Line, $marks, true) && count($joined) === 2;
    }
}
