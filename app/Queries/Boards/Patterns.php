<?php

declare(strict_types=1);

namespace App\Queries\Boards;

use App\Shapes\Boards\SketchShape;
use Illuminate\Support\Facades\File;

/** The starting points that a new board can be drawn from: one for every way of wiring, in both practices. */
final class Patterns
{
    private const ENDING = '.board.json';

    /** @return list<array{key: string, title: string, practice: string, sketch: array<string, mixed>}> each with a small drawing of it */
    public function all(): array
    {
        return array_map(function (string $key): array {
            $text = (string) $this->text($key);
            $board = json_decode($text, true, flags: JSON_THROW_ON_ERROR);

            return ['key' => $key, 'title' => $board['title'], 'practice' => $board['practice'], 'sketch' => SketchShape::of($text)];
        }, $this->keys());
    }

    /** @return list<string> */
    public function keys(): array
    {
        $keys = array_map(fn (string $path) => basename($path, self::ENDING), File::glob($this->path('*')));
        sort($keys);

        return $keys;
    }

    /** The text of the board file; null if there is no such pattern. */
    public function text(string $key): ?string
    {
        return in_array($key, $this->keys(), true) ? File::get($this->path($key)) : null;
    }

    private function path(string $key): string
    {
        return database_path('patterns/'.$key.self::ENDING);
    }
}
