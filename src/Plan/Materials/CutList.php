<?php

declare(strict_types=1);

namespace Zwindle\Plan\Materials;

use Zwindle\Board\Board;
use Zwindle\Board\Cable;
use Zwindle\Board\EnclosureKind;

/**
 * Every cable of a board with the length to cut and its supports.
 *
 * How far they are apart stands in the file of the practice. Source: NEC 334.30, within 12 in of a box and every 4½ ft; 314.17(C),
 * within 8 in of a plastic single box without clamps (memory); British clips for flat cable up to 9 mm, every 250 mm
 * (On-Site Guide, memory).
 */
final class CutList
{
    /** @return list<Cut> in the board's order */
    public static function of(Board $board, CutAllowances $allowances): array
    {
        return array_values(array_map(function (Cable $cable) use ($board, $allowances): Cut {
            $runM = RunLength::of($board, $cable);

            return new Cut(
                $cable,
                $runM,
                $runM === null ? null : $allowances->cutM($runM),
                $runM === null || $cable->type->isSingle ? 0 : self::supports($runM, $board, $cable),
            );
        }, $board->cables));
    }

    /** One near each box, and as many between as the spacing asks. */
    private static function supports(float $runM, Board $board, Cable $cable): int
    {
        $between = $runM - self::fromBoxM($board, $cable->from) - self::fromBoxM($board, $cable->to);

        return $between <= 0 ? 1 : 1 + (int) ceil($between / $board->practice->supports['everyM'] - 1e-9);
    }

    /** How near to a box its cable is supported. */
    public static function fromBoxM(Board $board, string $enclosure): float
    {
        $box = $board->enclosures[$enclosure];
        $isSingle = $box->kind === EnclosureKind::SwitchBox && count($board->devicesIn($enclosure)) <= 1;
        $isWithoutClamps = ! $box->isMetal && ! $box->hasInternalClamps;

        return $board->practice->supports[$isSingle && $isWithoutClamps ? 'fromPlasticSingleM' : 'fromBoxM'];
    }
}
