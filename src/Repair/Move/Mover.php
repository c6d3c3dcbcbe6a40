<?php

declare(strict_types=1);

namespace Zwindle\Repair\Move;

use Zwindle\Board\Wiring\JoinedBy;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceCatalogue;

/**
 * Makes moves on a wiring, taken in turn, as the contract has them: a new joint is on a terminal if it holds exactly one
 * fixed terminal, else in a connector with ports enough; an end left alone counts as capped.
 *
 * A move is judged on the parts as they are when its turn comes.
 */
final class Mover
{
    /**
     * @param  list<Move>  $moves
     *
     * @throws MoveNotPossible if one names a place that is not there, or fits a part without a place for what is still held
     */
    public static function make(Wiring $wiring, array $moves): Wiring
    {
        foreach ($moves as $move) {
            $wiring = match (true) {
                $move->device !== null => self::fit($wiring, $move),
                $move->isOfMark() => self::mark($wiring, (string) $move->point, $move->mark),
                default => self::movePoint($wiring, $move),
            };
        }

        return $wiring;
    }

    /**
     * @param  list<Move>  $moves
     * @return Wiring|null null if they cannot be made
     */
    public static function tryToMake(Wiring $wiring, array $moves): ?Wiring
    {
        try {
            return self::make($wiring, $moves);
        } catch (MoveNotPossible) {
            return null;
        }
    }

    private static function mark(Wiring $wiring, string $end, ?MarkedAs $as): Wiring
    {
        $marks = array_diff_key($wiring->marks, [$end => true]) + ($as === null ? [] : [$end => $as]);

        return Wiring::of($wiring->board, $wiring->joints, $wiring->caps, $marks, $wiring->fitted, $wiring->labels);
    }

    private static function fit(Wiring $wiring, Move $move): Wiring
    {
        $fitted = $wiring->fitted;
        $model = DeviceCatalogue::find((string) $move->fit);
        if ($model === null || $model === $wiring->board->devices[(string) $move->device]->model) {
            unset($fitted[(string) $move->device]);
        } else {
            $fitted[(string) $move->device] = $model;
        }

        $made = Wiring::of($wiring->board, $wiring->joints, $wiring->caps, $wiring->marks, $fitted, $wiring->labels);
        foreach ($made->joints as $joint) {
            foreach ($joint->points as $point) {
                isset($made->points[$point]) || throw MoveNotPossible::stillHeld($point);
            }
        }

        return $made;
    }

    private static function movePoint(Wiring $wiring, Move $move): Wiring
    {
        $point = (string) $move->point;
        $box = $wiring->points[$point]->enclosure ?? throw MoveNotPossible::noPlace($point);
        $isElsewhere = ($wiring->points[(string) $move->to]->enclosure ?? null) !== $box;
        if ($move->to === $point || ($move->to !== Move::CAP && $isElsewhere)) {
            throw MoveNotPossible::noPlace((string) $move->to);
        }
        $caps = array_values(array_diff($wiring->caps, [$point]));
        $joints = [];
        foreach ($wiring->joints as $joint) {
            $left = array_values(array_diff($joint->points, [$point]));
            if (count($left) >= 2) {
                $joints[] = count($left) === count($joint->points) ? $joint : self::joint($wiring, $joint->enclosure, $left, $joint);
            } elseif (count($left) === 1 && ! $wiring->points[$left[0]]->isFixed()) {
                $caps[] = $left[0];
            }
        }
        if ($move->to === Move::CAP) {
            $isFixed = $wiring->points[$point]->isFixed();

            return Wiring::of(
                $wiring->board,
                $joints,
                $isFixed ? $caps : [...$caps, $point],
                $wiring->marks,
                $wiring->fitted,
                $wiring->labels,
            );
        }
        $to = (string) $move->to;
        foreach ($joints as $i => $joint) {
            if ($joint->has($to)) {
                $joints[$i] = self::joint($wiring, $joint->enclosure, [...$joint->points, $point], $joint);

                return Wiring::of($wiring->board, $joints, $caps, $wiring->marks, $wiring->fitted, $wiring->labels);
            }
        }
        $joints[] = self::joint($wiring, $wiring->points[$to]->enclosure, [$to, $point], null);

        return Wiring::of(
            $wiring->board,
            $joints,
            array_values(array_diff($caps, [$to])),
            $wiring->marks,
            $wiring->fitted,
            $wiring->labels,
        );
    }

    /** @param  list<string>  $points */
    private static function joint(Wiring $wiring, string $enclosure, array $points, ?Joint $before): Joint
    {
        $fixed = count(array_filter($points, fn (string $point) => $wiring->points[$point]->isFixed()));
        if ($fixed === 1 && ($before === null || $before->by === JoinedBy::Terminal)) {
            return new Joint($enclosure, $points, JoinedBy::Terminal);
        }
        $connector = JoinedBy::from($wiring->board->practice->connectorFor(count($points)));
        $by = $before !== null && $before->by->isConnector() ? $before->by : $connector;
        $ports = $before?->ports === null ? null : max($before->ports, count($points));

        return new Joint($enclosure, $points, $by, $ports);
    }
}
