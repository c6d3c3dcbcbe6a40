<?php

declare(strict_types=1);

namespace Zwindle\Exam\Vary;

use Zwindle\Board\Board;

/** The board of one seat. */
final readonly class Variant
{
    /**
     * @param  string  $telling  what neighbours must not have alike: the layout and where each screw is
     * @param  string  $key  everything that differs
     */
    public function __construct(
        public int $seat,
        public Layout $layout,
        public Board $board,
        public string $telling,
        public string $key,
    ) {
    }
}
