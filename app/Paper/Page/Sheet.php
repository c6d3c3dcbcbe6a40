<?php

declare(strict_types=1);

namespace App\Paper\Page;

use App\Enums\LabelSheet;

/** What is printed on, for how many boards of one drawing, and whether on both sides of a sheet. */
final readonly class Sheet
{
    public const SIZES = ['letter', 'a4'];

    public const MOST_BOARDS = 60;

    /**
     * @param  string|null  $size  as its practice is used to where null
     * @param  bool  $isDuplex  whether every part begins on the front of a sheet
     * @param  LabelSheet|null  $labels  ready-cut labels, and nothing else, where one is named
     * @param  int  $firstLabel  from 1: those before it are used up
     */
    public function __construct(
        public ?string $size = null,
        public int $boards = 1,
        public bool $isDuplex = false,
        public ?LabelSheet $labels = null,
        public int $firstLabel = 1,
    ) {
    }
}
