<?php

declare(strict_types=1);

namespace Zwindle\Check\Evidence;

use Zwindle\Board\Board;
use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Circuit\Scheme\Role;
use Zwindle\Circuit\Scheme\Roles;

/** Blocks of roses with the line of the other one: permanent line in the switched block, switched line in the loop block. */
final class ExchangedBlocks
{
    /** @return array<string, non-empty-list<string>> rose → its blocks of which that is so */
    public static function in(Board $board, Roles $roles): array
    {
        $exchanged = [];
        foreach ($board->devicesOf(DeviceKind::Rose) as $rose) {
            foreach ($rose->model->terminals as $block) {
                $point = DevicePoint::id($rose->id, $block->name);
                $wrong = match ($block->duty) {
                    TerminalDuty::Hot => Role::SwitchedLine,
                    TerminalDuty::SwitchedBlock => Role::Line,
                    default => null,
                };
                if ($wrong !== null && $roles->at($point) === [$wrong]) {
                    $exchanged[$rose->id][] = $point;
                }
            }
        }

        return $exchanged;
    }
}
