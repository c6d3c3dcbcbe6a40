<?php

declare(strict_types=1);

namespace App\Shapes\Classes;

/** How an instructor takes a table of marks away: columns and their headings, the key of a row, separator and decimal mark. */
final readonly class MarkTableSettings
{
    public const COLUMNS = [
        'class', 'title', 'number', 'sign-in', 'name', 'seat', 'lines', 'total', 'of', 'passed', 'tries', 'by', 'begun', 'handed-in',
        'released', 'note',
    ];

    /** What a row can be known by in another program. */
    public const KEYS = ['number', 'sign-in', 'name'];

    public const SEPARATORS = ['comma' => ',', 'semicolon' => ';', 'tab' => "\t"];

    public const DECIMALS = ['point' => '.', 'comma' => ','];

    private const USUAL = ['class', 'title', 'number', 'sign-in', 'name', 'lines', 'total', 'of', 'passed', 'by', 'begun', 'handed-in'];

    /**
     * @param  list<string>  $chosen  columns, in their order
     * @param  array<string, string>  $headings  column → what it is called; the usual name where none is given
     */
    private function __construct(
        private array $chosen,
        private array $headings,
        public string $key,
        public string $separator,
        public string $decimal,
    ) {
    }

    /** @param  array<string, mixed>|null  $kept  as it was chosen before; what is not known any more is left out */
    public static function of(?array $kept): self
    {
        $one = function (string $field, array $of, string $else) use ($kept): string {
            $chosen = $kept[$field] ?? null;

            return is_string($chosen) && in_array($chosen, $of, true) ? $chosen : $else;
        };
        $chosen = array_values(array_intersect(is_array($kept['columns'] ?? null) ? $kept['columns'] : self::USUAL, self::COLUMNS));
        $headings = array_filter(is_array($kept['headings'] ?? null) ? $kept['headings'] : [], is_string(...));

        return new self(
            $chosen,
            array_intersect_key($headings, array_flip(self::COLUMNS)),
            $one('key', self::KEYS, 'number'),
            $one('separator', array_keys(self::SEPARATORS), 'comma'),
            $one('decimal', array_keys(self::DECIMALS), 'point'),
        );
    }

    /** @return list<string> the key first */
    public function columns(): array
    {
        return array_values(array_unique([$this->key, ...$this->chosen]));
    }

    public function heading(string $column): string
    {
        return ($this->headings[$column] ?? '') ?: __("paper.mark-table.$column");
    }

    /** @param  array{part: string, what: string, text: string, of: int, ...}  $line */
    public function line(array $line): string
    {
        $name = $line['what'] === '' ? __("paper.mark-parts.{$line['part']}") : str_replace('-', ' ', $line['what']);

        return "$name /{$line['of']}";
    }

    /**
     * @param  list<string>  $heads
     * @param  list<list<mixed>>  $rows
     */
    public function written(array $heads, array $rows): string
    {
        $text = fn (mixed $cell): string => is_float($cell) || is_int($cell)
            ? str_replace('.', self::DECIMALS[$this->decimal], (string) $cell)
            : (is_string($cell) ? $cell : '');

        return CsvTable::of($heads, array_map(fn (array $row) => array_map($text, $row), $rows), self::SEPARATORS[$this->separator]);
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        return [
            'columns' => $this->chosen,
            'headings' => (object) $this->headings,
            'key' => $this->key,
            'separator' => $this->separator,
            'decimal' => $this->decimal,
            'known' => array_map(fn (string $column) => ['id' => $column, 'name' => __("paper.mark-table.$column")], self::COLUMNS),
        ];
    }
}
