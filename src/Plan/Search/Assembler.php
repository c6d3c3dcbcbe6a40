<?php

declare(strict_types=1);

namespace Zwindle\Plan\Search;

use Zwindle\Board\Board;
use Zwindle\Board\DevicePoint;
use Zwindle\Board\Point;
use Zwindle\Board\PointKind;
use Zwindle\Board\Wiring\JoinedBy;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Catalogue\Practices\Colour;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Circuit\Scheme\Role;

/** Strands on cores → a wiring: every joint with what holds it, every mark, every cap. */
final class Assembler
{
    /** Sizes that British connectors come in (common practice); beyond them a strip is cut to length. */
    private const LEVER_PORTS = [2, 3, 5];

    /** @var array<string, Point> */
    private array $points;

    /** @var list<Joint> */
    private array $joints = [];

    /** @var array<string, true> */
    private array $used = [];

    /** @param  array<string, string>  $cores  core → key of its strand */
    private function __construct(private readonly Board $board, private readonly array $cores)
    {
        $this->points = $board->points();
    }

    /**
     * @param  list<Strand>  $strands
     * @param  array<string, string>  $cores  core → key of its strand
     */
    public static function assemble(Board $board, array $strands, array $cores): Wiring
    {
        $assembler = new self($board, $cores);
        foreach (array_keys($board->boxes()) as $enclosure) {
            $assembler->earths((string) $enclosure);
            foreach ($strands as $strand) {
                $assembler->strand((string) $enclosure, $strand);
            }
        }

        return Wiring::of($board, $assembler->joints, $assembler->caps(), $assembler->marks($strands));
    }

    private function strand(string $enclosure, Strand $strand): void
    {
        $own = array_filter($strand->points, fn (string $point) => $this->points[$point]->enclosure === $enclosure);
        $ends = [];
        foreach ($this->board->cablesIn($enclosure) as $cable) {
            foreach ($cable->cores as $core) {
                if (($this->cores[$core->id()] ?? null) === $strand->key) {
                    $ends[] = $core->endIn($enclosure);
                }
            }
        }
        $block = $own === [] && $ends === [] ? [] : $this->roseBlocks($enclosure, $strand);
        $this->join($enclosure, array_values(array_unique([...$own, ...$block, ...$ends])));
    }

    /**
     * In a rose, permanent line, neutral and the switched line of the lamp that hangs there have a block each.
     *
     * @return list<string>
     */
    private function roseBlocks(string $enclosure, Strand $strand): array
    {
        $hasLampHere = array_filter(
            $strand->points,
            fn (string $point) => $this->points[$point]->enclosure === $enclosure
                && $this->points[$point]->terminal?->duty === TerminalDuty::LampSide,
        ) !== [];
        $duty = match (true) {
            $strand->role === Role::Line => TerminalDuty::Hot,
            $strand->role === Role::Neutral => TerminalDuty::Neutral,
            $strand->role === Role::SwitchedLine && $hasLampHere => TerminalDuty::SwitchedBlock,
            default => null,
        };
        if ($duty === null) {
            return [];
        }
        $blocks = [];
        foreach ($this->board->devicesIn($enclosure) as $device) {
            foreach ($device->is(DeviceKind::Rose) ? $device->model->withDuty($duty) : [] as $terminal) {
                $blocks[] = DevicePoint::id($device->id, $terminal->name);
            }
        }

        return $blocks;
    }

    private function earths(string $enclosure): void
    {
        $here = array_filter($this->points, fn (Point $point) => $point->enclosure === $enclosure);
        $earths = array_filter($here, fn (Point $point) => $point->isEarthing() || ($point->core?->colour->isEarths() ?? false));
        if ($this->board->requirements->earths) {
            $this->join($enclosure, array_keys($earths));
        }
    }

    /** @param  list<string>  $points */
    private function join(string $enclosure, array $points): void
    {
        if (count($points) < 2) {
            return;
        }
        $fixed = array_values(array_filter($points, fn (string $point) => $this->points[$point]->isFixed()));
        $by = count($fixed) === 1 && $this->hasRoom($this->points[$fixed[0]], count($points) - 1)
            ? JoinedBy::Terminal
            : $this->connector(count($points));
        $ports = match ($by) {
            JoinedBy::Terminal => null,
            JoinedBy::Lever => min(array_filter(self::LEVER_PORTS, fn (int $size) => $size >= count($points)) ?: [count($points)]),
            default => count($points),
        };
        $this->joints[] = new Joint($enclosure, $points, $by, $ports);
        $this->used += array_fill_keys($points, true);
    }

    private function hasRoom(Point $fixed, int $conductors): bool
    {
        $room = $this->board->roomAt($fixed->id);

        return $room === null || $conductors <= $room;
    }

    private function connector(int $conductors): JoinedBy
    {
        return JoinedBy::from($this->board->practice->connectorFor($conductors));
    }

    /** @return list<string> every end and lead that is in no joint */
    private function caps(): array
    {
        $free = array_filter($this->points, fn (Point $point) => ! $point->isFixed() && ! isset($this->used[$point->id]));

        return array_keys($free);
    }

    /**
     * @param  list<Strand>  $strands
     * @return array<string, MarkedAs>
     */
    private function marks(array $strands): array
    {
        $practice = $this->board->practice;
        $roles = [];
        foreach ($strands as $strand) {
            $roles[$strand->key] = $strand->role;
        }
        $marks = [];
        foreach ($this->points as $point) {
            if ($point->kind !== PointKind::ConductorEnd || $point->core === null) {
                continue;
            }
            $core = $point->core;
            $role = $roles[$this->cores[$core->id()] ?? ''] ?? null;
            $colours = $this->board->cables[$core->cable]->type->colours ?? $practice->newColours();
            if ($role?->isOnLineSide() && $colours->needsMarkAsLine($core->colour)) {
                $marks[$point->id] = MarkedAs::Line;
            }
            if ($role === Role::Neutral && ! $colours->isNeutrals($core->colour)) {
                $marks[$point->id] = MarkedAs::Neutral;
            }
            if ($practice->sleevesBareEarths && $core->colour === Colour::Bare && isset($this->used[$point->id])) {
                $marks[$point->id] = MarkedAs::Earth;
            }
        }

        return $marks;
    }
}
