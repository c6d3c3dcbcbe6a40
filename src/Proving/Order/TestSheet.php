<?php

declare(strict_types=1);

namespace Zwindle\Proving\Order;

use Zwindle\Board\Enclosure;
use Zwindle\Board\EnclosureKind;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Instruments\InstrumentKind;
use Zwindle\Catalogue\Instruments\Instruments;
use Zwindle\Proving\ActKind;
use Zwindle\Proving\LoggedAct;
use Zwindle\Proving\Reading\Reading;
use Zwindle\Proving\Reading\Shown;
use Zwindle\Proving\Reading\Touch;

/** What has been tested on a board, line by line, from what was done; a reading counts where it was taken as it must be. */
final readonly class TestSheet
{
    /** A conductor that is continuous reads less than this (common practice: ohms, not tens of them). */
    private const CONTINUOUS_OHM = 5.0;

    /** @var list<SheetLine> */
    public array $lines;

    /** The place in the log of the act that switched on before the dead tests were done; null where none did. */
    public ?int $energisedTooEarly;

    /**
     * @param  list<LoggedAct>  $log  all of it
     * @param  int  $head  steps of the wiring as it stands: tests from before its last change count no more
     */
    public function __construct(private PointRoles $roles, private string $own, array $log, private int $head)
    {
        $this->lines = $this->linesOf($log);
        $early = null;
        foreach ($log as $i => $logged) {
            if ($logged->head === $head && $logged->act->kind === ActKind::TurnOn && $logged->isLive && ! $logged->wasLive) {
                $early = $this->isDeadPartGood(array_slice($log, 0, $i)) ? null : $i;
                break;
            }
        }
        $this->energisedTooEarly = $early;
    }

    /**
     * Whether all that is tested dead is tested and good.
     *
     * @param  list<LoggedAct>  $log
     */
    public function isDeadPartGood(array $log): bool
    {
        foreach ($this->linesOf($log) as $line) {
            if ($line->item->isDead() && $line->isGood !== true) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<LoggedAct>  $log
     * @return list<SheetLine>
     */
    private function linesOf(array $log): array
    {
        $board = $this->roles->circuit->wiring->board;
        $lines = [];
        foreach ($board->practice->proving['sheet'] as $name) {
            $line = match (SheetItem::from($name)) {
                SheetItem::Isolation => $this->isolation($log),
                SheetItem::R1R2 => $this->r1r2($log),
                SheetItem::Earths => $this->earths($log),
                SheetItem::NoShort => $this->noShort($log),
                SheetItem::Insulation => $this->insulation($log),
                SheetItem::Polarity => $this->polarity($log),
                SheetItem::Voltage => $this->voltage($log),
                SheetItem::Loop => $this->loop($log),
                SheetItem::Residual => $this->residual($log),
                SheetItem::Function => $this->functions($log),
            };
            $lines = $line === null ? $lines : [...$lines, $line];
        }

        return $lines;
    }

    /** @param  list<LoggedAct>  $log */
    private function isolation(array $log): SheetLine
    {
        $isDone = SafeIsolation::judge($this->roles, $this->own, $log)->isDone();

        return new SheetLine(SheetItem::Isolation, null, $isDone ? [] : ['isolation'], $isDone ?: null);
    }

    /** @param  list<LoggedAct>  $log */
    private function r1r2(array $log): ?SheetLine
    {
        if (! $this->hasEarths()) {
            return null;
        }
        $read = [];
        foreach ($this->touches($log, InstrumentKind::Ohm) as [$logged, $touch, $reading]) {
            foreach ($logged->hasLink ? [[$touch->one, $touch->other], [$touch->other, $touch->one]] : [] as [$hot, $earth]) {
                foreach ($this->roles->isEarth((string) $earth) ? $this->roles->lampsFedAt((string) $hot) : [] as $lamp) {
                    // With a switch the other way the loop is open, and that is no reading of it.
                    $reading->shown === Shown::Number
                        && $this->roles->enclosureOf((string) $earth) === $this->enclosureOfLamp($lamp)
                        && $read[$lamp][] = $reading;
                }
            }
        }

        return $this->perPlace(SheetItem::R1R2, array_keys($this->lampsWithEarth()), $read, self::CONTINUOUS_OHM);
    }

    /** @param  list<LoggedAct>  $log */
    private function earths(array $log): ?SheetLine
    {
        if (! $this->hasEarths()) {
            return null;
        }
        $read = [];
        $supply = $this->roles->circuit->wiring->board->supply()->enclosure;
        foreach ($this->touches($log, InstrumentKind::Ohm) as [$logged, $touch, $reading]) {
            foreach ($logged->hasLink ? [] : [[$touch->one, $touch->other], [$touch->other, $touch->one]] as [$here, $there]) {
                if ($this->isEarthPoint((string) $here) && $this->isEarthPoint((string) $there)
                    && $this->roles->enclosureOf((string) $here) === $supply) {
                    $read[$this->roles->enclosureOf((string) $there)][] = $reading;
                }
            }
        }

        return $this->perPlace(SheetItem::Earths, $this->boxesWithEarth(), $read, self::CONTINUOUS_OHM);
    }

    /** @param  list<LoggedAct>  $log */
    private function noShort(array $log): SheetLine
    {
        return $this->perPair(SheetItem::NoShort, $log, InstrumentKind::Ohm, fn (Reading $reading) => $reading->shown === Shown::Over
            || ($reading->value ?? 0.0) > Instruments::facts()['ohm']['ranges'][2][0]);
    }

    /**
     * Each pair, and every switch both ways: in one position half of the conductors are cut off.
     *
     * @param  list<LoggedAct>  $log
     */
    private function insulation(array $log): SheetLine
    {
        $least = $this->roles->circuit->wiring->board->practice->proving['insulationLeastMohm'];
        $line = $this->perPair(
            SheetItem::Insulation,
            $log,
            InstrumentKind::Insulation,
            fn (Reading $reading) => $reading->shown === Shown::Over || ($reading->value ?? 0.0) >= $least,
        );
        $states = [];
        foreach ($this->touches($log, InstrumentKind::Insulation) as [$logged, $touch]) {
            $this->roles->isBetween($touch, 'line', 'earth') && $states[$logged->state] = true;
        }
        $oneWay = $this->switchesInOnePosition(array_keys($states));

        return $oneWay === [] || ! $this->hasEarths()
            ? $line
            : new SheetLine($line->item, $line->worst, [...$line->left, ...$oneWay], null, why: $line->why);
    }

    /** @param  list<LoggedAct>  $log */
    private function polarity(array $log): SheetLine
    {
        $read = [];
        foreach ($this->touches($log, InstrumentKind::Ohm) as [$logged, $touch, $reading]) {
            foreach ($logged->hasLink ? [] : [[$touch->one, $touch->other], [$touch->other, $touch->one]] as [$line, $lampSide]) {
                if ($this->roles->isLine((string) $line)) {
                    foreach ($this->roles->lampsFedAt((string) $lampSide) as $lamp) {
                        $reading->shown === Shown::Number && ($reading->value ?? INF) < self::CONTINUOUS_OHM && $read[$lamp][] = $reading;
                    }
                }
            }
        }

        return $this->perPlace(SheetItem::Polarity, $this->roles->circuit->lamps, $read, self::CONTINUOUS_OHM);
    }

    /** @param  list<LoggedAct>  $log */
    private function voltage(array $log): SheetLine
    {
        $nominal = $this->roles->circuit->wiring->board->practice->nominalV;
        $left = ['line-neutral' => true, 'line-earth' => true];
        $worst = null;
        foreach ($this->touches($log, InstrumentKind::TwoPole, isLive: true) as [, $touch, $reading]) {
            foreach ([['line', 'neutral'], ['line', 'earth']] as [$one, $other]) {
                if ($this->roles->isBetween($touch, $one, $other) && $reading->shown === Shown::Marks) {
                    unset($left["$one-$other"]);
                    $worst = $worst === null || $reading->value < $worst->value ? $reading : $worst;
                }
            }
        }
        $left = $this->hasEarths() ? $left : array_diff_key($left, ['line-earth' => true]);
        $isEnough = $worst !== null && $worst->value >= 0.8 * $nominal;

        return new SheetLine(SheetItem::Voltage, $worst, array_keys($left), $left === [] ? $isEnough : null);
    }

    /** @param  list<LoggedAct>  $log */
    private function loop(array $log): ?SheetLine
    {
        if (! $this->hasEarths()) {
            return null;
        }
        $read = [];
        foreach ($this->touches($log, InstrumentKind::Loop, isLive: true) as [, $touch, $reading]) {
            foreach ([[$touch->one, $touch->other], [$touch->other, $touch->one]] as [$hot, $earth]) {
                foreach ($this->roles->isEarth((string) $earth) ? $this->roles->lampsFedAt((string) $hot) : [] as $lamp) {
                    $reading->shown === Shown::Number && $read[$lamp][] = $reading;
                }
            }
        }
        $board = $this->roles->circuit->wiring->board;
        $most = $board->practice->proving['loopMostOhm'][(int) $board->supply()->breakerA] ?? INF;

        return $this->perPlace(SheetItem::Loop, array_keys($this->lampsWithEarth()), $read, $most);
    }

    /** @param  list<LoggedAct>  $log */
    private function residual(array $log): ?SheetLine
    {
        $kind = in_array(InstrumentKind::Rcd->value, $this->roles->circuit->wiring->board->practice->proving['instruments'], true)
            ? InstrumentKind::Rcd
            : InstrumentKind::Gfci;
        $hasSocket = $kind === InstrumentKind::Rcd
            || $this->roles->circuit->wiring->board->devicesOf(DeviceKind::Receptacle) !== [];
        if (! $this->roles->circuit->hasRcd || ! $hasSocket) {
            return null;
        }
        foreach ($this->touches($log, $kind) as [, , $reading]) {
            if ($reading->shown === Shown::Tripped) {
                return new SheetLine(
                    SheetItem::Residual,
                    $reading,
                    [],
                    $kind === InstrumentKind::Gfci || $reading->value <= Instruments::facts()['rcd']['mostMs'],
                );
            }
        }

        return new SheetLine(SheetItem::Residual, null, ['residual'], null);
    }

    /**
     * Every combination seen with the supply on; good where every flip of a switch changed each lamp that it controls.
     *
     * @param  list<LoggedAct>  $log
     */
    private function functions(array $log): SheetLine
    {
        $count = $this->roles->circuit->stateCount();
        $seen = [];
        $isGood = true;
        $before = null;
        foreach (array_filter($log, fn (LoggedAct $logged) => $logged->head === $this->head) as $logged) {
            if ($logged->isLive && $logged->lampsOut === []) {
                $seen[$logged->state] = true;
                if ($logged->act->kind === ActKind::Flip && $before?->isLive === true) {
                    $isGood = $isGood && $this->changedAsAsked((string) $logged->act->on, $before->lamps, $logged->lamps);
                }
            }
            $isGood = $isGood && ! ($logged->act->kind === ActKind::Flip && $logged->trip !== null);
            $before = $logged;
        }
        $left = $count - count($seen);

        return new SheetLine(
            SheetItem::Function,
            null,
            $left > 0 ? ['combinations'] : [],
            $left > 0 ? null : $isGood,
            count($seen)."/$count",
        );
    }

    /**
     * @param  array<string, string>  $before
     * @param  array<string, string>  $after
     */
    private function changedAsAsked(string $switch, array $before, array $after): bool
    {
        foreach ($this->roles->circuit->wiring->board->controls as $control) {
            foreach (in_array($switch, $control->switches, true) ? $control->lamps : [] as $lamp) {
                $is = [$before[$lamp] ?? '', $after[$lamp] ?? ''];
                sort($is);
                if ($is !== ['off', 'on']) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @param  list<LoggedAct>  $log
     * @return iterable<array{LoggedAct, Touch, Reading}>
     */
    private function touches(array $log, InstrumentKind $with, bool $isLive = false): iterable
    {
        foreach ($log as $logged) {
            $touch = $logged->act->touch;
            // A test that opens the RCD ends with the board dead.
            if ($touch?->with === $with && $logged->reading !== null && $logged->head === $this->head && (! $isLive || $logged->wasLive)) {
                yield [$logged, $touch, $logged->reading];
            }
        }
    }

    /**
     * @param  array<int, string>  $places
     * @param  array<string, list<Reading>>  $read  place → its readings; the last one counts
     */
    private function perPlace(SheetItem $item, array $places, array $read, float $most): SheetLine
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
     * @param  list<LoggedAct>  $log
     * @param  callable(Reading): bool  $isGood
     */
    private function perPair(SheetItem $item, array $log, InstrumentKind $with, callable $isGood): SheetLine
    {
        $pairs = $this->hasEarths() ? [['line', 'neutral'], ['line', 'earth'], ['neutral', 'earth']] : [['line', 'neutral']];
        $pairs = $item === SheetItem::NoShort ? array_slice($pairs, 0, 2) : $pairs;
        $last = [];
        $why = null;
        foreach ($this->touches($log, $with) as [$logged, $touch, $reading]) {
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

    /**
     * @param  list<int>  $states
     * @return list<string> switches that stand the same way in all of them
     */
    private function switchesInOnePosition(array $states): array
    {
        $circuit = $this->roles->circuit;

        return array_values(array_filter($circuit->switches, function (string $switch) use ($circuit, $states): bool {
            $place = (int) array_search($switch, $circuit->switches, true);

            return count(array_unique(array_map(fn (int $state) => (int) $circuit->isDown($place, $state), $states))) < 2;
        }));
    }

    private function hasEarths(): bool
    {
        return $this->roles->circuit->wiring->board->requirements->earths;
    }

    private function isEarthPoint(string $point): bool
    {
        $at = $this->roles->circuit->wiring->points[$point];

        return $this->roles->isEarth($point) || $at->isEarthing() || $at->core?->colour->isEarths() === true;
    }

    /** @return list<string> enclosures with something to be earthed, but for the supply */
    private function boxesWithEarth(): array
    {
        $wiring = $this->roles->circuit->wiring;
        $boxes = array_filter($wiring->board->enclosures, fn (Enclosure $box) => $box->kind !== EnclosureKind::Supply);

        return array_values(array_filter(
            array_map(fn (Enclosure $box) => $box->id, array_values($boxes)),
            fn (string $box) => array_filter($wiring->points, fn ($point) => $point->enclosure === $box && $point->isEarthing()) !== [],
        ));
    }

    private function enclosureOfLamp(string $lamp): string
    {
        return $this->roles->circuit->wiring->board->devices[$lamp]->enclosure;
    }

    /** @return array<string, true> lamps in whose box there is an earth */
    private function lampsWithEarth(): array
    {
        $boxes = $this->boxesWithEarth();
        $lamps = array_filter($this->roles->circuit->lamps, fn (string $lamp) => in_array($this->enclosureOfLamp($lamp), $boxes, true));

        return array_fill_keys($lamps, true);
    }
}
