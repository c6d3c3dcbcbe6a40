<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Net;

use Zwindle\Board\Core;
use Zwindle\Board\Wiring\Wiring;

/** Cores that close rings with each other through the joints, whatever the switches do. */
final class CoreRings
{
    /** @var array<string, list<array{int, string}>> place → the cores at it, by number, and the place at their other end */
    private array $ways = [];

    /** @var array<string, int> place → when it was first come to */
    private array $order = [];

    /** @var array<string, int> place → the earliest place that it has a way to, besides the one it was come to by */
    private array $earliest = [];

    /** @var array<int, true> numbers of the cores that alone lead to what is behind them */
    private array $bridges = [];

    /** @param  list<Core>  $cores */
    private function __construct(Wiring $wiring, private readonly array $cores)
    {
        foreach ($cores as $number => $core) {
            if ($core->beyond !== null) {
                continue;
            }
            [$one, $other] = array_map(fn (string $end) => $wiring->jointAt($end)->points[0] ?? $end, $core->ends());
            $this->ways[$one][] = [$number, $other];
            $this->ways[$other][] = [$number, $one];
        }
    }

    /**
     * Tarjan's search for bridges: a core is on a ring unless it is one.
     *
     * @param  list<Core>  $cores
     * @return list<non-empty-list<Core>> the cores that lie on a ring, those that hang together in one list
     */
    public static function among(Wiring $wiring, array $cores): array
    {
        $search = new self($wiring, $cores);
        foreach (array_keys($search->ways) as $place) {
            if (! isset($search->order[$place])) {
                $search->walk($place, null);
            }
        }

        return $search->rings();
    }

    private function walk(string $place, ?int $by): void
    {
        $this->order[$place] = $this->earliest[$place] = count($this->order);
        foreach ($this->ways[$place] as [$number, $beyond]) {
            if ($number === $by) {
                continue;
            }
            if (isset($this->order[$beyond])) {
                $this->earliest[$place] = min($this->earliest[$place], $this->order[$beyond]);

                continue;
            }
            $this->walk($beyond, $number);
            $this->earliest[$place] = min($this->earliest[$place], $this->earliest[$beyond]);
            if ($this->earliest[$beyond] > $this->order[$place]) {
                $this->bridges[$number] = true;
            }
        }
    }

    /** @return list<non-empty-list<Core>> */
    private function rings(): array
    {
        $sets = DisjointSets::of(count($this->order));
        $onRing = [];
        foreach ($this->ways as $place => $ways) {
            foreach ($ways as [$number, $beyond]) {
                if (! isset($this->bridges[$number])) {
                    $sets->join($this->order[$place], $this->order[$beyond]);
                    $onRing[$number] = $this->order[$place];
                }
            }
        }
        ksort($onRing);
        $rings = [];
        foreach ($onRing as $number => $order) {
            $rings[$sets->find($order)][] = $this->cores[$number];
        }

        return array_values($rings);
    }
}
