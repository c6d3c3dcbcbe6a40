<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\Requirements;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** The task insists on a scheme and the wiring works by another. */
final readonly class SchemeNotAsAsked implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        $asked = $evidence->board->requirements->scheme;
        $view = $evidence->controls[0] ?? null;
        if ($asked === Requirements::ANY_SCHEME || $view === null) {
            return;
        }
        $found = $evidence->schemes[0];
        if ($found?->value !== $asked && ($found !== null || $view->behaves)) {
            yield new Finding(FindingCode::SchemeNotAsAsked, $view->control->switches, [
                'asked' => $asked,
                'found' => $found->value ?? '',
            ], 0);
        }
    }
}
