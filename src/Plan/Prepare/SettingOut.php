<?php

declare(strict_types=1);

namespace Zwindle\Plan\Prepare;

use Zwindle\Board\Board;
use Zwindle\Board\Enclosure;
use Zwindle\Board\Wall;

/** The places of the boxes on the board face, for the pencil and the tape. */
final class SettingOut
{
    /** Half the width of a stud: a box whose middle is nearer to the stud's than this hangs on it (1½ in lumber, common practice). */
    private const HALF_STUD_MM = 19.05;

    /** @return list<SettingOutPlace> of the boxes that have a place, from the left and then from the top */
    public static function of(Board $board): array
    {
        $placed = array_filter($board->enclosures, fn (Enclosure $box) => $box->at !== null && $box->kind->isOnTheWall());
        $places = array_map(fn (Enclosure $box) => self::place($box, $box->at ?? [0.0, 0.0], $board->wall), array_values($placed));
        usort(
            $places,
            fn (
                SettingOutPlace $one,
                SettingOutPlace $other,
            ) => [$one->fromLeftMm, $one->fromTopMm] <=> [$other->fromLeftMm, $other->fromTopMm],
        );

        return $places;
    }

    /** @param  array{float, float}  $at */
    private static function place(Enclosure $box, array $at, ?Wall $wall): SettingOutPlace
    {
        [$x, $y] = $at;
        $stud = $wall?->nearestStud($x);

        return new SettingOutPlace(
            $box,
            $x,
            $y,
            $wall === null ? null : $wall->heightMm - $y,
            $stud,
            $stud === null ? null : self::side($x - $wall->studAtMm($stud)),
            $box->box?->depthIn(),
        );
    }

    private static function side(float $offMm): StudSide
    {
        return match (true) {
            abs($offMm) < self::HALF_STUD_MM => StudSide::On,
            $offMm < 0 => StudSide::Left,
            default => StudSide::Right,
        };
    }
}
