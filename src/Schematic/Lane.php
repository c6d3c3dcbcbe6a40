<?php

declare(strict_types=1);

namespace Zwindle\Schematic;

/** A net on its way past a column in which nothing of it stands. */
final readonly class Lane
{
    public function __construct(
        public int $net,
        public int $column,
        public int $row = 0,
    ) {
    }

    public function atRow(int $row): self
    {
        return new self($this->net, $this->column, $row);
    }
}
