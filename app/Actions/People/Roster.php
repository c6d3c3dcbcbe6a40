<?php

declare(strict_types=1);

namespace App\Actions\People;

use Illuminate\Support\Str;

/**
 * A list of people as it is pasted or comes out of a spreadsheet: with or without a line of headings, in any order of columns,
 * divided by commas, semicolons or tabs, in UTF-8, UTF-16 or Windows-1252.
 *
 * @phpstan-type Row array{line: int, name: string, extraPercent: int, fault: string|null}
 */
final class Roster
{
    public const MOST_ROWS = 100;

    private const MOST_EXTRA_PERCENT = 200;

    /** What a column may be called, in small letters. */
    private const HEADINGS = [
        'first' => ['first', 'first name', 'firstname', 'given name', 'forename', 'forenames'],
        'last' => ['last', 'last name', 'lastname', 'surname', 'family name'],
        'name' => ['name', 'full name', 'trainee', 'student', 'learner', 'apprentice', 'student name'],
        'extra' => ['extra', 'extra time', 'extra time %', 'extra %', 'extra percent', 'extra time (%)'],
    ];

    /** @return string text in UTF-8, whatever it was written in */
    public static function decoded(string $bytes): string
    {
        $text = match (true) {
            str_starts_with($bytes, "\xFF\xFE") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($bytes, "\xFE\xFF") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            mb_check_encoding($bytes, 'UTF-8') => preg_replace('/^\x{FEFF}/u', '', $bytes),
            default => mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'),
        };

        return (string) $text;
    }

    /**
     * @param  list<string>  $there  names that the class has already
     * @return list<Row> every row with what is wrong with it; empty lines are left out
     */
    public static function read(string $text, array $there): array
    {
        $lines = self::cells($text);
        $columns = $lines === [] ? null : self::headings(reset($lines));
        if ($columns !== null) {
            array_shift($lines);
        }
        $seen = array_fill_keys(array_map(Str::lower(...), $there), 0);
        $rows = [];
        foreach ($lines as $i => $cells) {
            $row = self::row($i + ($columns === null ? 1 : 2), $cells, $columns);
            $key = Str::lower($row['name']);
            if ($row['fault'] === null && isset($seen[$key])) {
                $row['fault'] = $seen[$key] === 0 ? 'in-class' : 'twice';
            }
            $seen[$key] ??= $row['line'];
            $rows[] = $row;
        }

        return $rows;
    }

    /** @return list<list<string>> */
    private static function cells(string $text): array
    {
        $lines = array_values(array_filter(preg_split('/\R/u', $text) ?: [], fn (string $line) => trim($line, " ,;\t") !== ''));
        $count = fn (string $divider) => array_sum(array_map(fn (string $line) => substr_count($line, $divider), $lines));
        $dividers = ["\t" => $count("\t"), ';' => $count(';'), ',' => $count(',')];
        $divider = (string) array_search(max($dividers), $dividers, true);

        return array_map(fn (string $line) => array_map(
            fn (?string $cell) => PersonName::tidy((string) $cell),
            str_getcsv($line, $divider, '"', ''),
        ), $lines);
    }

    /**
     * @param  list<string>  $cells
     * @return array<string, int>|null what is in which column; null where the line is no line of headings
     */
    private static function headings(array $cells): ?array
    {
        $columns = [];
        foreach ($cells as $i => $cell) {
            foreach (self::HEADINGS as $what => $names) {
                if (in_array(Str::lower($cell), $names, true)) {
                    $columns[$what] ??= $i;
                }
            }
        }

        return isset($columns['name']) || isset($columns['last']) || isset($columns['first']) ? $columns : null;
    }

    /**
     * @param  list<string>  $cells
     * @param  array<string, int>|null  $columns
     * @return Row
     */
    private static function row(int $line, array $cells, ?array $columns): array
    {
        $at = fn (string $what) => isset($columns[$what]) ? ($cells[$columns[$what]] ?? '') : '';
        // Without headings: a name, or as lists of names have it, the last name and the first.
        $name = match (true) {
            $columns === null && count(array_filter($cells)) > 1 => PersonName::tidy("$cells[1] $cells[0]"),
            $columns === null => implode('', $cells),
            isset($columns['name']) => $at('name'),
            default => PersonName::tidy($at('first').' '.$at('last')),
        };
        $extra = rtrim($at('extra'), ' %');
        $isExtra = $extra === '' || (ctype_digit($extra) && (int) $extra <= self::MOST_EXTRA_PERCENT);

        return [
            'line' => $line,
            'name' => $name,
            'extraPercent' => $isExtra ? (int) $extra : 0,
            'fault' => PersonName::fault($name) ?? ($isExtra ? null : 'extra-odd'),
        ];
    }
}
