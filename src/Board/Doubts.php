<?php

declare(strict_types=1);

namespace Zwindle\Board;

use Zwindle\Catalogue\Devices\DeviceKind;

/** What an instructor would want to be asked about a board before it is set. Figures are common practice. */
final class Doubts
{
    /** Boxes whose middles are nearer than this hang on each other. */
    private const OVERLAP_MM = 110.0;

    private const VERY_LONG_M = 100.0;

    /** @return list<Doubt> */
    public static function about(Board $board): array
    {
        return [...self::overlapping($board), ...self::offTheWall($board), ...self::idleParts($board), ...self::veryLong($board)];
    }

    /** @return list<Doubt> */
    private static function overlapping(Board $board): array
    {
        $placed = array_values(array_filter($board->enclosures, fn (Enclosure $box) => $box->at !== null));
        $doubts = [];
        foreach ($placed as $i => $one) {
            foreach (array_slice($placed, $i + 1) as $other) {
                $isNear = $one->at !== null && $other->at !== null && max(abs($one->at[0] - $other->at[0]), abs($one->at[1] - $other->at[1])) < self::OVERLAP_MM;
                $doubts = $isNear ? [...$doubts, new Doubt(DoubtKind::Overlapping, [$one->id, $other->id])] : $doubts;
            }
        }

        return $doubts;
    }

    /** @return list<Doubt> boxes beyond the edge of the board face; the feed may come from there */
    private static function offTheWall(Board $board): array
    {
        $wall = $board->wall;
        $isOff = fn (Enclosure $box) => $wall !== null && $box->at !== null && $box->kind !== EnclosureKind::Supply
            && (min($box->at) < 0 || $box->at[0] > $wall->widthMm || $box->at[1] > $wall->heightMm);

        return array_map(fn (Enclosure $box) => new Doubt(DoubtKind::OffTheWall, [$box->id]), array_values(array_filter($board->enclosures, $isOff)));
    }

    /** @return list<Doubt> switches that control nothing, and lamps that nothing controls */
    private static function idleParts(Board $board): array
    {
        $used = $board->alwaysOn;
        foreach ($board->controls as $control) {
            $used = [...$used, ...$control->lamps, ...$control->switches];
        }
        $doubts = [];
        foreach ($board->devices as $device) {
            if (in_array($device->id, $used, true)) {
                continue;
            }
            if ($device->is(DeviceKind::Switch) || $device->is(DeviceKind::Lamp)) {
                $doubts[] = new Doubt($device->is(DeviceKind::Switch) ? DoubtKind::ControlsNothing : DoubtKind::NotControlled, [$device->id]);
            }
        }

        return $doubts;
    }

    /** @return list<Doubt> */
    private static function veryLong(Board $board): array
    {
        $long = array_filter($board->cables, fn (Cable $cable) => ($cable->lengthM ?? 0.0) > self::VERY_LONG_M);

        return array_map(fn (Cable $cable) => new Doubt(DoubtKind::VeryLong, [$cable->id]), array_values($long));
    }
}
