<?php

declare(strict_types=1);

namespace Zwindle\Check\Evidence;

use Zwindle\Board\Point;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Circuit\Scheme\Role;

/** What a point says that it is: by its mark, its colour or the terminal's name, whatever it carries. */
final class LooksLike
{
    public static function at(Evidence $evidence, string $id): ?Role
    {
        $point = $evidence->point($id);
        $mark = $evidence->wiring->markOn($id);

        return match (true) {
            $mark !== null => match ($mark) {
                MarkedAs::Line => Role::Line,
                MarkedAs::Neutral => Role::Neutral,
                MarkedAs::Earth => Role::Earth,
            },
            $point->core !== null => self::ofCore($evidence, $point),
            $point->isEarthing() => Role::Earth,
            default => match ($point->terminal?->duty) {
                TerminalDuty::SupplyNeutral, TerminalDuty::Neutral, TerminalDuty::LampShell => Role::Neutral,
                TerminalDuty::LampSide => null,
                default => Role::Line,
            },
        };
    }

    private static function ofCore(Evidence $evidence, Point $point): ?Role
    {
        if ($point->core === null) {
            return null;
        }
        $colours = $evidence->board->cables[$point->core->cable]->type->colours ?? $evidence->board->practice->newColours();

        return match (true) {
            $point->core->colour->isEarths() => Role::Earth,
            $colours->isNeutrals($point->core->colour) => Role::Neutral,
            default => Role::Line,
        };
    }
}
