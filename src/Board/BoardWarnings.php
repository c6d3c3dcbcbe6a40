<?php

declare(strict_types=1);

namespace Zwindle\Board;

use Zwindle\Catalogue\Devices\DeviceKind;

/** What an instructor would want to be asked about a board before it is set. Figures are common practice. */
final class BoardWarnings
{
    /** Boxes whose middles are nearer than this overlap. */
    private const OVERLAP_MM = 110.0;

    /** Of the narrowest box, 2 in: nearer to the edge than this it hangs over it. */
    private const HALF_BOX_MM = 25.0;

    private const VERY_LONG_M = 100.0;

    /** @return list<BoardWarning> */
    public static function about(Board $board): array
    {
        return [...self::overlapping($board), ...self::offTheWall($board), ...self::idleParts($board), ...self::veryLong($board)];
    }

    /** @return list<BoardWarning> */
    private static function overlapping(Board $board): array
    {
        $placed = array_values(array_filter($board->enclosures, fn (Enclosure $box) => $box->at !== null));
        $warnings = [];
        foreach ($placed as $i => $one) {
            foreach (array_slice($placed, $i + 1) as $other) {
                $isNear = $one->at !== null
                    && $other->at !== null
                    && max(abs($one->at[0] - $other->at[0]), abs($one->at[1] - $other->at[1])) < self::OVERLAP_MM;
                $warnings = $isNear ? [...$warnings, new BoardWarning(BoardWarningKind::Overlapping, [$one->id, $other->id])] : $warnings;
            }
        }

        return $warnings;
    }

    /** @return list<BoardWarning> boxes that hang over the edge of the board face; the feed may come from there */
    private static function offTheWall(Board $board): array
    {
        $wall = $board->wall;
        $isOff = fn (Enclosure $box) => $wall !== null && $box->at !== null && $box->kind->isOnTheWall()
            && (min($box->at) < self::HALF_BOX_MM
                || $box->at[0] > $wall->widthMm - self::HALF_BOX_MM
                || $box->at[1] > $wall->heightMm - self::HALF_BOX_MM);

        return array_map(
            fn (Enclosure $box) => new BoardWarning(BoardWarningKind::OffTheWall, [$box->id]),
            array_values(array_filter($board->enclosures, $isOff)),
        );
    }

    /** @return list<BoardWarning> switches that control nothing, and lamps that nothing controls */
    private static function idleParts(Board $board): array
    {
        $used = $board->alwaysOn;
        foreach ($board->controls as $control) {
            $used = [...$used, ...$control->lamps, ...$control->switches];
        }
        $warnings = [];
        foreach ($board->devices as $device) {
            if (in_array($device->id, $used, true)) {
                continue;
            }
            if ($device->is(DeviceKind::Switch) || $device->is(DeviceKind::Lamp)) {
                $warnings[] = new BoardWarning(
                    $device->is(DeviceKind::Switch) ? BoardWarningKind::ControlsNothing : BoardWarningKind::NotControlled,
                    [$device->id],
                );
            }
        }

        return $warnings;
    }

    /** @return list<BoardWarning> */
    private static function veryLong(Board $board): array
    {
        $long = array_filter($board->cables, fn (Cable $cable) => ($cable->lengthM ?? 0.0) > self::VERY_LONG_M);

        return array_map(fn (Cable $cable) => new BoardWarning(BoardWarningKind::VeryLong, [$cable->id]), array_values($long));
    }
}
