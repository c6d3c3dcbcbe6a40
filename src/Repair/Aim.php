<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use Zwindle\Board\Board;
use Zwindle\Board\Device;
use Zwindle\Board\Point;
use Zwindle\Catalogue\DeviceKind;
use Zwindle\Catalogue\SwitchFunction;
use Zwindle\Catalogue\TerminalDuty;
use Zwindle\Net\Nets;
use Zwindle\Plan\Arrangement;
use Zwindle\Plan\RunGraph;
use Zwindle\Plan\Strand;
use Zwindle\Wiring\Joint;
use Zwindle\Wiring\Wiring;

/**
 * The target nearest to a wiring among those of one arrangement: which core carries which strand, run by run, and which
 * of the terminals that are alike takes which, device by device.
 *
 * It begins with what the wiring's own nets say, and changes one run or one device at a time while that brings it nearer.
 */
final class Aim
{
    private const MOST_PASSES = 6;

    private const MOST_PAIRS = 1500;

    /** @var array<string, list<string>> enclosure → its points */
    private array $pointsIn = [];

    /** @var array<string, list<Joint>> */
    private array $jointsIn = [];

    /** @var array<string, string> terminal or lead → key of its strand */
    private array $terminals = [];

    /** @var array<string, string> core → key of its strand */
    private array $cores = [];

    /** @var array<int, array<string, int>> net of the wiring → strand → how much speaks for it */
    private array $speakers = [];

    /** @var array<string, int> core → its net in the wiring */
    private array $netOf = [];

    private function __construct(private readonly Wiring $wiring, private readonly Board $board, private readonly Arrangement $arrangement)
    {
        foreach ($wiring->points as $point) {
            $this->pointsIn[$point->enclosure][] = $point->id;
        }
        foreach ($wiring->joints as $joint) {
            $this->jointsIn[$joint->enclosure][] = $joint;
        }
        foreach ($arrangement->strands as $strand) {
            foreach ($strand->points as $point) {
                $this->terminals[$point] = $strand->key;
            }
        }
    }

    /**
     * @param  bool  $thorough  whether two changes at once are tried where one alone brings nothing
     * @return array{Target, int} the target, and the moves to it
     */
    public static function at(Wiring $wiring, Board $board, RunGraph $graph, Arrangement $arrangement, bool $thorough): array
    {
        $aim = new self($wiring, $board, $arrangement);
        $aim->blocksOfRoses();
        $aim->listen();
        $choices = $aim->choices($graph);
        foreach ($choices as $choice) {
            $aim->take($choice['ways'][0]);
        }
        $distance = $aim->distance();
        for ($pass = 0; $pass < self::MOST_PASSES && $distance > 0; $pass++) {
            $before = $distance;
            foreach ($choices as $choice) {
                $distance = $aim->nearest($choice, $distance);
            }
            if ($distance === $before && ! ($thorough && $distance > 1 && $aim->nearestPair($choices))) {
                break;
            }
            $distance = $aim->distance();
        }

        return [$aim->target(), $distance];
    }

    /** A rose's blocks are of no strand unless one stands there: they take what their lamp and the lines through them need. */
    private function blocksOfRoses(): void
    {
        foreach ($this->board->devicesOf(DeviceKind::Rose) as $rose) {
            $switched = array_filter($this->terminals, fn (string $key, string $point) => str_starts_with($key, 'switched') && $this->board->devices[explode('.', $point)[0]]->enclosure === $rose->enclosure, ARRAY_FILTER_USE_BOTH);
            foreach ($rose->model->terminals as $terminal) {
                $strand = match ($terminal->duty) {
                    TerminalDuty::Hot => 'line',
                    TerminalDuty::Neutral => 'neutral',
                    TerminalDuty::SwitchedBlock => array_values($switched)[0] ?? null,
                    default => null,
                };
                if ($strand !== null) {
                    $this->terminals["$rose->id.$terminal->name"] = $strand;
                }
            }
        }
    }

