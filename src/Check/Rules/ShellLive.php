<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Catalogue\DeviceKind;
use Zwindle\Catalogue\TerminalDuty;
use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\Rule;

/** A screw shell is on the line side, where a hand changing the bulb can touch it. */
final readonly class ShellLive implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->board->devicesOf(DeviceKind::Lamp) as $lamp) {
            foreach ($evidence->wiring->modelOf($lamp)->lampSides() as $side => $terminal) {
                if ($terminal->duty === TerminalDuty::LampShell && $evidence->survey->lamps[$lamp->id]->onLineSide[$side]) {
                    yield new Finding(FindingCode::ShellLive, ["$lamp->id.$terminal->name"], ['lamp' => $lamp->id]);
                }
            }
        }
    }
}
