<?php

declare(strict_types=1);

namespace App\Shapes\Classes;

/** Rows as comma-separated values (RFC 4180), safe to open in a spreadsheet. */
final class CsvTable
{
    /** A cell that begins so could be taken for a formula. */
    private const FORMULA_SIGNS = ['=', '+', '-', '@', "\t", "\r", '＝', '＋', '－', '＠'];

    /**
     * @param  array<mixed>  $columns
     * @param  list<array<string, string>|list<string>>  $rows
     */
    public static function of(array $columns, array $rows, string $separator = ','): string
    {
        $lines = array_map(fn (array $cells) => self::line($cells, $separator), [$columns, ...array_map(array_values(...), $rows)]);

        return "\u{FEFF}".implode("\r\n", $lines)."\r\n";
    }

    /** @param  array<mixed>  $cells */
    private static function line(array $cells, string $separator): string
    {
        return implode($separator, array_map(fn (mixed $cell) => self::cell(is_scalar($cell) ? (string) $cell : ''), $cells));
    }

    private static function cell(string $text): string
    {
        $safe = in_array(mb_substr(ltrim($text), 0, 1), self::FORMULA_SIGNS, true)
            || in_array(mb_substr($text, 0, 1), self::FORMULA_SIGNS, true)
            ? "'$text"
            : $text;

        return '"'.str_replace('"', '""', $safe).'"';
    }
}
