<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\End;
use Zwindle\Check\Evidence\AlwaysOn;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** What should stay live whatever the switches do, a device or a cable that goes on, lacks line or neutral in some state. */
final readonly class NotAlwaysOn implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach (AlwaysOn::lacking($evidence) as $id => $points) {
            yield new Finding(FindingCode::NotAlwaysOn, $points, ['device' => (string) $id, 'shape' => 'device']);
        }
        foreach (AlwaysOn::lackingBeyond($evidence) as $place => $points) {
            yield new Finding(FindingCode::NotAlwaysOn, $points, [
                'enclosure' => (string) $place,
                'cable' => End::parse($points[0])->cable,
                'shape' => 'onward',
            ]);
        }
    }
}
