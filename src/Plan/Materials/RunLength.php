<?php

declare(strict_types=1);

namespace Zwindle\Plan\Materials;

use Zwindle\Board\Board;
use Zwindle\Board\Cable;

/** How long a run is: as the board says, or along and up between its two places, not as the crow flies. */
final class RunLength
{
    private const MM = 1000.0;

    /** @return float|null metres; null where the board gives neither a length nor both places */
    public static function of(Board $board, Cable $cable): ?float
    {
        [$from, $to] = [$board->enclosures[$cable->from]->at, $board->enclosures[$cable->to]->at];

        return match (true) {
            $cable->lengthM !== null => $cable->lengthM,
            $from === null || $to === null => null,
            default => (abs($from[0] - $to[0]) + abs($from[1] - $to[1])) / self::MM,
        };
    }

    /** The same board with the length of every run that can be worked out. */
    public static function filledIn(Board $board): Board
    {
        return $board->withLengths(array_map(fn (Cable $cable) => self::of($board, $cable), $board->cables));
    }
}
