<?php

declare(strict_types=1);

namespace App\Console\Pages;

use Closure;

/** One object written as JSON field by field, so that a list in it may be longer than memory should hold at once. */
final class JsonStream
{
    public const FLAGS = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

    private const PIECE_BYTES = 100_000;

    private const INDENT = '    ';

    private string $held = '';

    /** @param  Closure(string): void  $write */
    private function __construct(private readonly Closure $write)
    {
    }

    /**
     * @param  array<string, mixed>  $fields
     * @param  array<string, iterable<string>>  $lists  field → its items, each as JSON; they take the place of the field's value
     * @param  Closure(string): void  $write
     */
    public static function write(array $fields, array $lists, Closure $write): void
    {
        $stream = new self($write);
        $before = "{\n";
        foreach ($fields as $name => $value) {
            $stream->put($before.self::INDENT.json_encode($name, self::FLAGS).': ');
            isset($lists[$name]) ? $stream->list($lists[$name]) : $stream->put(self::indented($value));
            $before = ",\n";
        }
        $stream->put("\n}\n");
        ($stream->write)($stream->held);
    }

    /** @param  iterable<string>  $items */
    private function list(iterable $items): void
    {
        $this->put('[');
        $before = "\n";
        foreach ($items as $item) {
            $this->put($before.self::INDENT.self::INDENT.$item);
            $before = ",\n";
        }
        $this->put("\n".self::INDENT.']');
    }

    private function put(string $text): void
    {
        $this->held .= $text;
        if (strlen($this->held) > self::PIECE_BYTES) {
            ($this->write)($this->held);
            $this->held = '';
        }
    }

    private static function indented(mixed $value): string
    {
        return implode("\n".self::INDENT, explode("\n", json_encode($value, self::FLAGS)));
    }
}
