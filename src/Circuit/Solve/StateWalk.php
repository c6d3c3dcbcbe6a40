<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Solve;

use Closure;
use Zwindle\Circuit\Net\Circuit;

/**
 * Visits every state once, the first switch slowest and up before down, so in the order of their numbers.
 *
 * Contacts are joined on the way down a tree of positions and parted again on the way back: a state costs about two
 * joins however many switches there are. The sets are joined by size and never compressed, so that they can be parted.
 */
final class StateWalk
{
    /** @var array<int, int> */
    private array $parent;

    /** @var array<int, int> */
    private array $size;

    private readonly int $last;

    /** @param  Closure(int, array<int, int>): void  $visit  gets the state and the parent of every net: a root is its own parent */
    private function __construct(private readonly Circuit $circuit, private readonly Closure $visit)
    {
        $count = $circuit->nets->count();
        $this->parent = range(0, $count - 1);
        $this->size = array_fill(0, $count, 1);
        $this->last = count($circuit->switches);
    }

    /** @param  Closure(int, array<int, int>): void  $visit */
    public static function over(Circuit $circuit, Closure $visit): void
    {
        (new self($circuit, $visit))->descend(0, 0);
    }

    private function descend(int $switch, int $state): void
    {
        if ($switch === $this->last) {
            ($this->visit)($state, $this->parent);

            return;
        }
        foreach ($this->circuit->contacts[$switch] as $position => $pairs) {
            $joined = [];
            foreach ($pairs as [$one, $other]) {
                $one = $this->rootOf($one);
                $other = $this->rootOf($other);
                if ($one !== $other) {
                    [$root, $child] = $this->size[$one] < $this->size[$other] ? [$other, $one] : [$one, $other];
                    $this->parent[$child] = $root;
                    $this->size[$root] += $this->size[$child];
                    $joined[] = [$root, $child];
                }
            }
            $this->descend($switch + 1, $position === 0 ? $state : $state | $this->circuit->bitOf($switch));
            foreach (array_reverse($joined) as [$root, $child]) {
                $this->parent[$child] = $child;
                $this->size[$root] -= $this->size[$child];
            }
        }
    }

    private function rootOf(int $net): int
    {
        while ($this->parent[$net] !== $net) {
            $net = $this->parent[$net];
        }

        return $net;
    }
}
