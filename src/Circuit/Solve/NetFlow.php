<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Solve;

use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Cables\ConductorResistance;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Net\DisjointSets;

/**
 * How a current spreads over the cores of what is joined whatever the switches do.
 *
 * The supply ties its neutral and its earth together, so the two are one place here. Where a net has one way from place
 * to place the current takes it; where cores close rings it divides by their resistance (a run without a length counts as
 * one metre: only the ratio matters).
 */
final class NetFlow
{
    private const UNKNOWN_LENGTH_M = 1.0;

    /** @var array<string, int> point → place: a joint, or an end alone */
    private array $placeOf = [];

    /** @var array<string, array{int, int, float}> core, as `W1.black` → the places of its two ends, and its conductance */
    private array $cores = [];

    /** @var array<int, int> place → the piece it belongs to, named by its first place */
    private array $pieceOf = [];

    /** @var array<int, list<string>> piece → its cores */
    private array $coresOf = [];

    /** @var array<int, array<string, float>> place → what one ampere from it to the root of its piece makes in each core */
    private array $known = [];

    public function __construct(Circuit $circuit)
    {
        $wiring = $circuit->wiring;
        $supply = $wiring->board->supply()->id;
        $number = array_flip(array_keys($wiring->points));
        $places = DisjointSets::of(count($number));
        foreach ($wiring->joints as $joint) {
            foreach ($joint->points as $point) {
                $places->join($number[$joint->points[0]], $number[$point]);
            }
        }
        $places->join($number[DevicePoint::id($supply, 'neutral')], $number[DevicePoint::id($supply, 'earth')]);
        foreach ($number as $point => $index) {
            $this->placeOf[$point] = $places->find($index);
        }
        $pieces = DisjointSets::of(count($number));
        foreach ($wiring->board->cables as $cable) {
            foreach ($cable->beyond === null ? $cable->cores : [] as $core) {
                [$from, $to] = array_map(fn (string $end) => $this->placeOf[$end], $core->ends());
                $ohm = ConductorResistance::ohmPerM($cable->type, $core->colour) * ($cable->lengthM ?? self::UNKNOWN_LENGTH_M);
                $this->cores[$core->id()] = [$from, $to, 1 / $ohm];
                $pieces->join($from, $to);
            }
        }
        foreach (array_unique($this->placeOf) as $place) {
            $this->pieceOf[$place] = $pieces->find($place);
        }
        foreach ($this->cores as $core => [$from]) {
            $this->coresOf[$this->pieceOf[$from]][] = $core;
        }
    }

    /** The piece of joined cores that a point belongs to. */
    public function pieceAt(string $point): int
    {
        return $this->pieceOf[$this->placeOf[$point]];
    }

    /**
     * What one ampere from a point to the root of its piece makes in each core; positive from the core's first end to its
     * second. From one point to another it is the difference of the two.
     *
     * @return array<string, float> core → ampere; cores without current are left out
     */
    public function toRoot(string $point): array
    {
        $place = $this->placeOf[$point];

        return $this->known[$place] ??= $this->solve($place);
    }

    /** @return array<string, float> */
    private function solve(int $place): array
    {
        $root = $this->pieceOf[$place];
        $cores = $this->coresOf[$root] ?? [];
        if ($place === $root || $cores === []) {
            return [];
        }
        $places = array_values(array_unique(array_merge(...array_map(fn (string $core) => [
            $this->cores[$core][0],
            $this->cores[$core][1],
        ], $cores))));

        return count($cores) === count($places) - 1
            ? $this->alongTree($place, $root, $cores)
            : $this->throughRings($place, $root, $cores, $places);
    }

    /**
     * @param  list<string>  $cores
     * @return array<string, float>
     */
    private function alongTree(int $place, int $root, array $cores): array
    {
        // Found from the root outwards, while the current flows towards it.
        $ways = [];
        foreach ($cores as $core) {
            [$from, $to] = $this->cores[$core];
            $ways[$from][] = [$core, $to, -1.0];
            $ways[$to][] = [$core, $from, 1.0];
        }
        $flows = [$root => []];
        $next = [$root];
        while ($next !== [] && ! isset($flows[$place])) {
            $here = array_shift($next);
            foreach ($ways[$here] as [$core, $there, $sign]) {
                if (! isset($flows[$there])) {
                    $flows[$there] = $flows[$here] + [$core => $sign];
                    $next[] = $there;
                }
            }
        }

        return $flows[$place] ?? [];
    }

    /**
     * Kirchhoff's current law at every place but the root, which is at no voltage.
     *
     * @param  list<string>  $cores
     * @param  list<int>  $places
     * @return array<string, float>
     */
    private function throughRings(int $place, int $root, array $cores, array $places): array
    {
        $column = array_flip(array_values(array_diff($places, [$root])));
        $size = count($column);
        $rows = array_fill(0, $size, array_fill(0, $size + 1, 0.0));
        $rows[$column[$place]][$size] = 1.0;
        foreach ($cores as $core) {
            [$from, $to, $conductance] = $this->cores[$core];
            foreach ([[$from, $to], [$to, $from]] as [$here, $there]) {
                if (isset($column[$here])) {
                    $rows[$column[$here]][$column[$here]] += $conductance;
                    if (isset($column[$there])) {
                        $rows[$column[$here]][$column[$there]] -= $conductance;
                    }
                }
            }
        }
        $volts = LinearSystem::solve($rows);
        $flows = [];
        foreach ($cores as $core) {
            [$from, $to, $conductance] = $this->cores[$core];
            [$before, $after] = [isset($column[$from]) ? $volts[$column[$from]] : 0.0, isset($column[$to]) ? $volts[$column[$to]] : 0.0];
            $flows[$core] = $conductance * ($before - $after);
        }

        return $flows;
    }
}
