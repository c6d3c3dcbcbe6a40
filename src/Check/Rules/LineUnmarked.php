<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** A core used as line, switched line or traveller whose colour says otherwise, not marked as line at that end. */
final readonly class LineUnmarked implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->cores() as $core) {
            $net = $evidence->netOfCore($core);
            $colours = $evidence->board->cables[$core->cable]->type->colours;
            // A white single has a rule of its own.
            if (
                $evidence->isWhiteSingle($core)
                || $evidence->isMixed($net)
                || ! $evidence->roles->isOnLineSide($core->ends()[0])
                || ! ($colours?->needsMarkAsLine($core->colour) ?? false)
            ) {
                continue;
            }
            $unmarked = array_values(array_filter($core->ends(), fn (string $end) => $evidence->wiring->markOn($end) !== MarkedAs::Line));
            if ($unmarked !== []) {
                yield new Finding(FindingCode::LineUnmarked, $unmarked, [
                    'role' => $evidence->roles->ofNet($net)[0]->value,
                    'shape' => $evidence->isWhiteReturn($core) ? 'return' : 'plain',
                ]);
            }
        }
    }
}
