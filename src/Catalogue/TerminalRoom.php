<?php

declare(strict_types=1);

namespace Zwindle\Catalogue;

/**
 * How many conductors one terminal takes.
 *
 * Source: one to a screw in North America, NEC 110.14(A) (memory); in Britain common practice of what the blocks hold.
 */
final class TerminalRoom
{
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
