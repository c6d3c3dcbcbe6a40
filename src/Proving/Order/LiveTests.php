<?php

declare(strict_types=1);

namespace Zwindle\Proving\Order;

use Zwindle\Board\Cable;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\InstrumentKind;
use Zwindle\Catalogue\Devices\Instruments;
use Zwindle\Proving\ActKind;
use Zwindle\Proving\Reading\Shown;

/** What is tested once a board is switched on: voltage, loop, the RCD or GFCI, every combination of the switches. */
final readonly class LiveTests
{
    public function __construct(private PointRoles $roles, private EarthedPlaces $earthed, private SheetReadings $readings)
    {
    }

    public function voltage(): SheetLine
    {
        $nominal = $this->roles->circuit->wiring->board->practice->nominalV;
        $left = ['line-neutral' => true, 'line-earth' => true];
        $worst = null;
        foreach ($this->readings->touches(InstrumentKind::TwoPole, isLive: true) as [, $touch, $reading]) {
            foreach ([['line', 'neutral'], ['line', 'earth']] as [$one, $other]) {
                if ($this->roles->isBetween($touch, $one, $other) && $reading->shown === Shown::Marks) {
                    unset($left["$one-$other"]);
                    $worst = $worst === null || $reading->value < $worst->value ? $reading : $worst;
                }
            }
        }
        $left = $this->earthed->hasEarths() ? $left : array_diff_key($left, ['line-earth' => true]);
        $isEnough = $worst !== null && $worst->value >= 0.8 * $nominal;

        return new SheetLine(SheetItem::Voltage, $worst, array_keys($left), $left === [] ? $isEnough : null);
    }

    /** What goes on beyond the board is live again: line to neutral where its cable leaves. Null where none does. */
    public function downstream(): ?SheetLine
    {
        $wiring = $this->roles->circuit->wiring;
        $boxes = array_map(
            fn (Cable $cable) => $cable->farFrom((string) $cable->beyond),
            $wiring->board->onwardCables(),
        );
        if ($boxes === []) {
            return null;
        }
        $read = [];
        $worst = null;
        foreach ($this->readings->touches(InstrumentKind::TwoPole, isLive: true) as [, $touch, $reading]) {
            $box = $wiring->points[(string) $touch->one]->enclosure ?? '';
            if (in_array($box, $boxes, true) && $reading->shown === Shown::Marks && $this->roles->isBetween($touch, 'line', 'neutral')) {
                $read[$box] = true;
                $worst = $worst === null || $reading->value < $worst->value ? $reading : $worst;
            }
        }
        $left = array_values(array_diff($boxes, array_keys($read)));
        $isEnough = $worst !== null && $worst->value >= 0.8 * $wiring->board->practice->nominalV;

        return new SheetLine(SheetItem::Downstream, $worst, $left, $left === [] ? $isEnough : null);
    }

    public function loop(): ?SheetLine
    {
        if (! $this->earthed->hasEarths()) {
            return null;
        }
        $read = [];
        foreach ($this->readings->touches(InstrumentKind::Loop, isLive: true) as [, $touch, $reading]) {
            foreach ([[$touch->one, $touch->other], [$touch->other, $touch->one]] as [$hot, $earth]) {
                foreach ($this->roles->isEarth((string) $earth) ? $this->roles->lampsFedAt((string) $hot) : [] as $lamp) {
                    $reading->shown === Shown::Number && $read[$lamp][] = $reading;
                }
            }
        }
        $board = $this->roles->circuit->wiring->board;
        $most = $board->practice->proving['loopMostOhm'][(int) $board->supply()->breakerA] ?? INF;

        return $this->readings->perPlace(SheetItem::Loop, array_keys($this->earthed->lampsWithEarth()), $read, $most);
    }

    public function residual(): ?SheetLine
    {
        $kind = in_array(InstrumentKind::Rcd->value, $this->roles->circuit->wiring->board->practice->proving['instruments'], true)
            ? InstrumentKind::Rcd
            : InstrumentKind::Gfci;
        $hasSocket = $kind === InstrumentKind::Rcd
            || $this->roles->circuit->wiring->board->devicesOf(DeviceKind::Receptacle) !== [];
        if (! $this->roles->circuit->hasRcd || ! $hasSocket) {
            return null;
        }
        foreach ($this->readings->touches($kind) as [, , $reading]) {
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

    /** Every combination seen with the supply on; good where every flip of a switch changed each lamp that it controls. */
    public function functions(): SheetLine
    {
        $count = $this->roles->circuit->stateCount();
        $seen = [];
        $isGood = true;
        $before = null;
        foreach ($this->readings->sinceWired() as $logged) {
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
}
