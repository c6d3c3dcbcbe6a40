<?php

declare(strict_types=1);

namespace Zwindle\Schematic;

use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Scheme\Roles;

/**
 * A wiring as a schematic: the line at the left, the neutral at the right, what lies between in the order of the
 * current. Distances are in characters across and rows down, so that it can be written as text too.
 */
final readonly class Diagram
{
    private const SYMBOL_WIDTH = 11;

    private const SUPPLY_WIDTH = 3;

    private const CHANNEL_MARGIN = 2;

    /** @var list<Symbol> */
    public array $symbols;

    /** @var list<Wire> */
    public array $wires;

    /** @var list<array{int, int}> column → x of its left and right edge */
    public array $edges;

    public int $width;

    public int $rows;

    public int $crossings;

    public function __construct(public Circuit $circuit, Roles $roles)
    {
        $placement = self::placed(Columns::of($circuit));
        $this->symbols = $placement->symbols;
        $channels = self::channels($placement);
        $this->crossings = self::crossingsOf($placement);
        $edges = [];
        $x = 0;
        for ($column = 0; $column <= $placement->lastColumn; $column++) {
            $isSupply = array_filter(
                $this->symbols,
                fn (Symbol $symbol) => $symbol->column === $column && ! $symbol->kind->isSupply(),
            ) === [];
            $edges[] = [$x, $x + ($isSupply ? self::SUPPLY_WIDTH : self::SYMBOL_WIDTH)];
            $x = $edges[$column][1] + 2 * self::CHANNEL_MARGIN + 2 * count($channels[$column]->uprights ?? []);
        }
        $this->edges = $edges;
        $this->width = $edges[$placement->lastColumn][1];
        $this->rows = 1 + max(
            0,
            ...array_map(
                fn (Symbol|Lane $node) => $node->row + ($node instanceof Symbol ? $node->rows() - 1 : 0),
                [...$placement->symbols, ...$placement->lanes],
            ),
        );
        $this->wires = $this->wiresOf($placement, $channels, $roles);
    }

    /**
     * With the pins of a symbol turned upside down wherever that saves a crossing.
     *
     * @param  list<Symbol>  $symbols
     */
    private static function placed(array $symbols): Placement
    {
        $best = new Placement($symbols);
        $fewest = self::crossingsOf($best);
        foreach (array_keys($symbols) as $i) {
            if ($fewest === 0 || count($symbols[$i]->right) < 2) {
                continue;
            }
            $turned = [...array_slice($symbols, 0, $i), $symbols[$i]->turned(), ...array_slice($symbols, $i + 1)];
            $placement = new Placement($turned);
            $crossings = self::crossingsOf($placement);
            if ($crossings < $fewest) {
                [$symbols, $best, $fewest] = [$turned, $placement, $crossings];
            }
        }

        return $best;
    }

    private static function crossingsOf(Placement $placement): int
    {
        return array_sum(array_map(fn (Channel $channel) => $channel->crossings(), self::channels($placement)));
    }

    /** @return list<Channel> between each column and the next; after the last, and before the first, there is none */
    private static function channels(Placement $placement): array
    {
        $channels = [];
        for ($column = 0; $column < $placement->lastColumn; $column++) {
            $left = $right = [];
            foreach ($placement->symbols as $symbol) {
                foreach ($symbol->column === $column ? $symbol->rightPins() : [] as [$net, $row]) {
                    $left[$net][] = $row;
                }
                foreach ($symbol->column === $column + 1 ? $symbol->leftPins() : [] as [$net, $row]) {
                    $right[$net][] = $row;
                }
            }
            foreach ($placement->lanes as $lane) {
                if ($lane->column === $column) {
                    $left[$lane->net][] = $lane->row;
                }
                if ($lane->column === $column + 1) {
                    $right[$lane->net][] = $lane->row;
                }
            }
            $channels[] = new Channel($left, $right);
        }

        return $channels;
    }

    /**
     * @param  list<Channel>  $channels
     * @return list<Wire>
     */
    private function wiresOf(Placement $placement, array $channels, Roles $roles): array
    {
        $pieces = $dots = $pins = [];
        foreach ($placement->lanes as $lane) {
            $pieces[$lane->net][] = [$this->edges[$lane->column][0], $lane->row, $this->edges[$lane->column][1], $lane->row];
        }
        foreach ($placement->symbols as $symbol) {
            foreach ([...array_values($symbol->left), ...array_values($symbol->right)] as $net) {
                $pins[$net] = ($pins[$net] ?? 0) + 1;
            }
        }
        foreach ($channels as $column => $channel) {
            foreach ($channel->nets() as $net) {
                [$across, $meeting] = $this->across($channel, $column, $net);
                $pieces[$net] = [...($pieces[$net] ?? []), ...$across];
                $dots[$net] = [...($dots[$net] ?? []), ...$meeting];
            }
        }
        ksort($pieces);

        return array_map(
            fn (int $net) => new Wire($net, $roles->ofNet($net)[0], $pieces[$net], $dots[$net] ?? [], $pins[$net] === 1),
            array_keys($pieces),
        );
    }

    /** @return array{list<array{int, int, int, int}>, list<array{int, int}>} pieces and dots of one net in one channel */
    private function across(Channel $channel, int $column, int $net): array
    {
        [$from, $to] = [$this->edges[$column][1], $this->edges[$column + 1][0]];
        $left = $channel->left[$net] ?? [];
        $right = $channel->right[$net] ?? [];
        if ($channel->isStub($net)) {
            return [[$left === [] ? [$to - 1, $right[0], $to, $right[0]] : [$from, $left[0], $from + 1, $left[0]]], []];
        }
        $rows = $channel->rowsOf($net);
        if (! isset($channel->uprights[$net])) {
            return [[[$from, $rows[0], $to, $rows[0]]], []];
        }
        $x = $from + self::CHANNEL_MARGIN + 2 * $channel->uprights[$net];
        $pieces = [[$x, $rows[0], $x, $rows[count($rows) - 1]]];
        $dots = [];
        foreach ($rows as $i => $row) {
            $arms = ($i > 0 ? 1 : 0) + ($i < count($rows) - 1 ? 1 : 0);
            if (in_array($row, $left, true)) {
                $pieces[] = [$from, $row, $x, $row];
                $arms++;
            }
            if (in_array($row, $right, true)) {
                $pieces[] = [$x, $row, $to, $row];
                $arms++;
            }
            if ($arms > 2) {
                $dots[] = [$x, $row];
            }
        }

        return [$pieces, $dots];
    }
}
