<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;

/** A screw shell is on the line side, where a hand changing the bulb can touch it. */
final readonly class ShellLive implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->board->devicesOf(DeviceKind::Lamp) as $lamp) {
            foreach ($evidence->wiring->modelOf($lamp)->lampSides() as $side => $terminal) {
                if ($terminal->duty === TerminalDuty::LampShell && $evidence->survey->lamps[$lamp->id]->onLineSide[$side]) {
                    yield new Finding(FindingCode::ShellLive, [DevicePoint::id($lamp->id, $terminal->name)], [
                        'lamp' => $lamp->id,
                        'enclosure' => $lamp->enclosure,
                    ]);
                }
            }
        }
    }
}
