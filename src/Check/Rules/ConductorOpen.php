<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\Core;
use Zwindle\Board\Point;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\LooseEnds;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Circuit\Scheme\ControlView;

/**
 * Where a control does not work: a core of its line side is in use at one end and off at the other; one finding for each
 * box. A spare core, off at both ends, is none.
 */
final readonly class ConductorOpen implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        if (array_filter($evidence->controls, fn (ControlView $view) => ! $view->behaves) === []) {
            return;
        }
        $byEnclosure = [];
        foreach ($evidence->cores() as $core) {
            $open = array_filter($core->ends(), fn (string $end) => $evidence->wiring->jointAt($end) === null);
            if (count($open) === 1 && $core->beyond === null && ! $core->colour->isEarths() && self::isOnLineSide($evidence, $core)) {
                $end = array_values($open)[0];
                $byEnclosure[$evidence->point($end)->enclosure][] = $end;
            }
        }
        foreach ($byEnclosure as $enclosure => $ends) {
            $ends = [...$ends, ...self::looseLampLeads($evidence, (string) $enclosure)];
            yield new Finding(FindingCode::ConductorOpen, $ends, ['enclosure' => (string) $enclosure, 'count' => count($ends)]);
        }
    }

    /** Tied to the line in some state, or cut off from everything but contacts of switches and the line side of lamps. */
    private static function isOnLineSide(Evidence $evidence, Core $core): bool
    {
        $end = $core->ends()[0];
        if ($evidence->netOfCore($core) === $evidence->circuit->neutralNet) {
            return false;
        }
        if ($evidence->roles->isOnLineSide($end)) {
            return true;
        }
        $points = array_map($evidence->point(...), $evidence->nets->points[$evidence->nets->at($end)]);
        $isContact = fn (Point $point) => in_array($point->terminal?->duty, [
            TerminalDuty::Common,
            TerminalDuty::Throw,
            TerminalDuty::Pole,
            TerminalDuty::Hot,
            TerminalDuty::SwitchedBlock,
        ], true);

        return array_filter($points, $isContact) !== [];
    }

    /** @return list<string> what the open conductor was meant for */
    private static function looseLampLeads(Evidence $evidence, string $enclosure): array
    {
        $isLampLead = fn (string $end) => $evidence->point($end)->enclosure === $enclosure
            && $evidence->point($end)->terminal?->duty === TerminalDuty::LampSide;

        return array_values(array_filter(LooseEnds::in($evidence), $isLampLead));
    }
}
