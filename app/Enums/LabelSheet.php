<?php

declare(strict_types=1);

namespace App\Enums;

/**
 * Sheets of ready-cut labels as stationers sell them, named by how many are on one. Sizes in millimetres: common practice, from
 * memory; a test print on plain paper held behind the sheet tells whether a sheet is one of these.
 */
enum LabelSheet: string
{
    case Letter30 = 'letter-30';
    case Letter80 = 'letter-80';
    case A4By24 = 'a4-24';
    case A4By21 = 'a4-21';
    case A4By65 = 'a4-65';

    public const MOST = 80;

    public function paper(): string
    {
        return match ($this) {
            self::Letter30, self::Letter80 => 'letter',
            self::A4By24, self::A4By21, self::A4By65 => 'a4',
        };
    }

    public function columns(): int
    {
        return match ($this) {
            self::Letter30, self::A4By24, self::A4By21 => 3,
            self::Letter80 => 4,
            self::A4By65 => 5,
        };
    }

    public function rows(): int
    {
        return match ($this) {
            self::Letter30 => 10,
            self::Letter80 => 20,
            self::A4By24 => 8,
            self::A4By21 => 7,
            self::A4By65 => 13,
        };
    }

    public function labels(): int
    {
        return $this->columns() * $this->rows();
    }

    /** @return array{float, float} width and height of one label */
    public function size(): array
    {
        return match ($this) {
            self::Letter30 => [66.7, 25.4],
            self::Letter80 => [44.5, 12.7],
            self::A4By24 => [70.0, 37.0],
            self::A4By21 => [63.5, 38.1],
            self::A4By65 => [38.1, 21.2],
        };
    }

    /** @return array{float, float} left and top of the first label */
    private function corner(): array
    {
        return match ($this) {
            self::Letter30 => [4.8, 12.7],
            self::Letter80 => [7.1, 12.7],
            self::A4By24 => [0.0, 0.5],
            self::A4By21 => [7.2, 15.1],
            self::A4By65 => [4.7, 10.7],
        };
    }

    /** From the left of one label to the left of the next; labels lie edge to edge downwards. */
    private function pitch(): float
    {
        return match ($this) {
            self::Letter30 => 69.9,
            self::Letter80 => 52.1,
            self::A4By24 => 70.0,
            self::A4By21 => 66.0,
            self::A4By65 => 40.6,
        };
    }

    /** @return array{float, float} left and top of the n-th label of a sheet, from 0, row by row */
    public function at(int $n): array
    {
        [$left, $top] = $this->corner();

        return [
            round($left + $n % $this->columns() * $this->pitch(), 1),
            round($top + intdiv($n, $this->columns()) * $this->size()[1], 1),
        ];
    }
}
