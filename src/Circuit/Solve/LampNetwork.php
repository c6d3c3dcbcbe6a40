<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Solve;

use Brick\Math\BigRational;

/**
 * The network of equal lamps in one state, solved exactly.
 *
 * Every lamp is the same resistor, so voltages depend on the shape of the network alone: they come out as shares of the
 * nominal voltage, rational numbers between 0 and 1. Line is 1, the supply's neutral and earth are 0; what nothing ties
 * to the supply is 0.
 *
 * Source: nodal analysis; the model of the lamp is the contract's (60 W at nominal voltage, all equal).
 */
final class LampNetwork
{
    /** @var array<int, BigRational> node → share of nominal voltage to the supply's earth */
    private array $shares;

    /**
     * @param  list<array{int, int}>  $lamps  the two nodes of each lamp
     * @param  list<int>  $returns  nodes of the supply's neutral and earth
     */
    public function __construct(array $lamps, int $line, array $returns)
    {
        $this->shares = [$line => BigRational::one()];
        foreach ($returns as $node) {
            $this->shares[$node] = BigRational::zero();
        }
        $neighbours = [];
        foreach ($lamps as [$one, $other]) {
            if ($one !== $other) {
                $neighbours[$one][] = $other;
                $neighbours[$other][] = $one;
            }
        }
        foreach (array_keys($neighbours) as $node) {
            if (! isset($this->shares[$node])) {
                $this->solveIsland(self::island($node, $neighbours, $this->shares), $neighbours);
            }
        }
    }

    public function shareAt(int $node): BigRational
    {
        return $this->shares[$node] ?? BigRational::zero();
    }

    /**
     * Every node at a share of the nominal voltage or more.
     *
     * @return array<int, true>
     */
    public function nodesFrom(BigRational $least): array
    {
        return array_map(fn () => true, array_filter($this->shares, fn (BigRational $share) => $share->isGreaterThanOrEqualTo($least)));
    }

    /**
     * The unknown nodes that hang together with one.
     *
     * @param  array<int, list<int>>  $neighbours
     * @param  array<int, BigRational>  $known
     * @return list<int>
     */
    private static function island(int $start, array $neighbours, array $known): array
    {
        $island = [$start => true];
        $next = [$start];
        while (($node = array_pop($next)) !== null) {
            foreach ($neighbours[$node] as $neighbour) {
                if (! isset($known[$neighbour]) && ! isset($island[$neighbour])) {
                    $island[$neighbour] = true;
                    $next[] = $neighbour;
                }
            }
        }

        return array_keys($island);
    }

    /**
     * @param  list<int>  $island
     * @param  array<int, list<int>>  $neighbours
     */
    private function solveIsland(array $island, array $neighbours): void
    {
        $shores = [];
        foreach ($island as $node) {
            foreach ($neighbours[$node] as $neighbour) {
                if (isset($this->shares[$neighbour])) {
                    $shores[(string) $this->shares[$neighbour]] = $this->shares[$neighbour];
                }
            }
        }
        if (count($shores) < 2) {
            foreach ($island as $node) {
                $this->shares[$node] = array_values($shores)[0] ?? BigRational::zero();
            }

            return;
        }
        $this->eliminate($island, $neighbours);
    }

    /**
     * Gaussian elimination of Kirchhoff's current law at every node of the island. The matrix is a grounded Laplacian,
     * so no pivot is ever zero.
     *
     * @param  list<int>  $island
     * @param  array<int, list<int>>  $neighbours
     */
    private function eliminate(array $island, array $neighbours): void
    {
        $column = array_flip($island);
        $size = count($island);
        $rows = [];
        foreach ($island as $i => $node) {
            $rows[$i] = array_fill(0, $size + 1, BigRational::zero());
            foreach ($neighbours[$node] as $neighbour) {
                $rows[$i][$i] = $rows[$i][$i]->plus(1);
                if (isset($column[$neighbour])) {
                    $rows[$i][$column[$neighbour]] = $rows[$i][$column[$neighbour]]->minus(1);
                } else {
                    $rows[$i][$size] = $rows[$i][$size]->plus($this->shares[$neighbour]);
                }
            }
        }
        for ($pivot = 0; $pivot < $size; $pivot++) {
            for ($row = $pivot + 1; $row < $size; $row++) {
                if ($rows[$row][$pivot]->isZero()) {
                    continue;
                }
                $factor = $rows[$row][$pivot]->dividedBy($rows[$pivot][$pivot]);
                for ($i = $pivot; $i <= $size; $i++) {
                    $rows[$row][$i] = $rows[$row][$i]->minus($factor->multipliedBy($rows[$pivot][$i]))->simplified();
                }
            }
        }
        for ($row = $size - 1; $row >= 0; $row--) {
            $value = $rows[$row][$size];
            for ($i = $row + 1; $i < $size; $i++) {
                $value = $value->minus($rows[$row][$i]->multipliedBy($this->shares[$island[$i]]));
            }
            $this->shares[$island[$row]] = $value->dividedBy($rows[$row][$row])->simplified();
        }
    }
}