    /**
     * For each run its ways to spread the strands over the cores, for each device its ways to exchange terminals that are
     * alike; the one that the wiring's nets speak for first.
     *
     * @return list<array{boxes: list<string>, ways: non-empty-list<array{cores?: array<string, string|null>, terminals?: array<string, string>}>}>
     */
    private function choices(RunGraph $graph): array
    {
        $choices = [];
        foreach ($graph->runs as $i => $run) {
            $cores = array_keys($run->coreChoices()[0]);
            $keys = array_map(fn (Strand $strand) => $strand->key, $this->arrangement->through($i));
            $ways = array_map(fn (array $way) => ['cores' => $way], iterator_to_array(self::spreads($cores, $keys), false));
            $votes = array_map(fn (array $way) => $this->votesFor($way['cores']), $ways);
            array_multisort($votes, SORT_DESC, $ways);
            if ($ways !== []) {
                $choices[] = ['boxes' => [$run->from, $run->to], 'ways' => $ways];
            }
        }
        foreach ($this->board->devices as $device) {
            $ways = array_map(fn (array $way) => ['terminals' => $way], $this->alike($device));
            if (count($ways) > 1) {
                $choices[] = ['boxes' => [$device->enclosure], 'ways' => $ways];
            }
        }

        return $choices;
    }

    /**
     * @param  list<string>  $cores
     * @param  list<string>  $keys
     * @return iterable<array<string, string|null>> core → strand
     */
    private static function spreads(array $cores, array $keys): iterable
    {
        if ($keys === []) {
            yield array_fill_keys($cores, null);

            return;
        }
        $key = array_shift($keys);
        foreach ($cores as $i => $core) {
            $rest = $cores;
            unset($rest[$i]);
            foreach (self::spreads(array_values($rest), $keys) as $spread) {
                yield [$core => $key, ...$spread];
            }
        }
    }

    /**
     * How much the wiring's own nets speak for cores carrying these strands: the supply's terminals more than contacts of
     * switches, and these more than sides of lamps, which may be exchanged.
     *
     * @param  array<string, string|null>  $way
     */
    private function votesFor(array $way): int
    {
        $votes = 0;
        foreach ($way as $core => $key) {
            $votes += $key === null ? 0 : ($this->speakers[$this->netOf[$core]][$key] ?? 0);
        }

        return $votes;
    }

    /** What stands on each net of the wiring, by strand. */
    private function listen(): void
    {
        $nets = Nets::of($this->wiring);
        foreach ($this->terminals as $point => $key) {
            $kind = $this->board->devices[explode('.', $point)[0]]->model->kind;
            $weight = match ($kind) {
                DeviceKind::Supply => 4, DeviceKind::Switch => 2, default => 1,
            };
            $net = $nets->at($point);
            $this->speakers[$net][$key] = ($this->speakers[$net][$key] ?? 0) + $weight;
        }
        foreach ($this->board->cables as $cable) {
            foreach ($cable->cores as $core) {
                $this->netOf["$cable->id.$core->name"] = $nets->at($core->ends()[0]);
            }
        }
    }

