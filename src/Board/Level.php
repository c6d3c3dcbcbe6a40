<?php

declare(strict_types=1);

namespace Zwindle\Board;

/**
 * How hard a board is to wire, for the order in which trainees are given them: each light from one switch, a light from two
 * places, from more than two, and several lights so.
 *
 * Source: common practice, the order in which the ways of wiring are taught.
 */
enum Level: int
{
    case OneSwitch = 1;
    case TwoPlaces = 2;
    case ThreePlaces = 3;
    case SeveralLights = 4;

    /** @param  list<string>  $holds  what hangs on the board: functions of switches, kinds of everything else */
    public static function ofParts(array $holds): self
    {
        $count = array_count_values($holds);
        $lights = $count['lamp'] ?? 0;

        return match (true) {
            ($count['three-way'] ?? 0) === 0 => self::OneSwitch,
            $lights > 1 => self::SeveralLights,
            ($count['four-way'] ?? 0) > 0 => self::ThreePlaces,
            default => self::TwoPlaces,
        };
    }
}
