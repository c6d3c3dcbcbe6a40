<?php

declare(strict_types=1);

namespace App\Queries\People;

use App\Services\PersonName;
use Illuminate\Support\Str;

/**
 * A list of people as it is pasted or comes out of a spreadsheet: with or without a line of headings, in any order of columns,
 * divided by commas, semicolons or tabs, in UTF-8, UTF-16 or Windows-1252.
 *
 * @phpstan-type Row array{line: int, name: string, number: string|null, extraPercent: int, fault: string|null}
 * @phpstan-type Listed array{name: string, number: string|null}
 */
final class Roster
{
    public const MOST_ROWS = 100;

    public const MOST_NUMBER = 40;

    private const MOST_EXTRA_PERCENT = 200;

    /** What a column may be called, in small letters and without dots. */
    private const HEADINGS = [
        'first' => ['first', 'first name', 'firstname', 'given name', 'given names', 'forename', 'forenames'],
        'last' => ['last', 'last name', 'lastname', 'surname', 'family name'],
        'name' => ['name', 'full name', 'trainee', 'student', 'learner', 'apprentice', 'student name', 'learner name', 'apprentice name'],
        'extra' => ['extra', 'extra time', 'extra time %', 'extra %', 'extra percent', 'extra time (%)'],
        'number' => [
            'number', 'no', 'nr', '#', 'id', 'id number', 'student number', 'student no', 'student id', 'learner number', 'learner no',
            'learner id', 'candidate number', 'candidate no', 'apprentice number', 'apprentice no', 'uln', 'reg no', 'roll no',
        ],
    ];

    /** A student number, whatever its column is called: digits, with letters and strokes among them. */
    private const NUMBER = '#^(?=.*\d)[\p{L}\d./_-]{1,40}$#u';

    private const EXTRA = '/^\d{1,3} ?%$/';

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
     * @param  list<Listed>  $there  who is in the class already
     * @return list<Row> every row with what is wrong with it, numbered as in the source; empty lines are left out
     */
    public static function read(string $text, array $there): array
    {
        $lines = self::cells($text);
        $columns = $lines === [] ? null : self::headings(reset($lines));
        if ($columns !== null) {
            unset($lines[array_key_first($lines)]);
        }
        $columns = self::byContent($lines, $columns);
        $seen = array_fill_keys(array_map(self::key(...), $there), 0);
        $named = array_fill_keys(array_map(fn (array $one) => Str::lower($one['name']), $there), 0);
        $rows = [];
        foreach ($lines as $line => $cells) {
            $row = self::row($line, $cells, $columns);
            [$key, $name] = [self::key($row), Str::lower($row['name'])];
            // Two of one name are two people where both have a number, and not the same.
            $same = $seen[$key] ?? ($row['number'] === null ? $named[$name] ?? null : $seen[self::key(['number' => null] + $row)] ?? null);
            if ($row['fault'] === null && $same !== null) {
                $row['fault'] = $same === 0 ? 'in-class' : 'twice';
            }
            $seen[$key] ??= $line;
            $named[$name] ??= $line;
            $rows[] = $row;
        }

        return $rows;
    }

    /** @param  array{name: string, number: string|null, ...}  $person */
    public static function key(array $person): string
    {
        return Str::lower($person['name'])."\n".Str::lower((string) $person['number']);
    }

    /** @return array<int, list<string>> line of the source, from 1 → its cells */
    private static function cells(string $text): array
    {
        $lines = array_filter(preg_split('/\R/u', $text) ?: [], fn (string $line) => trim($line, " ,;\t") !== '');
        $count = fn (string $divider) => array_sum(array_map(fn (string $line) => substr_count($line, $divider), $lines));
        $dividers = ["\t" => $count("\t"), ';' => $count(';'), ',' => $count(',')];
        // A name as lists have it has a comma in it: where something else divides, that does.
        $divider = match (true) {
            $dividers["\t"] > 0 => "\t",
            $dividers[';'] >= count($lines) => ';',
            default => ',',
        };
        $cells = [];
        foreach ($lines as $i => $line) {
            $cells[$i + 1] = array_map(fn (?string $cell) => PersonName::tidy((string) $cell), str_getcsv($line, $divider, '"', ''));
        }

        return $cells;
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
                if (in_array(trim(str_replace('.', '', Str::lower($cell))), $names, true)) {
                    $columns[$what] ??= $i;
                }
            }
        }

        return isset($columns['name']) || isset($columns['last']) || isset($columns['first']) ? $columns : null;
    }

    /**
     * What no heading says is seen in the cells: a column of numbers, of percentages, and of names the last one before the first.
     *
     * @param  array<int, list<string>>  $lines
     * @param  array<string, int>|null  $columns
     * @return array<string, int>
     */
    private static function byContent(array $lines, ?array $columns): array
    {
        $known = $columns ?? [];
        $names = [];
        for ($i = 0, $width = max([0, ...array_map(count(...), $lines)]); $i < $width; $i++) {
            $cells = array_filter(array_map(fn (array $cells) => $cells[$i] ?? '', $lines), fn (string $cell) => $cell !== '');
            $all = fn (string $pattern) => $cells !== []
                && array_filter($cells, fn (string $cell) => preg_match($pattern, $cell) !== 1) === [];
            match (true) {
                in_array($i, $known, true), $cells === [] => null,
                ! isset($known['extra']) && $all(self::EXTRA) => $known['extra'] = $i,
                ! isset($known['number']) && $width > 1 && $all(self::NUMBER) => $known['number'] = $i,
                default => $names[] = $i,
            };
        }
        if ($columns === null && $names !== []) {
            $known += count($names) > 1 ? ['last' => $names[0], 'first' => $names[1]] : ['name' => $names[0]];
        }

        return $known;
    }

    /**
     * @param  list<string>  $cells
     * @param  array<string, int>  $columns
     * @return Row
     */
    private static function row(int $line, array $cells, array $columns): array
    {
        $at = fn (string $what) => isset($columns[$what]) ? ($cells[$columns[$what]] ?? '') : '';
        $name = isset($columns['name']) ? PersonName::natural($at('name')) : PersonName::tidy($at('first').' '.$at('last'));
        $extra = rtrim($at('extra'), ' %');
        $isExtra = $extra === '' || (ctype_digit($extra) && (int) $extra <= self::MOST_EXTRA_PERCENT);
        $number = $at('number');

        return [
            'line' => $line,
            'name' => $name,
            'number' => $number === '' ? null : $number,
            'extraPercent' => $isExtra ? (int) $extra : 0,
            'fault' => match (true) {
                PersonName::fault($name) !== null => PersonName::fault($name),
                ! $isExtra => 'extra-odd',
                self::isNumberOdd($number) => 'number-odd',
                default => null,
            },
        ];
    }

    /** What is too long for a number, or would be taken for a formula by a spreadsheet. */
    public static function isNumberOdd(string $number): bool
    {
        return mb_strlen($number) > self::MOST_NUMBER || preg_match('/^[=+\-@]|[\p{Cc}<>{}\\\\]/u', $number) === 1;
    }
}
