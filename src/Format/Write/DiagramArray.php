<?php

declare(strict_types=1);

namespace Zwindle\Format\Write;

use Zwindle\Bench\PlaceMap;
use Zwindle\Board\Board;
use Zwindle\Board\DevicePoint;
use Zwindle\Schematic\Diagram;
use Zwindle\Schematic\Symbol;
use Zwindle\Schematic\SymbolKind;
use Zwindle\Schematic\Wire;

/** A diagram as arrays, in the bench's names of places, so that it can be shown in step with the board. */
final readonly class DiagramArray
{
    private Board $board;

    private PlaceMap $places;

    private function __construct(private Diagram $diagram)
    {
        $this->board = $diagram->circuit->wiring->board;
        $this->places = PlaceMap::of($diagram->circuit->wiring);
    }

    /** @return array<string, mixed> */
    public static function of(Diagram $diagram): array
    {
        $array = new self($diagram);

        return [
            'width' => $diagram->width,
            'rows' => $diagram->rows,
            'symbols' => array_map($array->symbol(...), $diagram->symbols),
            'wires' => array_map($array->wire(...), $diagram->wires),
        ];
    }

    /** @return array<string, mixed> */
    private function symbol(Symbol $symbol): array
    {
        [$from, $to] = $this->diagram->edges[$symbol->column];
        $pins = [];
        foreach ([[$symbol->left, $from], [$symbol->right, $to]] as [$side, $x]) {
            foreach (array_keys($side) as $i => $point) {
                $pins[] = [
                    'place' => $this->places->placeOf($point),
                    'x' => $x,
                    'row' => $symbol->row + $i,
                    'name' => self::pinName($symbol, $point),
                ];
            }
        }

        return [
            'id' => $symbol->kind->isSupply() ? $symbol->kind->value : $symbol->id,
            'kind' => $symbol->kind->value,
            'x' => $from,
            'width' => $to - $from,
            'row' => $symbol->row,
            'rows' => $symbol->rows(),
            'pins' => $pins,
            'contacts' => $this->contacts($symbol),
            'earthed' => $this->isEarthed($symbol),
        ];
    }

    private static function pinName(Symbol $symbol, string $point): string
    {
        $name = DevicePoint::parse($point)->terminal;

        return match (true) {
            $symbol->kind !== SymbolKind::Switch => '',
            $name === 'common' => 'com',
            default => $name,
        };
    }

    /** @return array{up: list<list<string>>, down: list<list<string>>} pairs of places that are one in each position */
    private function contacts(Symbol $symbol): array
    {
        if ($symbol->kind !== SymbolKind::Switch) {
            return ['up' => [], 'down' => []];
        }
        $model = $this->diagram->circuit->wiring->modelOf($this->board->devices[$symbol->id]);

        return ['up' => $this->pairs($symbol->id, $model->closedUp), 'down' => $this->pairs($symbol->id, $model->closedDown)];
    }

    /**
     * @param  list<array{string, string}>  $closed  pairs of terminals
     * @return list<list<string>>
     */
    private function pairs(string $device, array $closed): array
    {
        return array_map(fn (array $pair) => [
            $this->places->placeOf(DevicePoint::id($device, $pair[0])),
            $this->places->placeOf(DevicePoint::id($device, $pair[1])),
        ], $closed);
    }

    /** Whether its earth terminal reaches the supply's earth; null where it has none. */
    private function isEarthed(Symbol $symbol): ?bool
    {
        $nets = $this->diagram->circuit->nets;

        return isset($nets->netOf[DevicePoint::id($symbol->id, 'earth')]) && ! $symbol->kind->isSupply()
            ? $nets->at(DevicePoint::id($symbol->id, 'earth')) === $this->diagram->circuit->earthNet
            : null;
    }

    /** @return array<string, mixed> */
    private function wire(Wire $wire): array
    {
        return [
            'role' => $wire->role->value,
            'layer' => LayerArray::of($wire->role),
            'pieces' => $wire->pieces,
            'dots' => $wire->dots,
            'stub' => $wire->isStub,
            'places' => array_map($this->places->placeOf(...), $this->diagram->circuit->nets->points[$wire->net]),
        ];
    }
}
