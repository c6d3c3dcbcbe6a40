<?php

declare(strict_types=1);

namespace Zwindle\Plan\Search;

/** Runs by which all enclosures hang together, none to spare: between any two of them there is one way. */
final class Tree
{
    /** @var array<string, array{string, int}|null> enclosure → the one nearer to the root, and the run to it */
    private array $parents = [];

    /** @var array<int, array<string, true>> run → the enclosures beyond it, seen from the root */
    public readonly array $beyond;

    /** @var array<string, list<int>> two enclosures → the runs between them */
    private array $paths = [];

    /** @param  list<int>  $runs  numbers in the graph */
    public function __construct(RunGraph $graph, public readonly array $runs)
    {
        $ways = [];
        foreach ($runs as $run) {
            $ways[$graph->runs[$run]->from][] = [$graph->runs[$run]->to, $run];
            $ways[$graph->runs[$run]->to][] = [$graph->runs[$run]->from, $run];
        }
        $root = $graph->board->supply()->enclosure;
        $this->parents[$root] = null;
        $next = [$root];
        for ($i = 0; isset($next[$i]); $i++) {
            foreach ($ways[$next[$i]] ?? [] as [$there, $run]) {
                if (! array_key_exists($there, $this->parents)) {
                    $this->parents[$there] = [$next[$i], $run];
                    $next[] = $there;
                }
            }
        }
        $beyond = array_fill_keys($runs, []);
        foreach (array_keys($this->parents) as $enclosure) {
            for ($step = $this->parents[$enclosure]; $step !== null; $step = $this->parents[$step[0]]) {
                $beyond[$step[1]][$enclosure] = true;
            }
        }
        $this->beyond = $beyond;
    }

    /** @return list<int> the runs from one enclosure to another */
    public function path(string $from, string $to): array
    {
        return $this->paths["$from $to"] ??= $this->joining([$from, $to]);
    }

    /**
     * The runs that join some enclosures: those with some of them on either side.
     *
     * @param  list<string>  $enclosures
     * @return list<int>
     */
    public function joining(array $enclosures): array
    {
        $count = count(array_unique($enclosures));
        $wanted = array_fill_keys($enclosures, true);
        $runs = [];
        foreach ($this->beyond as $run => $beyond) {
            $there = count(array_intersect_key($wanted, $beyond));
            if ($there > 0 && $there < $count) {
                $runs[] = $run;
            }
        }

        return $runs;
    }

    /**
     * The least number of times that a chain from one place must still cross each run to come by some others and end at
     * the last: a walk that ends every branch before it goes on towards the last crosses none more often.
     *
     * @param  list<string>  $remaining  enclosures still to come by
     * @return array<int, int> run → crossings; runs without are left out
     */
    public function leastCrossings(string $from, array $remaining, string $last): array
    {
        $crossings = [];
        foreach ($this->beyond as $run => $beyond) {
            $isBeyond = isset($beyond[$from]);
            $isLastThere = isset($beyond[$last]) !== $isBeyond;
            if ($isLastThere) {
                $crossings[$run] = 1;

                continue;
            }
            foreach ($remaining as $enclosure) {
                if (isset($beyond[$enclosure]) !== $isBeyond) {
                    $crossings[$run] = 2;
                    break;
                }
            }
        }

        return $crossings;
    }
}
