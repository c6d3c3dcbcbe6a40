<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\Core;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** A re-identified white core brings the switched line back from the switch to the lamp of a cable (North America). */
final readonly class ReturnOnWhite implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->cores() as $core) {
            if ($evidence->isWhiteReturn($core) && self::isReIdentified($evidence, $core)) {
                yield new Finding(FindingCode::ReturnOnWhite, $core->ends());
            }
        }
    }

    private static function isReIdentified(Evidence $evidence, Core $core): bool
    {
        return in_array(MarkedAs::Line, array_map($evidence->wiring->markOn(...), $core->ends()), true);
    }
}
