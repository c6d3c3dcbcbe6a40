<?php

declare(strict_types=1);

namespace Zwindle\Check\Figures;

use Zwindle\Board\Cable;
use Zwindle\Board\Core;
use Zwindle\Board\DevicePoint;
use Zwindle\Board\Enclosure;
use Zwindle\Board\End;
use Zwindle\Catalogue\Cables\ConductorResistance;
use Zwindle\Catalogue\Cables\VoltDrop;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\LightingLoad;
use Zwindle\Catalogue\Practices\Practice;
use Zwindle\Circuit\Solve\Survey;
use Zwindle\Circuit\Solve\TruthTable;
use Zwindle\Circuit\Trace\CurrentPath;
use Zwindle\Circuit\Trace\Hop;
use Zwindle\Circuit\Trace\HopKind;
use Zwindle\Circuit\Trace\PathEnd;
use Zwindle\Circuit\Trace\PointGraph;

/**
 * The figures of a British lighting circuit as it is wired: readings to expect, volt drop, load.
 *
 * The drop at a lamp is the sum over the cores of its current's way, each with half of the table's figure, its length and
 * the current of every lamp that is fed through it; lamps are reckoned at 100 W. R1 is the line's way to the lamp with the
 * switches as they light it, R2 the earth's way from there to the supply, both cold.
 */
final readonly class BritishFigures
{
    private TruthTable $table;

    /** @throws NoFigures outside British practice */
    public function __construct(public Survey $survey)
    {
        if ($survey->circuit->wiring->board->practice->reckonsBoxFill) {
            throw NoFigures::outsideBritain();
        }
        $this->table = $survey->truthTable;
    }

    /** @return list<RunFigures> */
    public function runs(): array
    {
        return array_values(array_map(function (Cable $cable): RunFigures {
            $ohm = array_map(fn (Core $core) => self::ohmOf($cable, $core), $cable->cores);
            $earths = array_filter($cable->cores, fn (Core $core) => $core->colour->isEarths());
            $hasBoth = count($earths) === 1 && count($cable->cores) > 1;
            $line = array_values($ohm)[0] ?? null;
            $earth = $hasBoth ? $ohm[array_key_first($earths)] : null;

            return new RunFigures($cable->id, $cable->lengthM, $ohm, $line === null || $earth === null ? null : $line + $earth);
        }, $this->survey->circuit->wiring->board->cables));
    }

    /** @return list<LampFigures> */
    public function lamps(): array
    {
        return array_map($this->lamp(...), $this->survey->circuit->lamps);
    }

    /** Lampholders on the circuit. */
    public function lampholders(): int
    {
        return count($this->survey->circuit->wiring->board->devicesOf(DeviceKind::Lamp));
    }

    /** @return list<string> runs of which the board gives no length */
    public function runsWithoutLength(): array
    {
        return array_keys(array_filter($this->survey->circuit->wiring->board->cables, fn (Cable $cable) => $cable->lengthM === null));
    }

    private function lamp(string $lamp): LampFigures
    {
        $state = $this->brightestStateOf($lamp);
        $way = $state === null ? null : $this->wayOf($lamp, $state);
        if ($state === null || $way === null) {
            return new LampFigures($lamp, null, null, null);
        }
        $fed = [];
        foreach ($this->survey->circuit->lamps as $other) {
            foreach ($this->table->lampIn($other, $state)->isLit() ? self::cores($this->wayOf($other, $state) ?? []) : [] as $core) {
                $fed[$core] = ($fed[$core] ?? 0) + 1;
            }
        }
        $practice = $this->survey->circuit->wiring->board->practice;
        $drop = $this->sum(self::cores($way), function (Cable $cable, Core $core) use ($fed, $practice): float {
            $size = ConductorResistance::sizeOf($cable->type, $core->colour);

            return VoltDrop::voltPerAPerMOfOneCore($size) * LightingLoad::ampere($fed[$core->id()] ?? 0, $practice);
        });

        return new LampFigures($lamp, $state, $drop, $this->loopOhm($lamp, $state, $way));
    }

    /** The state in which the lamp is lit with as many others as can be; null where it is never fully lit. */
    private function brightestStateOf(string $lamp): ?int
    {
        $best = null;
        $most = 0;
        for ($state = 0; $state < $this->table->count(); $state++) {
            $lit = count(array_filter($this->table->lamps, fn (string $column) => $column[$state] === '1'));
            if ($this->table->lamps[$lamp][$state] === '1' && $lit > $most) {
                $best = $state;
                $most = $lit;
            }
        }

        return $best;
    }

    /** @return list<Hop>|null */
    private function wayOf(string $lamp, int $state): ?array
    {
        $path = CurrentPath::towards($this->survey->circuit, $lamp, $state);

        return $path->end === PathEnd::Returns ? $path->hops : null;
    }

    /** @param  list<Hop>  $way */
    private function loopOhm(string $lamp, int $state, array $way): ?float
    {
        $toLamp = [];
        foreach ($way as $hop) {
            if ($hop->kind === HopKind::Lamp) {
                break;
            }
            $toLamp[] = $hop;
        }
        $circuit = $this->survey->circuit;
        $device = $circuit->wiring->board->devices[$lamp];
        $graph = new PointGraph($circuit, $state);
        $earth = null;
        foreach ([
            DevicePoint::id($lamp, 'earth'),
            Enclosure::earthOf($device->enclosure),
            ...$this->earthsOfRosesIn($device->enclosure),
        ] as $point) {
            $earth ??= isset($circuit->wiring->points[$point])
                ? $graph->path($point, DevicePoint::id($circuit->wiring->board->supply()->id, 'earth'), [HopKind::Core, HopKind::Joint])
                : null;
        }
        if ($earth === null) {
            return null;
        }

        return $this->sum(
            [...self::cores($toLamp), ...self::cores($earth)],
            fn (Cable $cable, Core $core) => ConductorResistance::ohmPerM($cable->type, $core->colour),
        );
    }

    /** @return list<string> a pendant has no earth of its own: it is measured at the rose it hangs from */
    private function earthsOfRosesIn(string $enclosure): array
    {
        $board = $this->survey->circuit->wiring->board;
        $roses = array_filter($board->devicesIn($enclosure), fn ($device) => $device->is(DeviceKind::Rose));

        return array_values(array_map(fn ($device) => DevicePoint::id($device->id, 'earth'), $roses));
    }

    /**
     * @param  list<Hop>  $way
     * @return list<string> its cores, as `W1.brown`
     */
    private static function cores(array $way): array
    {
        $cores = array_filter($way, fn (Hop $hop) => $hop->kind === HopKind::Core);

        return array_values(array_map(fn (Hop $hop) => End::parse($hop->from)->ofCore(), $cores));
    }

    /**
     * @param  list<string>  $cores
     * @param  callable(Cable, Core): float  $perM
     * @return float|null null where a run has no length
     */
    private function sum(array $cores, callable $perM): ?float
    {
        $sum = 0.0;
        foreach ($cores as $id) {
            $core = $this->survey->circuit->wiring->board->coreNamed($id);
            $cable = $this->survey->circuit->wiring->board->cables[$core->cable];
            if ($cable->lengthM === null) {
                return null;
            }
            $sum += $cable->lengthM * $perM($cable, $core);
        }

        return $sum;
    }

    private static function ohmOf(Cable $cable, Core $core): ?float
    {
        return $cable->lengthM === null ? null : $cable->lengthM * ConductorResistance::ohmPerM($cable->type, $core->colour);
    }
}
