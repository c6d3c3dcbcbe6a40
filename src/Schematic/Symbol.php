<?php

declare(strict_types=1);

namespace Zwindle\Schematic;

/** A device, or a terminal of the supply, with its pins on the side where their nets come from. */
final readonly class Symbol
{
    /**
     * @param  string  $id  of the device; of the supply's terminals, the point
     * @param  array<string, int>  $left  point → net, from above
     * @param  array<string, int>  $right
     */
    public function __construct(
        public string $id,
        public SymbolKind $kind,
        public int $column,
        public array $left,
        public array $right,
        public int $row = 0,
    ) {
    }

    public function rows(): int
    {
        return max(count($this->left), count($this->right), 1);
    }

    public function atRow(int $row): self
    {
        return new self($this->id, $this->kind, $this->column, $this->left, $this->right, $row);
    }

    /** @param  array<string, int>  $left */
    public function withLeft(array $left): self
    {
        return new self($this->id, $this->kind, $this->column, $left, $this->right, $this->row);
    }

    public function turned(): self
    {
        return new self($this->id, $this->kind, $this->column, $this->left, array_reverse($this->right), $this->row);
    }

    /** @return list<array{int, int}> net and row of each pin on the left */
    public function leftPins(): array
    {
        return $this->pins($this->left);
    }

    /** @return list<array{int, int}> */
    public function rightPins(): array
    {
        return $this->pins($this->right);
    }

    /**
     * @param  array<string, int>  $side
     * @return list<array{int, int}>
     */
    private function pins(array $side): array
    {
        return array_map(fn (int $net, int $i) => [$net, $this->row + $i], array_values($side), array_keys(array_values($side)));
    }
}
