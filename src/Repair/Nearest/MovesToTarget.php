<?php

declare(strict_types=1);

namespace Zwindle\Repair\Nearest;

use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Repair\Move\Move;

/** The moves that bring a wiring to a target, box by box, each named as it can be made in its turn. */
final class MovesToTarget
{
    /** @return list<Move> */
    public static function towards(Wiring $wiring, Target $target): array
    {
        $moves = [];
        $points = $joints = [];
        foreach ($wiring->points as $point) {
            $points[$point->enclosure][] = $point->id;
        }
        foreach ($wiring->joints as $joint) {
            $joints[$joint->enclosure][] = $joint;
        }
        foreach ($points as $enclosure => $own) {
            $match = BoxDistance::of($wiring, $own, $joints[$enclosure] ?? [], $target->strandOf);
            $moves = [...$moves, ...self::inBox($wiring, $match)];
        }

        return $moves;
    }

    /** @return list<Move> */
    private static function inBox(Wiring $wiring, BoxDistance $match): array
    {
        $homes = self::homes($match);
        $moves = [];
        foreach (self::newHomes($wiring, $match) as $strand => [$home, $comesOut]) {
            $homes[$strand] = $home;
            if ($comesOut) {
                $moves[] = Move::of($home, self::fromOf($wiring, $home, $wiring->jointAt($home)), Move::CAP);
            }
        }
        $out = [];
        foreach ($match->labels as $point => $strand) {
            $joint = $wiring->jointAt($point);
            $place = $joint === null ? false : array_search($joint, $match->joints, true);
            $stays = $strand !== null && $place !== false && ($match->serves[$place] ?? null) === $strand;
            if ($stays || ($strand !== null && $homes[$strand] === $point)) {
                continue;
            }
            if ($strand !== null) {
                $moves[] = Move::of($point, self::fromOf($wiring, $point, $joint), $homes[$strand]);
            } elseif ($joint !== null && $place !== false) {
                $out[$place][] = Move::of($point, self::fromOf($wiring, $point, $joint), Move::CAP);
            }
        }
        foreach ($out as $place => $strangers) {
            // The last to be left in a joint that serves nothing is alone by itself.
            $moves = [...$moves, ...(isset($match->serves[$place]) ? $strangers : array_slice($strangers, 1))];
        }

        return $moves;
    }

    /**
     * For each strand that a joint serves, a point that stays in it, to which the others come.
     *
     * @return array<string, string>
     */
    private static function homes(BoxDistance $match): array
    {
        $homes = [];
        foreach ($match->serves as $joint => $strand) {
            foreach ($match->joints[$joint]->points as $point) {
                if (($match->labels[$point] ?? null) === $strand) {
                    $homes[$strand] ??= $point;
                }
            }
        }

        return $homes;
    }

    /**
     * For each strand that no joint serves, the point to which the others come: one that is alone, else one that comes out
     * of its joint first.
     *
     * @return array<string, array{string, bool}>
     */
    private static function newHomes(Wiring $wiring, BoxDistance $match): array
    {
        $members = [];
        foreach ($match->labels as $point => $strand) {
            if ($strand !== null && ! in_array($strand, $match->serves, true)) {
                $members[$strand][] = $point;
            }
        }
        $homes = [];
        foreach ($members as $strand => $own) {
            $alone = array_values(array_filter($own, fn (string $point) => $wiring->jointAt($point) === null));
            $fixed = array_values(array_filter($own, fn (string $point) => $wiring->points[$point]->isFixed()));
            $homes[$strand] = $alone === [] ? [$fixed[0] ?? $own[0], true] : [$alone[0], false];
        }

        return $homes;
    }

    private static function fromOf(Wiring $wiring, string $point, ?Joint $joint): string
    {
        if ($joint === null) {
            return $wiring->isCapped($point) || $wiring->points[$point]->isFixed() ? Move::CAP : Move::LOOSE;
        }

        return array_values(array_diff($joint->points, [$point]))[0];
    }
}
