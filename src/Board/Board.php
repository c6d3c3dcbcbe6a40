<?php

declare(strict_types=1);

namespace Zwindle\Board;

use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Catalogue\Practices\Practice;

/** What hangs on the wall. */
final readonly class Board
{
    public const MOST_SWITCHES = 16;

    public const MOST_CABLES = 200;

    /** @var array<string, Cable> */
    public array $cables;

    /** @var array<string, Point> by id, with the parts that the board names */
    private array $ownPoints;

    /**
     * @param  array<string, Enclosure>  $enclosures
     * @param  array<string, Device>  $devices
     * @param  array<string, Cable>  $cables
     * @param  list<Control>  $controls
     * @param  list<string>  $alwaysOn
     */
    private function __construct(
        public string $title,
        public Practice $practice,
        public CodeEdition $edition,
        public array $enclosures,
        public array $devices,
        array $cables,
        public array $controls,
        public array $alwaysOn,
        public Requirements $requirements,
        public ?Wall $wall,
    ) {
        $this->cables = array_map(fn (Cable $cable) => $cable->goingOnTo($this->beyondOf($cable)), $cables);
        $this->ownPoints = $this->pointsWith([]);
    }

    /**
     * @param  array<string, Enclosure>  $enclosures
     * @param  array<string, Device>  $devices
     * @param  array<string, Cable>  $cables
     * @param  list<Control>  $controls
     * @param  list<string>  $alwaysOn  ids of devices that stay live whatever the switches do
     *
     * @throws ImpossibleBoard if anything hangs, runs or is asked for where nothing is
     */
    public static function of(
        string $title,
        Practice $practice,
        CodeEdition $edition,
        array $enclosures,
        array $devices,
        array $cables,
        array $controls,
        array $alwaysOn,
        Requirements $requirements,
        ?Wall $wall = null,
    ): self {
        $board = new self($title, $practice, $edition, $enclosures, $devices, $cables, $controls, $alwaysOn, $requirements, $wall);
        $board->mustHoldTogether();

        return $board;
    }

    /** @return array<string, Enclosure> what can be opened: all but places beyond the board */
    public function boxes(): array
    {
        return array_filter($this->enclosures, fn (Enclosure $enclosure) => $enclosure->kind !== EnclosureKind::Onward);
    }

    /** @return list<Cable> those that go on to a place beyond the board */
    public function onwardCables(): array
    {
        return array_values(array_filter($this->cables, fn (Cable $cable) => $cable->beyond !== null));
    }

    private function beyondOf(Cable $cable): ?string
    {
        foreach ([$cable->from, $cable->to] as $end) {
            if (($this->enclosures[$end] ?? null)?->kind === EnclosureKind::Onward) {
                return $end;
            }
        }

        return null;
    }

    public function supply(): Device
    {
        return $this->devicesOf(DeviceKind::Supply)[0];
    }

    /** @return list<Device> in the board's order */
    public function devicesOf(DeviceKind $kind): array
    {
        return array_values(array_filter($this->devices, fn (Device $device) => $device->is($kind)));
    }

    /** @return list<Device> */
    public function devicesIn(string $enclosure): array
    {
        return array_values(array_filter($this->devices, fn (Device $device) => $device->enclosure === $enclosure));
    }

    /** @return list<Cable> */
    public function cablesIn(string $enclosure): array
    {
        return array_values(array_filter($this->cables, fn (Cable $cable) => $cable->touches($enclosure)));
    }

    /** @param  string  $core  `W2.white` */
    public function coreNamed(string $core): Core
    {
        [$cable, $name] = End::partsOf($core);

        return $this->cables[$cable]->cores[$name];
    }

    /** @param  array<string, CableType>  $types  cable → its type: the cables chosen for runs that were undecided */
    public function withCables(array $types): self
    {
        $cables = array_map(
            fn (Cable $cable) => isset($types[$cable->id])
                ? new Cable($cable->id, $types[$cable->id], $cable->from, $cable->to, $cable->colour, $cable->lengthM)
                : $cable,
            $this->cables,
        );

        return $this->having($this->devices, $cables, $this->requirements);
    }

    /** @param  array<string, Device>  $devices */
    public function withDevices(array $devices): self
    {
        return $this->having($devices, $this->cables, $this->requirements);
    }

    /** @param  array<string, Cable>  $cables  in the order in which they are listed */
    public function withAllCables(array $cables): self
    {
        return $this->having($this->devices, $cables, $this->requirements);
    }

    /** @param  array<string, Cable>  $runs  cable → the run in its place */
    public function withRuns(array $runs): self
    {
        return $this->having(
            $this->devices,
            array_map(fn (Cable $cable) => $runs[$cable->id] ?? $cable, $this->cables),
            $this->requirements,
        );
    }

    /** @param  array<string, float|null>  $lengthsM  cable → its length; null leaves it as it is */
    public function withLengths(array $lengthsM): self
    {
        $cables = array_map(
            fn (Cable $cable) => new Cable(
                $cable->id,
                $cable->type,
                $cable->from,
                $cable->to,
                $cable->colour,
                $lengthsM[$cable->id] ?? $cable->lengthM,
            ),
            $this->cables,
        );

        return $this->having($this->devices, $cables, $this->requirements);
    }

    /**
     * The same board with other parts and another say about what is asked.
     *
     * @param  array<string, DeviceModel>  $models  device id → the part in its place
     */
    public function with(array $models, Requirements $requirements): self
    {
        $devices = array_map(
            fn (Device $device) => isset($models[$device->id]) ? $device->fitted($models[$device->id]) : $device,
            $this->devices,
        );

        return $this->having($devices, $this->cables, $requirements);
    }

    /** @param  list<Cable>  $more  run beside those of the board, or drawn into its conduits */
    public function withCablesBeside(array $more): self
    {
        $cables = $this->cables + array_column($more, null, 'id');

        return $this->having($this->devices, $cables, $this->requirements);
    }

    /** @return list<string> ids of runs whose cable is still to be chosen */
    public function undecidedCables(): array
    {
        return array_keys(array_filter($this->cables, fn (Cable $cable) => $cable->type->isUndecided()));
    }

    /**
     * How many conductors go under a terminal or the earthing screw of a box.
     *
     * @param  array<string, DeviceModel>  $fitted  device id → the part in its place
     * @return int|null null where there is no limit
     */
    public function roomAt(string $point, array $fitted = []): ?int
    {
        $at = $this->points($fitted)[$point];
        if ($at->kind === PointKind::EnclosureEarth) {
            return $this->practice->conductorsToABoxScrew;
        }

        return $at->terminal?->takes;
    }

    /** The end of an onward core beyond the board: no point of the board, but a place that can be spoken of. */
    public function beyond(string $id): ?Point
    {
        foreach ($this->onwardCables() as $cable) {
            foreach ($cable->cores as $core) {
                if ($core->endBeyond() === $id) {
                    return Point::end($core, (string) $cable->beyond);
                }
            }
        }

        return null;
    }

    /**
     * Every point of the board, with other parts fitted than the board names.
     *
     * @param  array<string, DeviceModel>  $fitted  device id → the part in its place
     * @return array<string, Point> by id; enclosure by enclosure: its earth, its devices, its cables
     */
    public function points(array $fitted = []): array
    {
        return $fitted === [] ? $this->ownPoints : $this->pointsWith($fitted);
    }

    /**
     * @param  array<string, Device>  $devices
     * @param  array<string, Cable>  $cables
     */
    private function having(array $devices, array $cables, Requirements $requirements): self
    {
        return new self(
            $this->title,
            $this->practice,
            $this->edition,
            $this->enclosures,
            $devices,
            $cables,
            $this->controls,
            $this->alwaysOn,
            $requirements,
            $this->wall,
        );
    }

    private function mustHoldTogether(): void
    {
        $this->devicesOf(DeviceKind::Supply) !== [] || throw ImpossibleBoard::withoutSupply();
        foreach ($this->devices as $device) {
            isset($this->enclosures[$device->enclosure]) || throw ImpossibleBoard::hangsNowhere($device->id, $device->enclosure);
        }
        foreach ($this->cables as $cable) {
            isset($this->enclosures[$cable->from], $this->enclosures[$cable->to]) || throw ImpossibleBoard::runsNowhere($cable->id);
        }
        $asked = array_map(fn (Control $control) => [...$control->lamps, ...$control->switches], $this->controls);
        foreach (array_merge($this->alwaysOn, ...$asked) as $device) {
            isset($this->devices[$device]) || throw ImpossibleBoard::unknownPart($device);
        }
    }

    /**
     * @param  array<string, DeviceModel>  $fitted
     * @return array<string, Point>
     */
    private function pointsWith(array $fitted): array
    {
        $points = [];
        foreach ($this->enclosures as $enclosure) {
            if ($enclosure->kind === EnclosureKind::Onward) {
                continue;
            }
            if ($enclosure->isMetal) {
                $points[] = Point::enclosureEarth($enclosure);
            }
            foreach ($this->devicesIn($enclosure->id) as $device) {
                foreach (($fitted[$device->id] ?? $device->model)->terminals as $terminal) {
                    $points[] = Point::terminal($device, $terminal);
                }
            }
            foreach ($this->cablesIn($enclosure->id) as $cable) {
                foreach ($cable->cores as $core) {
                    $points[] = Point::end($core, $enclosure->id);
                }
            }
        }

        return array_column($points, null, 'id');
    }
}
