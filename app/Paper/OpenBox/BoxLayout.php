<?php

declare(strict_types=1);

namespace App\Paper\OpenBox;

use App\Enums\BoxSide;
use App\Paper\Layout\Measures;
use App\Paper\Layout\Rect;

/**
 * Where everything of an opened box lies, in units of its drawing: flags at the walls from which their cables come, devices in the
 * middle, connectors under and beside them.
 *
 * The browser draws by the same rules (`resources/js/shared/board/boxLayout.ts`); `tests/Corpus/layout/boxes.json` is run by both.
 *
 * @phpstan-type PlacedDevice array{device: array<string, mixed>, x: float, y: float}
 */
final readonly class BoxLayout
{
    /**
     * @param  list<Entry>  $entries
     * @param  array<string, Slot>  $slots  by the ends whose flags they are
     * @param  list<PlacedDevice>  $devices
     * @param  array<string, DrawnLanding>  $landings  by their ids
     * @param  list<Connector>  $connectors
     */
    private function __construct(
        public Frame $frame,
        public array $entries,
        public array $slots,
        public array $devices,
        public array $landings,
        public array $connectors,
    ) {

    }

    /**
     * @param  array<string, mixed>  $box  as it is looked at
     * @param  list<array<string, mixed>>  $cables
     * @param  array<string, array{float, float}>  $spots  where the boxes of the board stand
     * @param  callable(string): string  $nameOf  of a box
     * @param  list<Connector>  $connectors
     */
    public static function of(array $box, array $cables, array $spots, callable $nameOf, string $conduit, array $connectors): self
    {
        $sides = self::sidesOf(self::groups($box, $cables, $nameOf, $conduit), $box['id'], $spots);
        for ($rows = 1; ; $rows++) {
            $frame = self::frameFor($box['devices'], $sides, $rows);
            $entries = self::entries($sides, $frame, $spots);
            $slots = [];
            foreach ($entries as $entry) {
                foreach ($entry->ends as $i => $end) {
                    $slots[$end] = self::slot($entry, $i);
                }
            }
            $devices = self::devices($box['devices'], $frame, $sides);
            $landings = self::landings($box['earth'], $devices, $frame, $slots);
            $solids = self::solids($slots, $devices, $landings);
            $placed = ConnectorSpots::placed($connectors, $solids, $frame, $rows === Measures::table()['mostRows']);
            if ($placed !== null) {
                return new self($frame, $entries, $slots, $devices, $landings, $placed);
            }
        }
    }

    /** @return list<Rect> what nothing else may lie on: devices with their ears, flags, the screws at their sides */
    public function obstacles(): array
    {
        return self::solids($this->slots, $this->devices, $this->landings);
    }

    public function connectorOf(string $place): ?Connector
    {
        foreach ($this->connectors as $connector) {
            if (in_array($place, $connector->points, true)) {
                return $connector;
            }
        }

        return null;
    }

    /**
     * One entry a cable; singles to the same place share a conduit.
     *
     * @param  array<string, mixed>  $box
     * @param  list<array<string, mixed>>  $cables
     * @param  callable(string): string  $nameOf
     * @return list<array{label: string, far: string, ends: non-empty-list<string>}>
     */
    private static function groups(array $box, array $cables, callable $nameOf, string $conduit): array
    {
        $known = array_column($cables, null, 'id');
        $groups = [];
        foreach ($box['ends'] as $end) {
            $cable = $known[$end['cable']];
            $key = $cable['single'] ? "conduit-{$end['far']}" : $end['cable'];
            $what = $cable['single'] ? $conduit : "{$end['cable']} · {$cable['print']}";
            $groups[$key] ??= ['label' => implode(' · ', array_filter([$nameOf($end['far']), $what])), 'far' => $end['far'], 'ends' => []];
            $groups[$key]['ends'][] = $end['id'];
        }

        return array_values($groups);
    }

    /**
     * Each entry on the side from which it comes on the board, or the nearest side with room.
     *
     * @param  list<array{label: string, far: string, ends: non-empty-list<string>}>  $groups
     * @param  array<string, array{float, float}>  $spots
     * @return array<string, list<array{label: string, far: string, ends: non-empty-list<string>}>>
     */
    private static function sidesOf(array $groups, string $box, array $spots): array
    {
        $taken = ['left' => [], 'right' => [], 'top' => [], 'bottom' => []];
        foreach ($groups as $group) {
            $side = BoxSide::Bottom;
            [$there, $here] = [$spots[$group['far']], $spots[$box]];
            foreach (BoxSide::towards($there[0] - $here[0], $there[1] - $here[1]) as $wish) {
                if (self::count($taken[$wish->value]) + count($group['ends']) <= Measures::table()['room'][$wish->value]) {
                    $side = $wish;
                    break;
                }
            }
            $taken[$side->value][] = $group;
        }

        return $taken;
    }

    /** @param  list<array{ends: list<string>, ...}>  $groups */
    private static function count(array $groups): int
    {
        return array_sum(array_map(fn (array $group) => count($group['ends']), $groups));
    }

    /**
     * As large as what it holds asks for, with room for some rows of connectors.
     *
     * @param  list<array<string, mixed>>  $devices
     * @param  array<string, list<mixed>>  $sides
     */
    private static function frameFor(array $devices, array $sides, int $rows): Frame
    {
        $measures = Measures::table();
        $stack = array_sum(array_map(fn (array $device) => $device['height'] + $measures['deviceGap'], $devices));
        $beside = $measures['band'] + $measures['flag']['x'] + $measures['besideDevice'];
        $width = 2 * $beside + max([0, ...array_column($devices, 'width')]);
        $height = $stack + self::depth($sides['top']) + self::depth($sides['bottom']) + $rows * $measures['connectorRow'];
        $lanes = fn (float $length) => ceil($length / $measures['lane']) * $measures['lane'];
        [$width, $height] = [$lanes(max($measures['inside']['width'], $width)), $lanes(max($measures['inside']['height'], $height))];

        return new Frame(
            $measures['edge']['across'],
            $measures['edge']['across'] + $width,
            $measures['edge']['upright'],
            $measures['edge']['upright'] + $height,
            $width + 2 * $measures['edge']['across'],
            $height + 2 * $measures['edge']['upright'],
        );
    }

    /** @param  list<mixed>  $groups */
    private static function depth(array $groups): int
    {
        $measures = Measures::table();

        return $groups === [] ? $measures['bareDeep'] : $measures['flagsDeep'];
    }

    /**
     * @param  array<string, list<array{label: string, far: string, ends: non-empty-list<string>}>>  $sides
     * @param  array<string, array{float, float}>  $spots
     * @return list<Entry>
     */
    private static function entries(array $sides, Frame $frame, array $spots): array
    {
        $measures = Measures::table();
        $entries = [];
        foreach (BoxSide::cases() as $side) {
            $groups = $sides[$side->value];
            $along = $side->isUpright() ? 1 : 0;
            usort($groups, fn (array $a, array $b) => $spots[$a['far']][$along] <=> $spots[$b['far']][$along]);
            $total = self::count($groups) * $measures['pitch'] + (count($groups) - 1) * $measures['between'];
            [$from, $to] = $side->isUpright() ? [$frame->top, $frame->bottom] : [$frame->left, $frame->right];
            // Flags stand in the middle of a lane.
            $lane = $measures['lane'];
            $start = $from + max(0, floor(($to - $from - $total) / 2 / $lane + 0.5)) * $lane - $lane / 2;
            foreach ($groups as $group) {
                $span = count($group['ends']) * $measures['pitch'];
                $mouth = match ($side) {
                    BoxSide::Left => [$frame->left, $start + $span / 2],
                    BoxSide::Right => [$frame->right, $start + $span / 2],
                    BoxSide::Top => [$start + $span / 2, $frame->top],
                    BoxSide::Bottom => [$start + $span / 2, $frame->bottom],
                };
                $entries[] = new Entry($group['label'], $group['ends'], $side, $mouth);
                $start += $span + $measures['between'];
            }
        }

        return $entries;
    }

    /** Conductors part along the wall, the outer ones in the lane next to it, and come to their flags squarely. */
    private static function slot(Entry $entry, int $i): Slot
    {
        $measures = Measures::table();
        $middle = (count($entry->ends) - 1) / 2;
        $offset = ($i - $middle) * $measures['pitch'];
        $most = max(1, ceil($middle));
        $lane = 7 + (1 - min(1, ceil(abs($i - $middle)) / $most)) * ($most > 1 ? 12 : 0);
        $inward = $entry->side->inward();
        $at = fn (float $deep, float $aside) => [
            $entry->mouth[0] + $inward[0] * $deep + abs($inward[1]) * $aside,
            $entry->mouth[1] + $inward[1] * $deep + abs($inward[0]) * $aside,
        ];
        $fan = $offset == 0 ? [$at(0, 0)] : [$at(0, 0), $at($lane, 0), $at($lane, $offset)];

        return new Slot(...$at($measures['band'], $offset), side: $entry->side, fan: $fan);
    }

    /**
     * @param  list<array<string, mixed>>  $devices
     * @param  array<string, list<mixed>>  $sides
     * @return list<PlacedDevice>
     */
    private static function devices(array $devices, Frame $frame, array $sides): array
    {
        $measures = Measures::table();
        $height = array_sum(array_column($devices, 'height')) + (count($devices) - 1) * $measures['deviceGap'];
        $from = $frame->top + self::depth($sides['top']);
        $to = $frame->bottom - self::depth($sides['bottom']) - $measures['connectorRow'];
        $y = max($from, $from + floor(($to - $from - $height) / 2 / $measures['lane']) * $measures['lane']);
        $placed = [];
        foreach ($devices as $device) {
            $placed[] = ['device' => $device, 'x' => ($frame->left + $frame->right) / 2 - $device['width'] / 2, 'y' => $y];
            $y += $device['height'] + $measures['deviceGap'];
        }

        return $placed;
    }

    /**
     * @param  list<PlacedDevice>  $devices
     * @param  array<string, Slot>  $slots
     * @return array<string, DrawnLanding>
     */
    private static function landings(?string $earth, array $devices, Frame $frame, array $slots): array
    {
        $landings = [];
        foreach ($devices as ['device' => $device, 'x' => $x, 'y' => $y]) {
            foreach ($device['landings'] as $look) {
                $at = [$x + $look['x'], $y + $look['y']];
                $landings[$look['id']] = new DrawnLanding($look['id'], ...$at, look: $look, approach: self::approach($at, $look, $device));
            }
        }
        if ($earth !== null) {
            [$x, $y] = self::earthSpot($devices, $frame, $slots);
            $landings[$earth] = new DrawnLanding($earth, $x, $y, null, [$x, $y - Measures::table()['toScrew']]);
        }

        return $landings;
    }

    /**
     * At the back of the box, low at the left, clear of the flags.
     *
     * @param  list<PlacedDevice>  $devices
     * @param  array<string, Slot>  $slots
     * @return array{float, float}
     */
    private static function earthSpot(array $devices, Frame $frame, array $slots): array
    {
        $measures = Measures::table();
        $left = min([$frame->left + ($frame->width) / 2, ...array_column($devices, 'x')]);
        $x = $frame->left + $measures['band'] + $measures['flag']['x'] + 4 * $measures['lane'];
        $hasLow = array_filter($slots, fn (Slot $slot) => $slot->side === BoxSide::Bottom) !== [];

        return [
            min($x, $left - 4 * $measures['lane']),
            $frame->bottom - ($hasLow ? $measures['flagsDeep'] + 4 * $measures['lane'] : 6 * $measures['lane']),
        ];
    }

    /**
     * Beside a screw; for the rest beyond the edge of the device that is nearer.
     *
     * @param  array{float, float}  $at
     * @param  array<string, mixed>  $look
     * @param  array<string, mixed>  $device
     * @return array{float, float}
     */
    private static function approach(array $at, array $look, array $device): array
    {
        $measures = Measures::table();
        if ($look['shape'] === 'screw' && ($look['x'] <= 0 || $look['x'] >= $device['width'])) {
            return [$at[0] + ($look['x'] < $device['width'] / 2 ? -$measures['toScrew'] : $measures['toScrew']), $at[1]];
        }
        $isUpper = $look['y'] <= $device['height'] / 2;

        $beyond = $isUpper ? -$measures['toHole'] : $device['height'] + $measures['toHole'];

        return [$at[0], $at[1] - $look['y'] + $beyond];
    }

    /**
     * @param  array<string, Slot>  $slots
     * @param  list<PlacedDevice>  $devices
     * @param  array<string, DrawnLanding>  $landings
     * @return list<Rect>
     */
    private static function solids(array $slots, array $devices, array $landings): array
    {
        $measures = Measures::table();

        return [
            ...array_map(fn (array $placed) => self::deviceGround($placed['device'], $placed['x'], $placed['y']), $devices),
            ...array_map(
                fn (Slot $slot) => Rect::around($slot->x, $slot->y, $measures['flag']['x'] + 4, $measures['flag']['y'] + 4),
                array_values($slots),
            ),
            ...array_map(fn (DrawnLanding $landing) => $landing->look === null
                ? new Rect($landing->x - $measures['earthWords'] / 2, $landing->y - 18, $measures['earthWords'], 74)
                : Rect::around($landing->x, $landing->y, 20, 18), array_values($landings)),
        ];
    }

    /** @param  array<string, mixed>  $device */
    private static function deviceGround(array $device, float $x, float $y): Rect
    {
        $ear = in_array($device['look'], Measures::table()['ears'], true) ? 26 : 0;
        [$across, $upright] = $device['turned'] % 180 === 0 ? [0, $ear] : [$ear, 0];

        return new Rect($x - $across, $y - $upright, $device['width'] + 2 * $across, $device['height'] + 2 * $upright);
    }
}
