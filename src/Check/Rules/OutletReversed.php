<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\ReversedOutlet;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/**
 * A receptacle with hot and neutral exchanged: what is plugged in works, and its parts are live when they should not be.
 *
 * Source: NEC 200.11, 406 (memory): no grounded conductor is attached to a terminal so as to reverse the designated polarity.
 */
final readonly class OutletReversed implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->board->devicesOf(DeviceKind::Receptacle) as $receptacle) {
            $terminals = ReversedOutlet::at($evidence, $receptacle);
            if ($terminals !== []) {
                yield new Finding(FindingCode::OutletReversed, $terminals, ['device' => $receptacle->id]);
            }
        }
    }
}
