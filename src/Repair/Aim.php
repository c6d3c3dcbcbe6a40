<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use Zwindle\Board\Board;
use Zwindle\Board\Device;
use Zwindle\Catalogue\DeviceKind;
use Zwindle\Catalogue\SwitchFunction;
use Zwindle\Catalogue\TerminalDuty;
use Zwindle\Net\Nets;
use Zwindle\Plan\Arrangement;
use Zwindle\Plan\RunGraph;
use Zwindle\Plan\Strand;

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

    /** @var array<string, string> terminal or lead → key of its strand */
    private array $terminals = [];

    /** @var array<string, string> core → key of its strand */
    private array $cores = [];

    /** @var array<int, array<string, int>> net of the wiring → strand → how much speaks for it */
    private array $speakers = [];

    /** @var array<string, int> core → its net in the wiring */
    private array $netOf = [];

    private function __construct(private readonly Standing $standing, private readonly Board $board, private readonly Arrangement $arrangement)
    {
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
    public static function at(Standing $standing, Board $board, RunGraph $graph, Arrangement $arrangement, bool $thorough): array
    {
        $aim = new self($standing, $board, $arrangement);
        $aim->blocksOfRoses();
        $aim->listen();
        $choices = $aim->choices($graph);
        foreach ($choices as $choice) {
            $aim->take($choice, 0);
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
     * @return list<Choice>
     */
    private function choices(RunGraph $graph): array
    {
        $choices = [];
        foreach ($graph->runs as $i => $run) {
            $cores = $run->coreChoices()[0];
            $keys = array_map(fn (Strand $strand) => $strand->key, $this->arrangement->through($i));
            $ways = iterator_to_array(self::spreads(array_keys($cores), $keys), false);
            $votes = array_map($this->votesFor(...), $ways);
            array_multisort($votes, SORT_DESC, $ways);
            if ($ways !== []) {
                $choices[] = Choice::ofRun($run, $cores, $ways);
            }
        }
        foreach ($this->board->devices as $device) {
            $ways = $this->alike($device);
            if (count($ways) > 1) {
                $choices[] = Choice::ofDevice($device, $ways);
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
        $nets = Nets::of($this->standing->wiring);
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

    private function take(Choice $choice, int $way): void
    {
        if ($choice->isOfRun) {
            $this->cores = array_filter([...$this->cores, ...$choice->ways[$way]], is_string(...));
        } else {
            $this->terminals = array_filter([...$this->terminals, ...$choice->ways[$way]], is_string(...));
        }
    }

    private function nearest(Choice $choice, int $distance): int
    {
        $now = array_map($this->strandsIn(...), array_combine($choice->boxes, $choice->boxes));
        $before = $best = $this->movesInAll($now);
        $chosen = null;
        foreach ($choice->landings as $way => $landings) {
            $moves = 0;
            foreach ($now as $box => $strandOf) {
                $moves += $this->standing->movesIn($box, [...$strandOf, ...$landings[$box]]);
            }
            if ($moves < $best) {
                [$best, $chosen] = [$moves, $way];
            }
        }
        if ($chosen !== null) {
            $this->take($choice, $chosen);
        }

        return $distance + $best - $before;
    }

    /**
     * Two changes at once, where one alone brings nothing: a device and a cable that comes to it both the other way round.
     *
     * @param  list<Choice>  $choices
     */
    private function nearestPair(array $choices): bool
    {
        $budget = self::MOST_PAIRS;
        foreach ($choices as $device) {
            foreach ($choices as $run) {
                $box = $device->boxes[0];
                if ($device->isOfRun || ! $run->isOfRun || ! in_array($box, $run->boxes, true)) {
                    continue;
                }
                if (($budget -= count($device->ways) * count($run->ways)) < 0) {
                    return false;
                }
                if ($this->takePair($device, $run, $box)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function takePair(Choice $device, Choice $run, string $box): bool
    {
        $far = $run->boxes[$run->boxes[0] === $box ? 1 : 0];
        [$here, $there] = [$this->strandsIn($box), $this->strandsIn($far)];
        $before = $this->movesInAll([$box => $here, $far => $there]);
        foreach ($run->landings as $second => $ofRun) {
            $left = $before - $this->standing->movesIn($far, [...$there, ...$ofRun[$far]]);
            foreach ($left > 0 ? $device->landings : [] as $first => $ofDevice) {
                if ($this->standing->movesIn($box, [...$here, ...$ofRun[$box], ...$ofDevice[$box]]) < $left) {
                    $this->take($device, $first);
                    $this->take($run, $second);

                    return true;
                }
            }
        }

        return false;
    }

    /** @param  array<string, array<string, string|null>>  $strandsOf  enclosure → its points with their strands */
    private function movesInAll(array $strandsOf): int
    {
        return array_sum(array_map($this->standing->movesIn(...), array_keys($strandsOf), $strandsOf));
    }

    private function distance(): int
    {
        return array_sum(array_map($this->movesIn(...), array_keys($this->standing->pointsIn)));
    }

    private function movesIn(string $enclosure): int
    {
        return $this->standing->movesIn($enclosure, $this->strandsIn($enclosure));
    }

    /** @return array<string, string|null> point that matters → key of its strand */
    private function strandsIn(string $enclosure): array
    {
        $strandOf = [];
        foreach ($this->standing->pointsIn[$enclosure] ?? [] as $point) {
            $strandOf[$point->id] = match (true) {
                Standing::isEarth($point) => $this->board->requirements->earths ? Target::EARTH : null,
                $point->core === null => $this->terminals[$point->id] ?? null,
                default => $this->cores["{$point->core->cable}.{$point->core->name}"] ?? null,
            };
        }

        return $strandOf;
    }

    private function target(): Target
    {
        return new Target(array_merge(...array_map($this->strandsIn(...), array_keys($this->standing->pointsIn))));
    }
}
