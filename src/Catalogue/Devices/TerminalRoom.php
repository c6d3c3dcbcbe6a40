<?php

declare(strict_types=1);

namespace Zwindle\Catalogue\Devices;

use Zwindle\Catalogue\Practices\Practice;

/**
 * How many conductors one terminal takes.
 *
 * Source: one to a screw in North America, NEC 110.14(A) (memory); in Britain common practice of what the blocks hold.
 */
final class TerminalRoom
{
    /**
     * The earthing screw of a box: one conductor like any other screw in North America; a British brass terminal has no limit here.
     *
     * @return int|null null where there is no limit
     */
    public static function ofBoxScrew(Practice $practice): ?int
    {
        return $practice->custom()->conductorsToABoxScrew;
    }

    /** @return int|null null where there is no limit */
    public static function of(DeviceModel $model, Terminal $terminal): ?int
    {
        return match (true) {
            $model->kind === DeviceKind::Supply => null,
            $model->practice === Practice::NorthAmerica => 1,
            $model->kind === DeviceKind::Switch => 3,
            $model->kind === DeviceKind::Rose => $terminal->duty === TerminalDuty::SwitchedBlock ? 4 : 6,
            $model->kind === DeviceKind::Lamp => 2,
            default => null,
        };
    }
}
