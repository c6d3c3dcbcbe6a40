<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Net;

/** Numbers 0 … n−1 in sets that can only grow together (union–find with path halving). */
final class DisjointSets
{
    /** @param  array<int, int>  $parent */
    private function __construct(private array $parent)
    {
    }

    public static function of(int $size): self
    {
        return new self($size === 0 ? [] : range(0, $size - 1));
    }

    public function find(int $member): int
    {
        while ($this->parent[$member] !== $member) {
            $this->parent[$member] = $this->parent[$this->parent[$member]];
            $member = $this->parent[$member];
        }

        return $member;
    }

    public function join(int $one, int $other): void
    {
        $one = $this->find($one);
        $other = $this->find($other);
        if ($one !== $other) {
            $this->parent[max($one, $other)] = min($one, $other);
        }
    }
}
