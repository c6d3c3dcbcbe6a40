<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis;

use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\Mover;

/** The moves that take a mistake back, in the order in which they are made. */
final class Mending
{
    /** @return list<Move> from the board as it looks; nothing for a core that is open along its run, or for a chain: no move mends them */
    public static function of(Suspect $suspect): array
    {
        $moves = [];
        foreach (array_reverse($suspect->mistakes) as $mistake) {
            array_push($moves, ...self::ofOne($suspect->right, $mistake));
        }

        return $moves;
    }

    /** The repair that mends a suspect, by name; a cable is changed, not mended by a move. */
    public static function name(Suspect $suspect): string
    {
        $keys = array_map(fn (Move $move) => $move->key(), self::of($suspect));
        sort($keys);
        $inside = array_map(fn (Mistake $mistake) => $keys === [] ? $mistake->id() : '', array_values($suspect->mistakes));

        return implode('|', [...$keys, ...$inside]);
    }

    /** @return list<Move> */
    private static function ofOne(Wiring $right, Mistake $mistake): array
    {
        if ($mistake->kind === MistakeKind::PullChainOff) {
            return [];
        }
        if ($mistake->fault !== null) {
            $device = $right->board->devices[$mistake->fault->device];

            return [Move::fit($device->id, $right->modelOf($device)->id)];
        }
        if ($mistake->unmarked !== null) {
            return [Move::mark($mistake->unmarked, $right->markOn($mistake->unmarked) ?? MarkedAs::Line)];
        }
        if (Suspect::isLoose($mistake)) {
            // Out and back under the same screw, and tight.
            [$end, $from] = $mistake->at;

            return [Move::of($end, $from, $from)];
        }

        return $mistake->kind === MistakeKind::CoreOpen ? [] : self::undone($right, $mistake->moves);
    }

    /**
     * @param  list<Move>  $moves  as the hand made them on the right wiring
     * @return list<Move>
     */
    private static function undone(Wiring $right, array $moves): array
    {
        $undone = [];
        $wiring = $right;
        foreach ($moves as $move) {
            $after = Mover::make($wiring, [$move]);
            if ($move->device !== null) {
                $device = $right->board->devices[$move->device];
                array_unshift($undone, Move::fit($device->id, $wiring->modelOf($device)->id));
            } elseif ($move->point !== null) {
                $before = self::beside($wiring, $move->point);
                array_unshift($undone, Move::of($move->point, self::beside($after, $move->point) ?? Move::CAP, $before ?? Move::CAP));
            }
            $wiring = $after;
        }

        return $undone;
    }

    /** A point of the same joint, a fixed one rather than an end; null for an end that is in none. */
    private static function beside(Wiring $wiring, string $point): ?string
    {
        $others = array_values(array_diff($wiring->jointAt($point)->points ?? [], [$point]));
        $fixed = array_values(array_filter($others, fn (string $other) => $wiring->points[$other]->isFixed()));

        return $fixed[0] ?? $others[0] ?? null;
    }
}
