<?php

declare(strict_types=1);

namespace Zwindle\Materials;

use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Catalogue\Practice;

/**
 * Every cable of a board with the length to cut and its supports.
 *
 * Source: NEC 334.30, within 12 in of a box and every 4½ ft (memory); British clips for flat cable up to 9 mm, every 250 mm
 * (On-Site Guide, memory).
 */
final class CutList
{
    private const FROM_BOX_M = ['na' => 0.3, 'gb' => 0.15];

    private const EVERY_M = ['na' => 1.37, 'gb' => 0.25];

    /** @return list<Cut> in the board's order */
    public static function of(Board $board, CutAllowances $allowances): array
    {
        return array_values(array_map(function (Cable $cable) use ($board, $allowances): Cut {
            $runM = RunLength::of($board, $cable);

            return new Cut($cable, $runM, $runM === null ? null : $allowances->cutM($runM), $runM === null || $cable->type->isSingle ? 0 : self::supports($runM, $board->practice));
        }, $board->cables));
    }

    /** One near each box, and as many between as the spacing asks. */
    private static function supports(float $runM, Practice $practice): int
    {
        $between = $runM - 2 * self::FROM_BOX_M[$practice->value];

        return $between <= 0 ? 1 : 1 + (int) ceil($between / self::EVERY_M[$practice->value] - 1e-9);
    }
}
