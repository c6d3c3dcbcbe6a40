<?php

declare(strict_types=1);

namespace App\Paper;

/** What is printed on, and for how many boards of one drawing. */
final readonly class Sheet
{
    public const SIZES = ['letter', 'a4'];

    public const MOST_BOARDS = 60;

    /** @param  string|null  $size  as its practice is used to where null */
    public function __construct(public ?string $size = null, public int $boards = 1)
    {
    }
}
