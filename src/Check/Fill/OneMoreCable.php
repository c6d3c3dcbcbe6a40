<?php

declare(strict_types=1);

namespace Zwindle\Check\Fill;

use Zwindle\Board\Board;
use Zwindle\Board\Enclosure;
use Zwindle\Catalogue\Cables\CableType;

/** Whether one more cable of a type would still fit into a box, and what would make it fit. */
final readonly class OneMoreCable
{
    private function __construct(
        public CableType $type,
        public BoxFill $fill,
    ) {
    }

    /** @return list<self> for each type of cable on the board */
    public static function into(Enclosure $enclosure, Board $board, FillCount $count): array
    {
        $types = array_map(fn ($cable) => $cable->type, array_values($board->cables));
        $cables = array_filter(array_column($types, null, 'id'), fn (CableType $type) => ! $type->isSingle);

        return array_values(array_map(fn (CableType $type) => new self($type, $count->of($enclosure, $type)), $cables));
    }
}
