<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Probe;

use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Cables\ConductorResistance;
use Zwindle\Catalogue\Loads\ReckonedLamp;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Net\DisjointSets;
use Zwindle\Circuit\Solve\LinearSystem;
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
    /** What the probe's own resistance and a bad contact hide anyway. */
    private const NOTHING_OHM = 1e-9;

    public function __construct(private Circuit $circuit)
    {
    }

    /** Resistance between two points with the supply isolated, in ohms; null where there is no way: open. */
    public function ohm(int $state, string $one, string $other): ?float
    {
        $nodes = $this->coldNodes($state);
        $resistors = $this->resistors($nodes);
        [$from, $to] = [$nodes[$one], $nodes[$other]];
        if ($from === $to) {
            return 0.0;
        }
        $reached = self::reach($from, $resistors);
        if (! isset($reached[$to])) {
            return null;
        }
        // One ampere in at one point and out at the other, which is at no voltage.
        $column = array_flip(array_keys(array_diff_key($reached, [$to => true])));
        $size = count($column);
        $rows = array_fill(0, $size, array_fill(0, $size + 1, 0.0));
        $rows[$column[$from]][$size] = 1.0;
        foreach ($resistors as [$here, $there, $ohm]) {
            foreach (isset($reached[$here]) ? [[$here, $there], [$there, $here]] : [] as [$near, $far]) {
                if (isset($column[$near])) {
                    $rows[$column[$near]][$column[$near]] += 1 / $ohm;
                    if (isset($column[$far])) {
                        $rows[$column[$near]][$column[$far]] -= 1 / $ohm;
                    }
                }
            }
        }

        return LinearSystem::solve($rows)[$column[$from]];
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
        $lamps = array_map(fn (array $nets) => [$result->nodes[$nets[0]], $result->nodes[$nets[1]], 1.0], $this->circuit->lampNets);
        $tied = [];
        foreach ([$this->circuit->lineNet, $this->circuit->neutralNet, $this->circuit->earthNet] as $net) {
            $tied += self::reach($result->nodes[$net], $lamps);
        }

        return $tied;
    }

    /** @return array<string, int> point → its node: points that joints, closed contacts and runs without a length make one */
    private function coldNodes(int $state): array
    {
        $wiring = $this->circuit->wiring;
        $number = array_flip(array_keys($wiring->points));
        $sets = DisjointSets::of(count($number));
        foreach ($wiring->joints as $joint) {
            foreach ($joint->points as $point) {
                $sets->join($number[$joint->points[0]], $number[$point]);
            }
        }
        foreach ($wiring->board->cables as $cable) {
            foreach ($cable->lengthM === null ? $cable->cores : [] as $core) {
                $sets->join(...array_map(fn (string $end) => $number[$end], $core->ends()));
            }
        }
        foreach ($this->circuit->switches as $i => $switch) {
            $model = $wiring->modelOf($wiring->board->devices[$switch]);
            foreach ($this->circuit->isDown($i, $state) ? $model->closedDown : $model->closedUp as [$one, $other]) {
                $sets->join($number[DevicePoint::id($switch, $one)], $number[DevicePoint::id($switch, $other)]);
            }
        }

        return array_map($sets->find(...), $number);
    }

    /**
     * @param  array<string, int>  $nodes
     * @return list<array{int, int, float}> two nodes and the ohms between them
     */
    private function resistors(array $nodes): array
    {
        $wiring = $this->circuit->wiring;
        $resistors = [];
        foreach ($wiring->board->cables as $cable) {
            foreach ($cable->lengthM === null ? [] : $cable->cores as $core) {
                [$one, $other] = $core->ends();
                $ohm = max(self::NOTHING_OHM, $cable->lengthM * ConductorResistance::ohmPerM($cable->type, $core->colour));
                $resistors[] = [$nodes[$one], $nodes[$other], $ohm];
            }
        }
        foreach ($this->circuit->lamps as $lamp) {
            [$one, $other] = $wiring->modelOf($wiring->board->devices[$lamp])->lampSides();
            $resistors[] = [
                $nodes[DevicePoint::id($lamp, $one->name)],
                $nodes[DevicePoint::id($lamp, $other->name)],
                ReckonedLamp::coldOhm($wiring->board->practice),
            ];
        }

        return array_values(array_filter($resistors, fn (array $resistor) => $resistor[0] !== $resistor[1]));
    }

    /**
     * @param  list<array{int, int, float}>  $ways
     * @return array<int, true>
     */
    private static function reach(int $from, array $ways): array
    {
        $beyond = [];
        foreach ($ways as [$one, $other]) {
            $beyond[$one][] = $other;
            $beyond[$other][] = $one;
        }
        $reached = [$from => true];
        $next = [$from];
        while (($here = array_pop($next)) !== null) {
            foreach ($beyond[$here] ?? [] as $there) {
                if (! isset($reached[$there])) {
                    $reached[$there] = true;
                    $next[] = $there;
                }
            }
        }

        return $reached;
    }
}
