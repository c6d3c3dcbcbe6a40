<?php

declare(strict_types=1);

namespace Zwindle\Repair\Nearest;

use Zwindle\Board\Board;
use Zwindle\Board\Device;
use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\SwitchFunction;
use Zwindle\Catalogue\Devices\Terminal;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Plan\Search\Arrangement;

/** Which terminal of a device takes which strand of an arrangement: every way that does the same work. */
final class DeviceWays
{
    /** @var array<string, string> terminal or lead → key of its strand */
    private array $terminals = [];

    /** @param  list<string>  $turned  pendants and roses that may be the wrong way round: those that are so already */
    private function __construct(private readonly Board $board, Arrangement $arrangement, private readonly array $turned)
    {
        foreach ($arrangement->strands as $strand) {
            foreach ($strand->points as $point) {
                $this->terminals[$point] = $strand->key;
            }
        }
    }

    /**
     * @param  list<string>  $turned  pendants and roses that may be the wrong way round
     * @return array<string, non-empty-list<array<string, string|null>>> device → ways: each of its terminals → key of its strand
     */
    public static function of(Board $board, Arrangement $arrangement, array $turned): array
    {
        $ways = new self($board, $arrangement, $turned);

        return array_map($ways->ways(...), $board->devices);
    }

    /** @return non-empty-list<array<string, string|null>> */
    private function ways(Device $device): array
    {
        $none = [];
        foreach ($device->model->terminals as $terminal) {
            if (! $terminal->isEarth()) {
                $none[DevicePoint::id($device->id, $terminal->name)] = null;
            }
        }
        $own = array_intersect_key($this->terminals, $none);
        $ways = match (true) {
            $device->is(DeviceKind::Switch) && count($own) === 2 => self::oneContact($device, array_values($own)),
            ! $device->is(DeviceKind::Rose) => $this->alike($device, $own),
            default => self::blocks($this->strandsOfRose($device), array_keys($own)),
        };

        return array_map(fn (array $way) => [...$none, ...$way], $ways);
    }

    /**
     * What may be in each block of a rose: permanent line, switched line, neutral, as they are printed.
     *
     * @return array<string, list<string>> block → keys of strands
     */
    private function strandsOfRose(Device $rose): array
    {
        $here = array_filter(
            $this->terminals,
            fn (string $point) => $this->board->devices[DevicePoint::deviceOf($point)]->enclosure === $rose->enclosure,
            ARRAY_FILTER_USE_KEY,
        );
        $switched = array_values(array_unique(array_filter($here, fn (string $key) => str_starts_with($key, 'switched'))));
        $isTurned = in_array($rose->id, $this->turned, true);
        $blocks = [];
        foreach ($rose->model->terminals as $block) {
            $keys = match ($block->duty) {
                TerminalDuty::Hot => ['line', ...($isTurned ? $switched : [])],
                TerminalDuty::SwitchedBlock => [...$switched, ...($isTurned ? ['line'] : [])],
                TerminalDuty::Neutral => ['neutral'],
                default => null,
            };
            $blocks += $keys === null ? [] : [DevicePoint::id($rose->id, $block->name) => $keys];
        }

        return $blocks;
    }

    /**
     * Every way to use a rose's blocks; any may be left free that nothing asks to be live.
     *
     * @param  array<string, list<string>>  $blocks
     * @param  list<string>  $asked  blocks that must not be free
     * @return non-empty-list<array<string, string>>
     */
    private static function blocks(array $blocks, array $asked): array
    {
        $ways = [[]];
        foreach ($blocks as $block => $keys) {
            $more = [];
            foreach ($ways as $way) {
                foreach (array_diff($keys, $way) as $key) {
                    $more[] = [...$way, $block => $key];
                }
            }
            $ways = in_array($block, $asked, true) ? $more : [...$more, ...$ways];
        }

        return $ways === [] ? [[]] : $ways;
    }

    /**
     * A switch that only makes and breaks: any contact that is closed in one position does, either way round.
     *
     * @param  list<string>  $keys
     * @return non-empty-list<array<string, string>>
     */
    private static function oneContact(Device $switch, array $keys): array
    {
        $ways = [];
        foreach ([...$switch->model->closedDown, ...$switch->model->closedUp] as [$one, $other]) {
            $ways[] = [DevicePoint::id($switch->id, $one) => $keys[0], DevicePoint::id($switch->id, $other) => $keys[1]];
            $ways[] = [DevicePoint::id($switch->id, $one) => $keys[1], DevicePoint::id($switch->id, $other) => $keys[0]];
        }

        return $ways === [] ? [[]] : $ways;
    }

    /**
     * @param  array<string, string>  $own
     * @return non-empty-list<array<string, string>>
     */
    private function alike(Device $device, array $own): array
    {
        $swaps = match (true) {
            $device->model->function === SwitchFunction::ThreeWay => [array_map(
                fn (Terminal $terminal) => DevicePoint::id($device->id, $terminal->name),
                $device->model->withDuty(TerminalDuty::Throw),
            )],
            $device->model->function === SwitchFunction::FourWay => [
                [DevicePoint::id($device->id, 'a1'), DevicePoint::id($device->id, 'a2')],
                [DevicePoint::id($device->id, 'b1'), DevicePoint::id($device->id, 'b2')],
                [
                    DevicePoint::id($device->id, 'a1'),
                    DevicePoint::id($device->id, 'b1'),
                    DevicePoint::id($device->id, 'a2'),
                    DevicePoint::id($device->id, 'b2'),
                ],
            ],
            $device->is(DeviceKind::Lamp) && $this->mayTurn($device) => [array_keys($own)],
            default => [],
        };
        $ways = [$own];
        foreach ($swaps as $swap) {
            foreach (count($swap) < 2 ? [] : $ways as $way) {
                $ways[] = self::swapped($way, $swap);
            }
        }

        return array_values(array_unique($ways, SORT_REGULAR));
    }

    /** A holder that stands either way round; the leads of a luminaire and a screw shell never do. */
    private function mayTurn(Device $lamp): bool
    {
        $sides = $lamp->model->lampSides();
        $isMarked = array_filter(
            $sides,
            fn (Terminal $side) => $side->duty === TerminalDuty::LampShell || ($side->isForNeutral && ! $side->isFlex),
        ) !== [];
        $isFlex = array_filter($sides, fn (Terminal $side) => $side->isFlex) !== [];

        return ! $isMarked && (! $isFlex || in_array($lamp->id, $this->turned, true));
    }

    /**
     * @param  array<string, string>  $way
     * @param  list<string>  $swap  two terminals, or two pairs of them, one after the other
     * @return array<string, string>
     */
    private static function swapped(array $way, array $swap): array
    {
        for ($i = 0; $i + 1 < count($swap); $i += 2) {
            [$one, $other] = [$way[$swap[$i]] ?? null, $way[$swap[$i + 1]] ?? null];
            unset($way[$swap[$i]], $way[$swap[$i + 1]]);
            $way += array_filter([$swap[$i] => $other, $swap[$i + 1] => $one], fn (?string $key) => $key !== null);
        }
        ksort($way);

        return $way;
    }
}
