<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** A connector holds more conductors, leads and pigtails than it has ports. */
final readonly class ConnectorOverfilled implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->wiring->joints as $joint) {
            $count = count($joint->points);
            if ($joint->ports !== null && $count > $joint->ports) {
                yield new Finding(FindingCode::ConnectorOverfilled, $joint->points, ['count' => $count, 'ports' => $joint->ports]);
            }
        }
    }
}
