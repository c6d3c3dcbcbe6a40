<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Probe;

use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Cables\ConductorResistance;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Net\DisjointSets;

/** The conductors of a wiring in one state with their resistance: joints, closed contacts and runs without a length have none. */
final readonly class Copper
{
    /**
     * @param  array<string, int>  $nodes  point → its node
     * @param  list<array{int, int, float}>  $cores  two nodes and the ohms of the core between them, cold
     */
    private function __construct(private Circuit $circuit, public array $nodes, public array $cores)
    {
    }

    /** @param  list<array{string, string}>  $linked  points that a lead joins */
    public static function of(Circuit $circuit, int $state, array $linked = []): self
    {
        $wiring = $circuit->wiring;
        $number = array_flip(array_keys($wiring->points));
        $sets = DisjointSets::of(count($number));
        foreach ($wiring->joints as $joint) {
            foreach ($joint->points as $point) {
                $sets->join($number[$joint->points[0]], $number[$point]);
            }
        }
        foreach ($wiring->board->cables as $cable) {
            foreach ($cable->lengthM > 0 || $cable->beyond !== null ? [] : $cable->cores as $core) {
                $sets->join(...array_map(fn (string $end) => $number[$end], $core->ends()));
            }
        }
        foreach ($circuit->switches as $i => $switch) {
            $model = $wiring->modelOf($wiring->board->devices[$switch]);
            foreach ($circuit->isDown($i, $state) ? $model->closedDown : $model->closedUp as [$one, $other]) {
                $sets->join($number[DevicePoint::id($switch, $one)], $number[DevicePoint::id($switch, $other)]);
            }
        }
        foreach ($linked as [$one, $other]) {
            $sets->join($number[$one], $number[$other]);
        }
        $nodes = array_map($sets->find(...), $number);

        return new self($circuit, $nodes, self::cores($circuit, $nodes));
    }

    /**
     * @param  list<string>  $lamps  those that carry current
     * @return list<array{int, int, float}>
     */
    public function lamps(array $lamps, float $ohm): array
    {
        $wiring = $this->circuit->wiring;

        return array_map(function (string $lamp) use ($wiring, $ohm): array {
            [$one, $other] = $wiring->modelOf($wiring->board->devices[$lamp])->lampSides();

            return [$this->nodes[DevicePoint::id($lamp, $one->name)], $this->nodes[DevicePoint::id($lamp, $other->name)], $ohm];
        }, $lamps);
    }

    /**
     * @param  array<string, int>  $nodes
     * @return list<array{int, int, float}>
     */
    private static function cores(Circuit $circuit, array $nodes): array
    {
        $cores = [];
        foreach ($circuit->wiring->board->cables as $cable) {
            foreach ($cable->lengthM > 0 && $cable->beyond === null ? $cable->cores : [] as $core) {
                [$one, $other] = $core->ends();
                $ohm = $cable->lengthM * ConductorResistance::ohmPerM($cable->type, $core->colour);
                $cores[] = [$nodes[$one], $nodes[$other], max(ResistorNet::NOTHING_OHM, $ohm)];
            }
        }

        return $cores;
    }
}
