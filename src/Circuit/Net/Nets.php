<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Net;

use Zwindle\Board\Wiring\Wiring;

/** Points joined whatever the switches do: by a joint, or by being two ends of one core. */
final readonly class Nets
{
    /**
     * @param  array<string, int>  $netOf  point → number of its net
     * @param  list<list<string>>  $points  net → its points
     */
    private function __construct(
        public array $netOf,
        public array $points,
    ) {
    }

    public static function of(Wiring $wiring): self
    {
        $number = array_flip(array_keys($wiring->points));
        $sets = DisjointSets::of(count($number));
        foreach ($wiring->board->cables as $cable) {
            foreach ($cable->cores as $core) {
                $ends = array_map(fn (string $end) => $number[$end], $core->ends());
                $sets->join($ends[0], $ends[1] ?? $ends[0]);
            }
        }
        foreach ($wiring->joints as $joint) {
            foreach ($joint->points as $point) {
                $sets->join($number[$joint->points[0]], $number[$point]);
            }
        }
        $netOf = [];
        $points = [];
        $numberOfRoot = [];
        foreach ($number as $point => $index) {
            $root = $sets->find($index);
            $net = $numberOfRoot[$root] ??= count($numberOfRoot);
            $netOf[$point] = $net;
            $points[$net][] = $point;
        }

        return new self($netOf, array_values($points));
    }

    public function at(string $point): int
    {
        return $this->netOf[$point];
    }

    public function count(): int
    {
        return count($this->points);
    }
}
