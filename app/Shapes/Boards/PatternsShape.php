<?php

declare(strict_types=1);

namespace App\Shapes\Boards;

use App\Queries\Boards\Patterns;

/** The starting points that a new board can be drawn from, each with a small drawing of it. */
final readonly class PatternsShape
{
    public function __construct(private Patterns $patterns)
    {
    }

    /** @return list<array{key: string, title: string, practice: string, sketch: array<string, mixed>}> */
    public function json(): array
    {
        return array_map(function (string $key): array {
            $text = (string) $this->patterns->text($key);
            $board = json_decode($text, true, flags: JSON_THROW_ON_ERROR);

            return ['key' => $key, 'title' => $board['title'], 'practice' => $board['practice'], 'sketch' => SketchShape::of($text)];
        }, $this->patterns->keys());
    }
}
