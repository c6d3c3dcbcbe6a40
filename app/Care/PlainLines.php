<?php

declare(strict_types=1);

namespace App\Care;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Request;
use Monolog\Formatter\FormatterInterface;
use Monolog\LogRecord;
use Throwable;

/**
 * A line of JSON for each thing that went wrong: when, its number, what and where in the code. No names, no numbers of people, no
 * addresses, nothing that somebody typed: of a failed query its text with places for the values, and no message, which could hold one.
 */
final class PlainLines implements FormatterInterface
{
    private const MOST_FRAMES = 12;

    public function format(LogRecord $record): string
    {
        $fault = $record->context['exception'] ?? null;
        $line = [
            'at' => $record->datetime->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d\TH:i:s.v\Z'),
            'level' => strtolower($record->level->getName()),
            ...$fault instanceof Throwable ? self::told($fault) : ['said' => $record->message],
        ];

        return json_encode($line, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE)."\n";
    }

    /** @param  array<LogRecord>  $records */
    public function formatBatch(array $records): string
    {
        return implode('', array_map($this->format(...), $records));
    }

    /** @return array<string, mixed> */
    private static function told(Throwable $fault): array
    {
        $route = Request::instance()->route();
        $own = array_filter($fault->getTrace(), fn (array $frame) => self::isOwn($frame['file'] ?? ''));
        $frames = array_map(
            fn (array $frame) => self::place($frame['file'] ?? '', $frame['line'] ?? 0),
            array_slice($own, 0, self::MOST_FRAMES),
        );

        return [
            'number' => ErrorNumber::now(),
            'what' => $fault::class,
            'where' => self::place($fault->getFile(), $fault->getLine()),
            'route' => $route !== null ? implode('|', array_diff($route->methods(), ['HEAD'])).' '.$route->uri() : null,
            'query' => $fault instanceof QueryException ? $fault->getSql() : null,
            // What the database says may hold a value: its codes say enough (5 locked, 8 read only, 13 full, 19 a rule of a table).
            'codes' => $fault instanceof QueryException ? [$fault->getCode(), $fault->errorInfo[1] ?? null] : null,
            'from' => $frames,
        ];
    }

    private static function isOwn(string $file): bool
    {
        return str_starts_with($file, base_path('app/')) || str_starts_with($file, base_path('src/'));
    }

    private static function place(string $file, int $line): string
    {
        return str_replace(base_path().'/', '', $file).":$line";
    }
}
