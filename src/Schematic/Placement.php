<?php

declare(strict_types=1);

namespace Zwindle\Schematic;

/**
 * Gives every symbol its row, and every net a lane past the columns in which nothing of it stands.
 *
 * Column by column from the left: what is nearest to where its nets come from, pins in the order in which they come, so
 * that neighbours join by straight lines. No pin faces one of another net on the same row across a channel.
 */
final class Placement
{
    /** @var list<Symbol> */
    public array $symbols = [];

    /** @var list<Lane> */
    public array $lanes = [];

    /** @var array<int, array<int, list<int>>> channel → net → the rows at which it comes into it from the left */
    private array $fromLeft = [];

    public readonly int $lastColumn;

    /** @param  list<Symbol>  $symbols  column by column */
    public function __construct(array $symbols)
    {
        $this->lastColumn = max(0, ...array_map(fn (Symbol $symbol) => $symbol->column, $symbols));
        $lanes = self::lanesOf($symbols);
        for ($column = 0; $column <= $this->lastColumn; $column++) {
            $this->place(
                array_values(array_filter($symbols, fn (Symbol $symbol) => $symbol->column === $column)),
                array_values(array_filter($lanes, fn (Lane $lane) => $lane->column === $column)),
                $column,
            );
        }
    }

    /**
     * @param  list<Symbol>  $symbols
     * @return list<Lane>
     */
    private static function lanesOf(array $symbols): array
    {
        $channels = [];
        foreach ($symbols as $symbol) {
            foreach ($symbol->left as $net) {
                $channels[$net][] = $symbol->column - 1;
            }
            foreach ($symbol->right as $net) {
                $channels[$net][] = $symbol->column;
            }
        }
        $lanes = [];
        foreach ($channels as $net => $of) {
            for ($column = min($of) + 1; $column <= max($of); $column++) {
                $lanes[] = new Lane($net, $column);
            }
        }

        return $lanes;
    }

    /**
     * @param  list<Symbol>  $symbols
     * @param  list<Lane>  $lanes
     */
    private function place(array $symbols, array $lanes, int $column): void
    {
        $arriving = $this->fromLeft[$column - 1] ?? [];
        $nodes = [...array_map(fn (Symbol $symbol) => self::inOrderOfArrival($symbol, $arriving), $symbols), ...$lanes];
        $wishes = array_map(fn (Symbol|Lane $node) => self::wish($node, $arriving), $nodes);
        $order = array_keys($nodes);
        usort($order, fn (int $one, int $other) => [$wishes[$one], $one] <=> [$wishes[$other], $other]);
        $free = 0;
        foreach ($order as $i) {
            $row = max($free, (int) round($wishes[$i]));
            while (self::facesAnother($nodes[$i]->atRow($row), $arriving)) {
                $row++;
            }
            $free = $this->keep($nodes[$i]->atRow($row)) + 1;
        }
    }

    /** @return int the first row below it */
    private function keep(Symbol|Lane $node): int
    {
        if ($node instanceof Lane) {
            $this->lanes[] = $node;
            $this->fromLeft[$node->column][$node->net][] = $node->row;

            return $node->row;
        }
        $this->symbols[] = $node;
        foreach ($node->rightPins() as [$net, $row]) {
            $this->fromLeft[$node->column][$net][] = $row;
        }

        return $node->row + $node->rows();
    }

    /** @param  array<int, list<int>>  $arriving */
    private static function inOrderOfArrival(Symbol $symbol, array $arriving): Symbol
    {
        $left = $symbol->left;
        uasort($left, fn (int $one, int $other) => self::mean($arriving[$one] ?? []) <=> self::mean($arriving[$other] ?? []));

        return $symbol->withLeft($left);
    }

    /** @param  array<int, list<int>>  $arriving */
    private static function wish(Symbol|Lane $node, array $arriving): float
    {
        $pins = $node instanceof Lane ? [[$node->net, 0]] : $node->atRow(0)->leftPins();
        $rows = [];
        foreach ($pins as [$net, $offset]) {
            if (isset($arriving[$net])) {
                $rows[] = self::mean($arriving[$net]) - $offset;
            }
        }

        return self::mean($rows);
    }

    /** @param  array<int, list<int>>  $arriving */
    private static function facesAnother(Symbol|Lane $node, array $arriving): bool
    {
        $pins = $node instanceof Lane ? [[$node->net, $node->row]] : $node->leftPins();
        foreach ($pins as [$net, $row]) {
            foreach ($arriving as $other => $rows) {
                if ($other !== $net && in_array($row, $rows, true)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param  list<int|float>  $rows */
    private static function mean(array $rows): float
    {
        return $rows === [] ? 0.0 : array_sum($rows) / count($rows);
    }
}
