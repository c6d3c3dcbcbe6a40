<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\Core;
use Zwindle\Catalogue\CodeEdition;
use Zwindle\Catalogue\Colour;
use Zwindle\Catalogue\Practice;
use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\Rule;
use Zwindle\Scheme\Role;
use Zwindle\Wiring\MarkedAs;

/** A re-identified white core brings the switched line back from the switch to the lamp (North America). */
final readonly class ReturnOnWhite implements Rule
{
    public function reference(CodeEdition $edition): string
    {
        return $edition->cite('white-as-line');
    }

    public function findingsIn(Evidence $evidence): iterable
    {
        if ($evidence->board->practice !== Practice::NorthAmerica) {
            return;
        }
        foreach ($evidence->cores() as $core) {
            if (self::isWhite($core) && $evidence->roles->at($core->ends()[0]) === [Role::SwitchedLine] && self::isReIdentified($evidence, $core)) {
                yield new Finding(FindingCode::ReturnOnWhite, $core->ends());
            }
        }
    }

    private static function isWhite(Core $core): bool
    {
        return $core->colour === Colour::White || $core->colour === Colour::Grey;
    }

    /** Marked as line, and joined at both ends: a spare core returns nothing. */
    private static function isReIdentified(Evidence $evidence, Core $core): bool
    {
        $marks = array_map($evidence->wiring->markOn(...), $core->ends());
        $joined = array_filter($core->ends(), fn (string $end) => $evidence->wiring->jointAt($end) !== null);

        return in_array(MarkedAs::Line, $marks, true) && count($joined) === 2;
    }
}
