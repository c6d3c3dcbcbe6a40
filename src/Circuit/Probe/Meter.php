<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Probe;

use Zwindle\Catalogue\Devices\ReckonedLamp;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Solver;
use Zwindle\Circuit\Solve\StateResult;

/**
 * What a meter shows between two points of a wiring, in one state.
 *
 * Dead, the supply is isolated: its line, neutral and earth end apart from each other. Conductors count by length and
 * size, cold; a run without a length, joints and closed contacts count nothing; a lamp is cold. Live, the meter draws
 * next to nothing, but enough that a point which nothing ties to the supply shows no voltage against anything.
 */
final readonly class Meter
{
    public function __construct(private Circuit $circuit)
    {
    }

    /** Resistance between two points with the supply isolated, in ohms; null where there is no way: open. */
    public function ohm(int $state, string $one, string $other): ?float
    {
        $copper = Copper::of($this->circuit, $state);
        $lamps = $copper->lamps($this->circuit->lamps, ReckonedLamp::coldOhm($this->circuit->wiring->board->practice));

        return (new ResistorNet([...$copper->cores, ...$lamps]))->ohm($copper->nodes[$one], $copper->nodes[$other]);
    }

    /** Voltage between two points with the supply on, in volts; none in a state that trips. */
    public function volt(int $state, string $one, string $other): float
    {
        $result = Solver::solve($this->circuit, $state);
        if ($result->network === null) {
            return 0.0;
        }
        [$from, $to] = [$result->nodes[$this->circuit->nets->at($one)], $result->nodes[$this->circuit->nets->at($other)]];
        $tied = $this->tiedToSupply($result);
        if (! isset($tied[$from], $tied[$to])) {
            return 0.0;
        }
        $share = $result->network->shareAt($from)->minus($result->network->shareAt($to))->abs()->toFloat();

        return $share * $this->circuit->wiring->board->practice->nominalV;
    }

    /** Whether nothing ties a point to the supply with the supply on: a high-resistance meter may show a ghost there. */
    public function floats(int $state, string $point): bool
    {
        $result = Solver::solve($this->circuit, $state);

        return ! isset($this->tiedToSupply($result)[$result->nodes[$this->circuit->nets->at($point)]]);
    }

    /** @return array<int, true> nodes that are tied to the supply, directly or through lamps */
    private function tiedToSupply(StateResult $result): array
    {
        $lamps = new ResistorNet(array_map(
            fn (array $nets) => [$result->nodes[$nets[0]], $result->nodes[$nets[1]], 1.0],
            $this->circuit->lampNets,
        ));
        $tied = [];
        foreach ([$this->circuit->lineNet, $this->circuit->neutralNet, $this->circuit->earthNet] as $net) {
            $tied += $lamps->reach($result->nodes[$net]);
        }

        return $tied;
    }
}
