<?php

declare(strict_types=1);

namespace Zwindle\Proving\Order;

use Zwindle\Catalogue\Devices\InstrumentKind;
use Zwindle\Proving\LoggedAct;
use Zwindle\Proving\Reading\Reading;
use Zwindle\Proving\Reading\Shown;
use Zwindle\Proving\Reading\Touch;

/** Readings of a log, those since the wiring was last changed, and what a line of the sheet makes of them. */
final readonly class SheetReadings
{
    /**
     * @param  list<LoggedAct>  $log
     * @param  int  $head  steps of the wiring as it stands: tests from before its last change count no more
     */
    public function __construct(private PointRoles $roles, private EarthedPlaces $earthed, private array $log, private int $head)
    {
    }

    /** @return list<LoggedAct> */
    public function sinceWired(): array
    {
        return array_values(array_filter($this->log, fn (LoggedAct $logged) => $logged->head === $this->head));
    }

    /** @return iterable<array{LoggedAct, Touch, Reading}> */
    public function touches(InstrumentKind $with, bool $isLive = false): iterable
    {
        foreach ($this->sinceWired() as $logged) {
            $touch = $logged->act->touch;
            // A test that opens the RCD ends with the board dead.
            if ($touch?->with === $with && $logged->reading !== null && (! $isLive || $logged->wasLive)) {
                yield [$logged, $touch, $logged->reading];
            }
        }
    }

    /**
     * @param  array<int, string>  $places
     * @param  array<string, list<Reading>>  $read  place → its readings; the last one counts
     */
    public function perPlace(SheetItem $item, array $places, array $read, float $most): SheetLine
    {
        $last = array_map(fn (array $readings) => $readings[count($readings) - 1], array_intersect_key($read, array_flip($places)));
        $worst = null;
        foreach ($last as $reading) {
            $worst = $worst === null || self::figure($reading) > self::figure($worst) ? $reading : $worst;
        }
        $left = array_values(array_diff($places, array_keys($last)));

        return new SheetLine($item, $worst, $left, $left === [] ? ($worst === null || self::figure($worst) <= $most) : null);
    }

    /**
     * Line to neutral, line to earth and neutral to earth; the last reading of each counts.
     *
     * @param  callable(Reading): bool  $isGood
     */
    public function perPair(SheetItem $item, InstrumentKind $with, callable $isGood): SheetLine
    {
        $pairs = $this->earthed->hasEarths() ? [['line', 'neutral'], ['line', 'earth'], ['neutral', 'earth']] : [['line', 'neutral']];
        $pairs = $item === SheetItem::NoShort ? array_slice($pairs, 0, 2) : $pairs;
        $last = [];
        $why = null;
        foreach ($this->touches($with) as [$logged, $touch, $reading]) {
            foreach ($pairs as [$one, $other]) {
                if ($this->roles->isBetween($touch, $one, $other) && ! $logged->wasLive) {
                    $last["$one-$other"] = $reading;
                    $why = $isGood($reading) ? $why : match (true) {
                        $logged->tiesNeutral && [$one, $other] === ['neutral', 'earth'] => Reason::NeutralTied,
                        count($logged->lampsOut) < count($this->roles->circuit->lamps) => Reason::LampWasIn,
                        default => $why,
                    };
                }
            }
        }
        $left = array_values(array_diff(array_map(fn (array $pair) => implode('-', $pair), $pairs), array_keys($last)));
        $worst = null;
        foreach ($last as $reading) {
            $worst = $worst === null || self::figure($reading) < self::figure($worst) ? $reading : $worst;
        }

        return new SheetLine(
            $item,
            $worst,
            $left,
            $left === [] ? array_filter($last, fn (Reading $reading) => ! $isGood($reading)) === [] : null,
            why: array_filter($last, fn (Reading $reading) => ! $isGood($reading)) === [] ? null : $why,
        );
    }

    private static function figure(Reading $reading): float
    {
        return $reading->shown === Shown::Number ? ($reading->value ?? INF) : INF;
    }
}