    /**
     * The ways to exchange the terminals of a device that do the same work.
     *
     * @return list<array<string, string>> terminal → key of its strand
     */
    private function alike(Device $device): array
    {
        $own = array_filter($this->terminals, fn (string $point) => explode('.', $point)[0] === $device->id, ARRAY_FILTER_USE_KEY);
        $swaps = match (true) {
            $device->model->function === SwitchFunction::OnePole => [array_keys($own)],
            $device->model->function === SwitchFunction::ThreeWay => [$this->throwsOf($device)],
            $device->model->function === SwitchFunction::FourWay => [["$device->id.a1", "$device->id.a2"], ["$device->id.b1", "$device->id.b2"], ["$device->id.a1", "$device->id.b1", "$device->id.a2", "$device->id.b2"]],
            $device->is(DeviceKind::Lamp) && $device->model->withDuty(TerminalDuty::LampShell) === [] => [array_keys($own)],
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

    /** @return list<string> */
    private function throwsOf(Device $device): array
    {
        return array_map(fn ($terminal) => "$device->id.$terminal->name", $device->model->withDuty(TerminalDuty::Throw));
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

    /** @param  array{cores?: array<string, string|null>, terminals?: array<string, string>}  $way */
    private function take(array $way): void
    {
        foreach ($way['cores'] ?? [] as $core => $key) {
            if ($key === null) {
                unset($this->cores[$core]);
            } else {
                $this->cores[$core] = $key;
            }
        }
        foreach (array_keys($way['terminals'] ?? []) as $point) {
            foreach ($this->board->devices[explode('.', $point)[0]]->model->terminals as $terminal) {
                unset($this->terminals[explode('.', $point)[0].".$terminal->name"]);
            }
        }
        $this->terminals = [...$this->terminals, ...($way['terminals'] ?? [])];
    }

    /** @param  array{boxes: list<string>, ways: non-empty-list<array{cores?: array<string, string|null>, terminals?: array<string, string>}>}  $choice */
    private function nearest(array $choice, int $distance): int
    {
        [$cores, $terminals] = [$this->cores, $this->terminals];
        $best = [$cores, $terminals];
        $elsewhere = $distance - array_sum(array_map($this->movesIn(...), $choice['boxes']));
        foreach ($choice['ways'] as $way) {
            $this->take($way);
            $now = $elsewhere + array_sum(array_map($this->movesIn(...), $choice['boxes']));
            if ($now < $distance) {
                $distance = $now;
                $best = [$this->cores, $this->terminals];
            }
            [$this->cores, $this->terminals] = [$cores, $terminals];
        }
        [$this->cores, $this->terminals] = $best;

        return $distance;
    }

    /**
     * Two changes at once, where one alone brings nothing: a device and a cable that comes to it both the other way round.
     *
     * @param  list<array{boxes: list<string>, ways: non-empty-list<array{cores?: array<string, string|null>, terminals?: array<string, string>}>}>  $choices
     */
    private function nearestPair(array $choices): bool
    {
        $budget = self::MOST_PAIRS;
        [$cores, $terminals] = [$this->cores, $this->terminals];
        foreach ($choices as $i => $one) {
            foreach (array_slice($choices, $i + 1) as $other) {
                $boxes = array_values(array_unique([...$one['boxes'], ...$other['boxes']]));
                $isApart = count($boxes) === count($one['boxes']) + count($other['boxes']);
                if ($isApart || (isset($one['ways'][0]['cores']) && isset($other['ways'][0]['cores']))) {
                    continue;
                }
                if (($budget -= count($one['ways']) * count($other['ways'])) < 0) {
                    return false;
                }
                $before = array_sum(array_map($this->movesIn(...), $boxes));
                foreach ($one['ways'] as $first) {
                    foreach ($other['ways'] as $second) {
                        $this->take($first);
                        $this->take($second);
                        if (array_sum(array_map($this->movesIn(...), $boxes)) < $before) {
                            return true;
                        }
                        [$this->cores, $this->terminals] = [$cores, $terminals];
                    }
                }
            }
        }

        return false;
    }

    private function distance(): int
    {
        return array_sum(array_map($this->movesIn(...), array_keys($this->pointsIn)));
    }

    private function movesIn(string $enclosure): int
    {
        $strandOf = [];
        foreach ($this->pointsIn[$enclosure] as $id) {
            if ($this->matters($id)) {
                $strandOf[$id] = $this->strandAt($this->wiring->points[$id]);
            }
        }

        return BoxMatch::of($this->wiring, $this->pointsIn[$enclosure], $this->jointsIn[$enclosure] ?? [], $strandOf)->moves;
    }

    private function target(): Target
    {
        $strandOf = [];
        foreach ($this->wiring->points as $point) {
            if ($this->matters($point->id)) {
                $strandOf[$point->id] = $this->strandAt($point);
            }
        }

        return new Target($strandOf);
    }

    /** Where no earths are asked for, those joined with each other do not matter. */
    private function matters(string $id): bool
    {
        return $this->board->requirements->earths || ! self::isEarth($this->wiring->points[$id]) || ! $this->isAmongEarths($id);
    }

    private static function isEarth(Point $point): bool
    {
        return $point->isEarthing() || ($point->core?->colour->isEarths() ?? false);
    }

    private function isAmongEarths(string $id): bool
    {
        $others = $this->wiring->jointAt($id)->points ?? [];

        return array_filter($others, fn (string $other) => ! self::isEarth($this->wiring->points[$other])) === [];
    }

    private function strandAt(Point $point): ?string
    {
        return match (true) {
            self::isEarth($point) => $this->board->requirements->earths ? Target::EARTH : null,
            $point->core === null => $this->terminals[$point->id] ?? null,
            default => $this->cores["{$point->core->cable}.{$point->core->name}"] ?? null,
        };
    }
}
