<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis\Telling;

use Zwindle\Board\Board;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\SwitchFunction;
use Zwindle\Circuit\Solve\TruthTable;

/**
 * What can be seen of a truth table on a wall, where nobody knows which contact "up" makes: the table up to reversing any
 * three-way or four-way.
 *
 * Of all tables that are one in this sense, the first in the order of their letters stands for them.
 */
final readonly class TableShape
{
    /** @param  list<int<1, max>>  $bits  of the switches that may be reversed */
    private function __construct(private array $bits)
    {
    }

    public static function on(Board $board): self
    {
        $switches = $board->devicesOf(DeviceKind::Switch);
        $bits = [];
        foreach ($switches as $i => $switch) {
            if (in_array($switch->model->function, [SwitchFunction::ThreeWay, SwitchFunction::FourWay], true)) {
                $bits[] = max(1, 1 << (count($switches) - 1 - $i));
            }
        }

        return new self($bits);
    }

    /** @return non-empty-list<string> the columns of the lamps in the board's order, then the trips */
    public function of(TruthTable $table): array
    {
        $columns = $first = [...array_values($table->lamps), $table->trips];
        $count = count($this->bits);
        for ($i = 1; $i < 1 << $count; $i++) {
            // One switch is turned at a time, so that every choice of them comes once.
            $bit = $this->bits[self::lowestOne($i)];
            $columns = array_map(fn (string $column) => self::turned($column, $bit), $columns);
            $first = min($first, $columns);
        }

        return $first;
    }

    private static function lowestOne(int $number): int
    {
        for ($place = 0; ($number >> $place & 1) === 0; $place++);

        return $place;
    }

    /**
     * A column with the states of one switch up and down exchanged.
     *
     * @param  int<1, max>  $bit
     */
    private static function turned(string $column, int $bit): string
    {
        $turned = '';
        foreach (str_split($column, 2 * $bit) as $block) {
            $turned .= substr($block, $bit).substr($block, 0, $bit);
        }

        return $turned;
    }
}
