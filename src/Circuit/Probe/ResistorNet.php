<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Probe;

use Zwindle\Circuit\Solve\LinearSystem;

/** Resistors between nodes: what stands between two of them, and at what voltage each is when some are held. */
final readonly class ResistorNet
{
    /** What a probe's own resistance and a bad contact hide anyway. */
    public const NOTHING_OHM = 1e-9;

    /** @var list<array{int, int, float}> */
    private array $ways;

    /** @param  list<array{int, int, float}>  $ways  two nodes and the ohms between them; what leads back to its own node is nothing */
    public function __construct(array $ways)
    {
        $this->ways = array_values(array_filter($ways, fn (array $way) => $way[0] !== $way[1]));
    }

    /** @param  array{int, int, float}  $way */
    public function with(array $way): self
    {
        return new self([...$this->ways, $way]);
    }

    /** @return array<int, true> every node that a way leads to, and the node itself */
    public function reach(int $from): array
    {
        $beyond = [];
        foreach ($this->ways as [$one, $other]) {
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

    /** @return float|null null where there is no way */
    public function ohm(int $from, int $to): ?float
    {
        if ($from === $to) {
            return 0.0;
        }

        // One ampere in at one point and out at the other, which is at no voltage.
        return isset($this->reach($from)[$to]) ? $this->solve([$to => 0.0], [$from => 1.0])[$from] : null;
    }

    /**
     * @param  non-empty-array<int, float>  $held  node → the voltage at which it is held
     * @return array<int, float> node → its voltage, for every node that is tied to one of those
     */
    public function volts(array $held): array
    {
        return $this->solve($held, []);
    }

    /**
     * @param  non-empty-array<int, float>  $held
     * @param  array<int, float>  $fed  node → amperes fed into it
     * @return array<int, float>
     */
    private function solve(array $held, array $fed): array
    {
        $tied = $held;
        foreach (array_keys($held) as $node) {
            $tied += $this->reach($node);
        }
        $column = array_flip(array_keys(array_diff_key($tied, $held)));
        $size = count($column);
        $rows = array_fill(0, $size, array_fill(0, $size + 1, 0.0));
        foreach ($fed as $node => $ampere) {
            $rows[$column[$node]][$size] += $ampere;
        }
        foreach ($this->ways as [$here, $there, $ohm]) {
            foreach (isset($tied[$here]) ? [[$here, $there], [$there, $here]] : [] as [$near, $far]) {
                if (isset($column[$near])) {
                    $rows[$column[$near]][$column[$near]] += 1 / $ohm;
                    if (isset($column[$far])) {
                        $rows[$column[$near]][$column[$far]] -= 1 / $ohm;
                    } else {
                        $rows[$column[$near]][$size] += $held[$far] / $ohm;
                    }
                }
            }
        }
        $solution = LinearSystem::solve($rows);
        $volts = $held;
        foreach ($column as $node => $i) {
            $volts[$node] = $solution[$i];
        }

        return $volts;
    }
}
