<?php

declare(strict_types=1);

namespace App\Queries\Boards;

use Illuminate\Support\Facades\File;

/** The starting points that a new board can be drawn from: one for every way of wiring, in both practices. */
final class Patterns
{
    private const ENDING = '.board.json';

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
