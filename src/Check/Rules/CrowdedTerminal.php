<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\PointKind;
use Zwindle\Catalogue\CodeEdition;
use Zwindle\Catalogue\TerminalRoom;
use Zwindle\Check\Evidence;
use Zwindle\Check\Finding;
use Zwindle\Check\FindingCode;
use Zwindle\Check\Rule;
use Zwindle\Wiring\JoinedBy;
use Zwindle\Wiring\Joint;

/** More conductors clamped under one terminal than it takes. */
final readonly class CrowdedTerminal implements Rule
{
    public function reference(CodeEdition $edition): string
    {
        return $edition->cite('one-conductor');
    }

    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->wiring->joints as $joint) {
            $terminal = self::terminalOf($evidence, $joint);
            $point = $terminal === null ? null : $evidence->point($terminal);
            if ($point?->terminal === null || $point->device === null) {
                continue;
            }
            $room = TerminalRoom::of($evidence->wiring->modelOf($evidence->board->devices[$point->device]), $point->terminal);
            $count = count($joint->points) - 1;
            if ($room !== null && $count > $room) {
                yield new Finding(FindingCode::CrowdedTerminal, [$point->id], ['count' => $count, 'room' => $room]);
            }
        }
    }

    /** The terminal that a joint is made on; null for a connector and for the earth of an enclosure, which has no limit. */
    private static function terminalOf(Evidence $evidence, Joint $joint): ?string
    {
        foreach ($joint->by === JoinedBy::Terminal ? $joint->points : [] as $id) {
            if ($evidence->point($id)->kind === PointKind::Terminal) {
                return $id;
            }
        }

        return null;
    }
}
