<?php

declare(strict_types=1);

namespace Zwindle\Format\Write;

use Zwindle\Board\DevicePoint;
use Zwindle\Schematic\Diagram;
use Zwindle\Schematic\Symbol;
use Zwindle\Schematic\SymbolKind;

/** A diagram in box-drawing characters. */
final class DiagramText
{
    /** Arms of a character, up 1, right 2, down 4, left 8 → the character. */
    private const BOXES = [
        0 => ' ',
        1 => '│',
        2 => '─',
        3 => '└',
        4 => '│',
        5 => '│',
        6 => '┌',
        7 => '├',
        8 => '─',
        9 => '┘',
        10 => '─',
        11 => '┴',
        12 => '┐',
        13 => '┤',
        14 => '┬',
        15 => '┼',
    ];

    /** @var array<int, array<int, array<int, int>>> row → x → net → arms */
    private array $arms = [];

    /** @var array<int, array<int, string>> row → x → character */
    private array $signs = [];

    private function __construct(private readonly Diagram $diagram)
    {
    }

    public static function of(Diagram $diagram): string
    {
        $text = new self($diagram);
        foreach ($diagram->wires as $wire) {
            foreach ($wire->pieces as $piece) {
                $text->draw($wire->net, ...$piece);
            }
        }
        foreach ($diagram->wires as $wire) {
            foreach ($wire->dots as [$x, $row]) {
                $text->signs[$row][$x] = '●';
            }
        }
        foreach ($diagram->symbols as $symbol) {
            $text->label($symbol);
        }

        return $text->lines();
    }

    private function draw(int $net, int $x1, int $row1, int $x2, int $row2): void
    {
        for ($x = min($x1, $x2); $row1 === $row2 && $x <= max($x1, $x2); $x++) {
            $this->add($net, $x, $row1, ($x > min($x1, $x2) ? 8 : 0) | ($x < max($x1, $x2) ? 2 : 0));
        }
        for ($row = min($row1, $row2); $x1 === $x2 && $row <= max($row1, $row2); $row++) {
            $this->add($net, $x1, $row, ($row > min($row1, $row2) ? 1 : 0) | ($row < max($row1, $row2) ? 4 : 0));
        }
    }

    private function add(int $net, int $x, int $row, int $arms): void
    {
        $this->arms[$row][$x][$net] = ($this->arms[$row][$x][$net] ?? 0) | $arms;
    }

    private function label(Symbol $symbol): void
    {
        [$from, $to] = $this->diagram->edges[$symbol->column];
        if ($symbol->kind->isSupply()) {
            $this->write($from + ($symbol->kind === SymbolKind::Line ? 0 : 1), $symbol->row, match ($symbol->kind) {
                SymbolKind::Line => 'L ', SymbolKind::Neutral => ' N', default => ' E',
            });

            return;
        }
        $isLamp = $symbol->kind === SymbolKind::Lamp;
        for ($i = 0; $i < $symbol->rows(); $i++) {
            $left = self::pinName($symbol, array_keys($symbol->left)[$i] ?? null);
            $right = self::pinName($symbol, array_keys($symbol->right)[$i] ?? null);
            $middle = $i === 0 ? ($isLamp ? "($symbol->id)" : $symbol->id) : '';
            $width = $to - $from - 1;
            $inside = self::centred($left, $middle, $right, $width);
            $this->write($from, $symbol->row + $i, ($left === null ? ' ' : '┤').$inside.($right === null ? ' ' : '├'));
        }
    }

    /** Short names on the pins of switches with more than two; a lamp has none. */
    private static function pinName(Symbol $symbol, ?string $point): ?string
    {
        if ($point === null) {
            return null;
        }
        $name = DevicePoint::parse($point)->terminal;

        return $symbol->kind === SymbolKind::Switch && count($symbol->left) + count($symbol->right) > 2
            ? ($name === 'common' ? 'com' : $name)
            : '';
    }

    private static function centred(?string $left, string $middle, ?string $right, int $width): string
    {
        $line = str_pad((string) $left, $width);
        $right = (string) $right;
        $line = $right === '' ? $line : substr($line, 0, $width - strlen($right)).$right;
        $start = intdiv($width - strlen($middle), 2);
        $clear = trim(substr($line, max(0, $start), strlen($middle))) === '';

        return $clear && $start >= 0 ? substr_replace($line, $middle, $start, strlen($middle)) : substr($line, 0, $width);
    }

    private function write(int $x, int $row, string $text): void
    {
        foreach (mb_str_split($text) as $i => $sign) {
            $this->signs[$row][$x + $i] = $sign;
        }
    }

    private function lines(): string
    {
        $lines = [];
        for ($row = 0; $row < $this->diagram->rows; $row++) {
            $line = '';
            for ($x = 0; $x <= $this->diagram->width; $x++) {
                $line .= $this->signs[$row][$x] ?? $this->wireAt($row, $x);
            }
            $lines[] = rtrim($line);
        }

        return implode("\n", $lines);
    }

    private function wireAt(int $row, int $x): string
    {
        $nets = $this->arms[$row][$x] ?? [];

        // Two nets at one place cross without touching: the upright is drawn through.
        return count($nets) > 1 ? '│' : self::BOXES[array_values($nets)[0] ?? 0];
    }
}
