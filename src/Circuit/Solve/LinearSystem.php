<?php

declare(strict_types=1);

namespace Zwindle\Circuit\Solve;

/** Gaussian elimination with the largest pivot, in floating point: for figures that no line is drawn through. */
final class LinearSystem
{
    /**
     * @param  array<int, array<int, float>>  $rows  square, with the right-hand side as the last column; not singular
     * @return array<int, float>
     */
    public static function solve(array $rows): array
    {
        $size = count($rows);
        for ($pivot = 0; $pivot < $size; $pivot++) {
            $largest = $pivot;
            for ($row = $pivot + 1; $row < $size; $row++) {
                if (abs($rows[$row][$pivot]) > abs($rows[$largest][$pivot])) {
                    $largest = $row;
                }
            }
            [$rows[$pivot], $rows[$largest]] = [$rows[$largest], $rows[$pivot]];
            for ($row = $pivot + 1; $row < $size; $row++) {
                if ($rows[$row][$pivot] === 0.0) {
                    continue;
                }
                $factor = $rows[$row][$pivot] / $rows[$pivot][$pivot];
                for ($i = $pivot; $i <= $size; $i++) {
                    $rows[$row][$i] -= $factor * $rows[$pivot][$i];
                }
            }
        }
        $solution = array_fill(0, $size, 0.0);
        for ($row = $size - 1; $row >= 0; $row--) {
            $value = $rows[$row][$size];
            for ($i = $row + 1; $i < $size; $i++) {
                $value -= $rows[$row][$i] * $solution[$i];
            }
            $solution[$row] = $value / $rows[$row][$row];
        }

        return $solution;
    }
}
