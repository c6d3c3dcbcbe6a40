<?php

declare(strict_types=1);

namespace Zwindle\Schematic;

use Zwindle\Board\Device;
use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Circuit\Net\Circuit;

/**
 * Puts the devices in columns by how far they are from the line, counted in devices, and every pin on the side from
 * which its net comes. Neutral and earth of the supply stand at the far right, and nothing is reached through them.
 */
final class Columns
{
    /** @var array<int, int> net → the column after which it begins */
    private array $levels;

    /** @var array<string, int> device → column */
    private array $columns = [];

    private function __construct(private readonly Circuit $circuit)
    {
        $this->levels = [$circuit->lineNet => 0];
    }

    /** @return list<Symbol> column by column, devices in the board's order */
    public static function of(Circuit $circuit): array
    {
        $columns = new self($circuit);
        $devices = $columns->devices();
        $columns->spread($devices);
        foreach ($devices as $device) {
            if (! isset($columns->columns[$device->id])) {
                $columns->begin($device);
                $columns->spread($devices);
            }
        }
        $symbols = array_map($columns->symbol(...), $devices);
        $last = max([0, ...$columns->columns]) + 1;
        $all = [...$columns->supply($last, $symbols), ...$symbols];
        usort($all, fn (Symbol $one, Symbol $other) => $one->column <=> $other->column);

        return $all;
    }

    /** @return list<Device> those through which current can pass */
    private function devices(): array
    {
        $board = $this->circuit->wiring->board;

        return [
            ...$board->devicesOf(DeviceKind::Switch),
            ...$board->devicesOf(DeviceKind::Receptacle),
            ...$board->devicesOf(DeviceKind::Lamp),
        ];
    }

    /** @param  list<Device>  $devices */
    private function spread(array $devices): void
    {
        for ($column = 1; $column <= count($devices) + 1; $column++) {
            foreach ($devices as $device) {
                $nets = $this->pinsOf($device);
                $isNext = array_filter(
                    $nets,
                    fn (int $net) => ($this->levels[$net] ?? null) === $column - 1 && ! $this->isReturn($net),
                ) !== [];
                if (! isset($this->columns[$device->id]) && $isNext) {
                    $this->columns[$device->id] = $column;
                    foreach ($nets as $net) {
                        $this->levels[$net] ??= $column;
                    }
                }
            }
        }
    }

    /** A device that nothing ties to the line begins a row of its own at its first pin. */
    private function begin(Device $device): void
    {
        foreach (array_values($this->pinsOf($device)) as $i => $net) {
            $this->levels[$net] ??= $i === 0 ? 0 : 1;
        }
        $this->columns[$device->id] = 1;
    }

    private function symbol(Device $device): Symbol
    {
        $column = $this->columns[$device->id];
        $left = $right = [];
        foreach ($this->pinsOf($device) as $point => $net) {
            $comesFromLeft = ! $this->isReturn($net) && ($this->levels[$net] ?? $column) < $column;
            $comesFromLeft ? $left[$point] = $net : $right[$point] = $net;
        }
        $kind = match ($device->model->kind) {
            DeviceKind::Switch => SymbolKind::Switch,
            DeviceKind::Receptacle => SymbolKind::Receptacle,
            default => SymbolKind::Lamp,
        };

        return new Symbol($device->id, $kind, $column, $left, $right);
    }

    /**
     * @param  list<Symbol>  $symbols
     * @return list<Symbol> line at the far left; neutral, and earth where current may take it, at the far right
     */
    private function supply(int $last, array $symbols): array
    {
        $id = $this->circuit->wiring->board->supply()->id;
        $used = array_merge(...array_map(fn (Symbol $symbol) => [
            ...array_values($symbol->left),
            ...array_values($symbol->right),
        ], $symbols), ...[[]]);
        $supply = [
            new Symbol(DevicePoint::id($id, 'line'), SymbolKind::Line, 0, [], [DevicePoint::id($id, 'line') => $this->circuit->lineNet]),
            new Symbol(DevicePoint::id($id, 'neutral'), SymbolKind::Neutral, $last, [
                DevicePoint::id($id, 'neutral') => $this->circuit->neutralNet,
            ], []),
        ];
        if (in_array($this->circuit->earthNet, [...$used, $this->circuit->lineNet, $this->circuit->neutralNet], true)) {
            $supply[] = new Symbol(DevicePoint::id($id, 'earth'), SymbolKind::Earth, $last, [
                DevicePoint::id($id, 'earth') => $this->circuit->earthNet,
            ], []);
        }

        return $supply;
    }

    /** @return array<string, int> point → net of the pins that are there for current */
    private function pinsOf(Device $device): array
    {
        $pins = [];
        foreach (self::terminals($this->circuit->wiring->modelOf($device)) as $terminal) {
            $point = DevicePoint::id($device->id, $terminal->name);
            $pins[$point] = $this->circuit->nets->at($point);
        }

        return $pins;
    }

    /** @return list<\Zwindle\Catalogue\Devices\Terminal> */
    private static function terminals(DeviceModel $model): array
    {
        return match ($model->kind) {
            DeviceKind::Switch => $model->contacts(),
            DeviceKind::Lamp => $model->lampSides(),
            default => $model->withDuty(TerminalDuty::Hot, TerminalDuty::Neutral),
        };
    }

    private function isReturn(int $net): bool
    {
        return $net !== $this->circuit->lineNet && ($net === $this->circuit->neutralNet || $net === $this->circuit->earthNet);
    }
}
