<?php

declare(strict_types=1);

namespace App\Care;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Schema;
use RuntimeException;
use ZipArchive;

/**
 * All that is kept, in open formats: a ZIP with a file of JSON lines for each table, and what it was made by. Two exports of the same data
 * are the same byte for byte, and what is imported is exported as it was.
 */
final class Everything
{
    private const FORMAT = 'zwindle-everything';

    /** Tables of the framework, which are made anew. */
    private const NOT_KEPT = ['migrations', 'sqlite_sequence', 'cache', 'cache_locks', 'sessions', 'jobs', 'failed_jobs'];

    /** What a migration begins, with one row. */
    private const BEGUN = ['record_chain'];

    /** What no text can hold goes as base64 under this name. */
    private const BYTES = '$base64';

    private const AT_ONCE = 500;

    /** So that nothing in the file hangs on when it was made. */
    private const TIME = 315_532_800;

    /**
     * As it stands at one moment, whoever writes meanwhile; for nobody else to read, while it is written either.
     *
     * @throws RuntimeException if the file cannot be written
     */
    public static function export(string $path): void
    {
        $mask = umask(0077);
        $parts = array_map(fn (string $table) => "$path.$table.part", array_combine(self::tables(), self::tables()));
        try {
            $zip = new ZipArchive;
            $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) === true
                || throw new RuntimeException("$path cannot be written.");
            self::add($zip, 'everything.json', self::json(['format' => self::FORMAT, 'version' => 1, 'migrations' => self::migrations()]));
            DB::transaction(fn () => array_map(self::lines(...), array_keys($parts), $parts));
            foreach ($parts as $table => $part) {
                $zip->addFile($part, "$table.jsonl");
                $zip->setMtimeName("$table.jsonl", self::TIME);
            }
            $zip->close() || throw new RuntimeException("$path cannot be written.");
            chmod($path, 0600);
        } finally {
            File::delete($parts);
            umask($mask);
        }
    }

    /**
     * @return int rows
     *
     * @throws RuntimeException if it is no export, one of another version, or something is kept here already; nothing is changed then
     */
    public static function import(string $path): int
    {
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::RDONLY) === true || throw new RuntimeException("$path is no export.");
        $told = json_decode((string) $zip->getFromName('everything.json'), true);
        ($told['format'] ?? null) === self::FORMAT || throw new RuntimeException("$path is no export of Zwindle.");
        $told['migrations'] === self::migrations() || throw new RuntimeException(
            'It was made by another version. Put that version in here, import, and upgrade then.',
        );
        $tables = self::tables();
        foreach (array_diff($tables, self::BEGUN) as $table) {
            ! DB::table($table)->exists()
                || throw new RuntimeException("Something is kept here already, in $table. Import into an empty database.");
        }
        Schema::disableForeignKeyConstraints();
        try {
            return DB::transaction(function () use ($tables, $zip): int {
                array_map(fn (string $table) => DB::table($table)->delete(), self::BEGUN);

                return array_sum(array_map(fn (string $table) => self::fill($table, $zip), $tables));
            });
        } finally {
            Schema::enableForeignKeyConstraints();
        }
    }

    /** A file of its own, beside the export, with the rows of a table, one a line. */
    private static function lines(string $table, string $path): void
    {
        $file = fopen($path, 'w') ?: throw new RuntimeException("$path cannot be written.");
        $numbers = self::numbers($table);
        foreach (DB::table($table)->orderBy(self::order($table))->cursor() as $row) {
            fwrite($file, self::json(self::told((array) $row, $numbers))."\n");
        }
        fclose($file);
    }

    /**
     * @param  array<string, mixed>  $row
     * @param  list<string>  $numbers  columns that hold whole numbers, whatever the database calls true
     * @return array<string, mixed>
     */
    private static function told(array $row, array $numbers): array
    {
        foreach ($row as $column => $value) {
            $value = is_resource($value) ? (string) stream_get_contents($value) : $value;
            $row[$column] = match (true) {
                is_bool($value), $value !== null && in_array($column, $numbers, true) => (int) $value,
                is_string($value) && ! mb_check_encoding($value, 'UTF-8') => [self::BYTES => base64_encode($value)],
                default => $value,
            };
        }
        ksort($row);

        return $row;
    }

    private static function fill(string $table, ZipArchive $zip): int
    {
        $file = $zip->getStream("$table.jsonl") ?: throw new RuntimeException("The export lacks $table.");
        $count = 0;
        $rows = [];
        while (($line = fgets($file)) !== false) {
            $rows[] = self::read($line, $table);
            $count++;
            if (count($rows) === self::AT_ONCE) {
                DB::table($table)->insert($rows);
                $rows = [];
            }
        }
        DB::table($table)->insert($rows);

        return $count;
    }

    /** @return array<string, mixed> */
    private static function read(string $line, string $table): array
    {
        $row = json_decode($line, true);
        is_array($row) || throw new RuntimeException("A line of $table cannot be read.");

        $plain = fn (mixed $value) => is_array($value) ? (string) base64_decode((string) ($value[self::BYTES] ?? '')) : $value;

        return array_map($plain, $row);
    }

    /** @return list<string> in the order of their names */
    private static function tables(): array
    {
        $tables = array_values(array_diff(Schema::getTableListing(schemaQualified: false), self::NOT_KEPT));
        sort($tables);

        return $tables;
    }

    /** @return list<string> */
    private static function migrations(): array
    {
        return DB::table('migrations')->orderBy('migration')->pluck('migration')->all();
    }

    /** @return list<string> columns of whole numbers and of yes or no */
    private static function numbers(string $table): array
    {
        return array_column(array_filter(
            Schema::getColumns($table),
            fn (array $column) => preg_match('/int|bool/i', (string) $column['type_name']) === 1,
        ), 'name');
    }

    private static function order(string $table): string
    {
        return Schema::hasColumn($table, 'id') ? 'id' : Schema::getColumnListing($table)[0];
    }

    private static function add(ZipArchive $zip, string $name, string $text): void
    {
        $zip->addFromString($name, "$text\n");
        $zip->setMtimeName($name, self::TIME);
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);
    }
}
