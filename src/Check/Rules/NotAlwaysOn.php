<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence\AlwaysOn;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** A device that should stay live whatever the switches do lacks line or neutral in some state. */
final readonly class NotAlwaysOn implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach (AlwaysOn::lacking($evidence) as $id => $points) {
            yield new Finding(FindingCode::NotAlwaysOn, $points, ['device' => (string) $id]);
        }
    }
}
