<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\Mover;

/**
 * Parts to be exchanged on a wiring: what must come off before, the parts, and the wiring as it stands then.
 *
 * A part without a place for what a terminal of the old one holds cannot be fitted before that is off.
 */
final readonly class PartChange
{
    /** So many fitted parts are put back one by one, two by two and so on; with more, all of them or none. */
    private const MOST_CHOSEN = 4;

    /**
     * @param  list<Move>  $off
     * @param  list<Move>  $fits
     * @param  array<string, true>  $newPlaces  terminals that only the parts put in have
     * @param  array<string, DeviceModel>  $models  device id → parts other than the board's own that stay
     */
    private function __construct(
        public array $off,
        public array $fits,
        public array $models,
        public Wiring $then,
        private Wiring $start,
        private array $newPlaces,
    ) {
    }

    /**
     * Every choice of the fitted parts put back, none of them first.
     *
     * @return non-empty-list<self>
     */
    public static function every(Wiring $wiring): array
    {
        $fitted = array_map(strval(...), array_keys($wiring->fitted));
        $choices = count($fitted) > self::MOST_CHOSEN ? [[], $fitted] : array_map(
            fn (int $chosen) => array_values(array_filter($fitted, fn (int $i) => ($chosen >> $i & 1) === 1, ARRAY_FILTER_USE_KEY)),
            range(0, 2 ** count($fitted) - 1),
        );

        return array_map(fn (array $back) => self::backTo($wiring, $back), $choices);
    }

    /** All of the board's own parts put in again. */
    public static function toOwnParts(Wiring $wiring): self
    {
        return self::backTo($wiring, array_map(strval(...), array_keys($wiring->fitted)));
    }

    /** @param  list<string>  $devices  whose own part is put in again */
    private static function backTo(Wiring $wiring, array $devices): self
    {
        $models = array_diff_key($wiring->fitted, array_flip($devices));
        $there = $wiring->board->points($models);
        $off = [];
        foreach ($wiring->joints as $joint) {
            $gone = array_values(array_filter($joint->points, fn (string $point) => ! isset($there[$point])));
            $off = $gone === [] ? $off : [...$off, ...self::takenOff($wiring, $gone, array_values(array_diff($joint->points, $gone)))];
        }
        $fits = array_map(fn (string $device) => Move::fit($device, $wiring->board->devices[$device]->model->id), $devices);

        return new self(
            $off,
            $fits,
            $models,
            Mover::make($wiring, [...$off, ...$fits]),
            $wiring,
            array_fill_keys(array_keys(array_diff_key($there, $wiring->points)), true),
        );
    }

    /**
     * @param  list<string>  $gone  of one joint: terminals that the part to be fitted lacks
     * @param  list<string>  $left
     * @return list<Move>
     */
    private static function takenOff(Wiring $wiring, array $gone, array $left): array
    {
        // One conductor is taken off its terminal; of several the terminal's pigtail, and they stay together.
        if (count($gone) === 1 && count($left) === 1 && ! $wiring->points[$left[0]]->isFixed()) {
            return [Move::of($left[0], $gone[0], Move::CAP)];
        }
        $moves = [];
        foreach ($left === [] ? array_slice($gone, 1) : $gone as $i => $terminal) {
            $moves[] = Move::of($terminal, $left[0] ?? $gone[0], Move::CAP);
        }

        return $moves;
    }

    /**
     * The whole way: off, parts, and then what else is to move. What came off only to go to a place that the old part has too
     * goes there at once.
     *
     * @param  list<Move>  $moves  on the wiring as it stands then
     * @return list<Move>
     */
    public function followedBy(array $moves): array
    {
        $whole = [...$this->off, ...$this->fits, ...$moves];
        $off = $this->off;
        $left = $moves;
        foreach ($off as $i => $move) {
            foreach ($left as $j => $next) {
                if (
                    $next->point === $move->point
                    && $next->to !== null
                    && $next->to !== Move::CAP
                    && ! isset($this->newPlaces[$next->to])
                ) {
                    $off[$i] = Move::of((string) $move->point, (string) $move->from, $next->to);
                    unset($left[$j]);
                    break;
                }
            }
        }
        $atOnce = [...$off, ...$this->fits, ...array_values($left)];

        return self::jointsAfter($this->start, $atOnce) === self::jointsAfter($this->start, $whole) ? $atOnce : $whole;
    }

    /**
     * @param  list<Move>  $moves
     * @return list<string>|null what stands with what; null if the moves cannot be made
     */
    private static function jointsAfter(Wiring $start, array $moves): ?array
    {
        $made = Mover::tryToMake($start, $moves);
        if ($made === null) {
            return null;
        }
        $joints = array_map(function (Joint $joint): string {
            $points = $joint->points;
            sort($points);

            return implode(' ', $points);
        }, $made->joints);
        sort($joints);

        return $joints;
    }
}
