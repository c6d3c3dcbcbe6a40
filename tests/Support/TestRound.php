<?php

declare(strict_types=1);

namespace Tests\Support;

use Zwindle\Board\DevicePoint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\InstrumentKind;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Proving\Act;
use Zwindle\Proving\ActKind;
use Zwindle\Proving\BoardUnderTest;
use Zwindle\Proving\Hands;
use Zwindle\Proving\LoggedAct;
use Zwindle\Proving\Outcome;
use Zwindle\Proving\Reading\Touch;
use Zwindle\Proving\Rig\Supply;

/** Somebody who tests a board: acts by name, what came of each, and the log of them. */
final class TestRound
{
    public BoardUnderTest $proof;

    /** @var list<LoggedAct> */
    public array $log = [];

    public Outcome $last;

    private Hands $hands;

    public Circuit $circuit;

    public function __construct(private Wiring $wiring, bool $isOn = false, bool $testerMayFail = false, string $seed = 'seed', bool $mayEnergise = true)
    {
        $this->circuit = Circuit::of($wiring);
        $this->hands = new Hands($this->circuit, $mayEnergise);
        $opens = $wiring->board->practice->proving['residualOpensNeutral'];
        $this->proof = BoardUnderTest::begin($seed, $this->circuit->hasRcd, $opens, $isOn, $testerMayFail);
        $this->last = $this->hands->look($this->proof);
    }

    public function do(Act $act, int $head = 0): self
    {
        [$before, $wasLive] = [$this->proof, $this->last->isLive];
        $this->last = $this->hands->do($before, $act);
        if ($this->last->refusal === null) {
            $this->log[] = LoggedAct::of($act, $before, $wasLive, $this->last, $head);
            $this->proof = $this->last->after;
        }

        return $this;
    }

    public function on(ActKind $kind, ?string $on = null): self
    {
        return $this->do(Act::of($kind, $on));
    }

    public function touch(InstrumentKind $with, string $one, ?string $other = null): self
    {
        return $this->do(Act::touch(new Touch($with, $one, $other)));
    }

    public function supply(string $terminal): string
    {
        return DevicePoint::id($this->wiring->board->supply()->id, $terminal);
    }

    public function twoPole(string $one, string $other): self
    {
        return $this->touch(InstrumentKind::TwoPole, $this->supply($one), $this->supply($other));
    }

    /** The nine steps. */
    public function isolate(): self
    {
        $own = $this->proof->supply->own;

        return $this->on(ActKind::Identify, $own)->on(ActKind::TurnOff, $own)->on(ActKind::Lock, $own)->on(ActKind::Tag, $own)
            ->on(ActKind::Prove)->twoPole('line', 'neutral')->twoPole('line', 'earth')->twoPole('neutral', 'earth')->on(ActKind::Prove);
    }

    /** Everything that is tested dead, lamps out where they must be. */
    public function testDead(): self
    {
        $this->on(ActKind::TurnOff, Supply::MAIN)->on(ActKind::NullLeads);
        $supplyEarth = $this->supply('earth');
        foreach ($this->wiring->board->enclosures as $box) {
            $earths = array_filter(
                $this->wiring->points,
                fn ($point) => $point->enclosure === $box->id && $point->isEarthing() && $point->id !== $supplyEarth,
            );
            foreach (array_slice(array_keys($earths), 0, 1) as $earth) {
                $this->touch(InstrumentKind::Ohm, $supplyEarth, $earth);
            }
        }
        foreach ($this->circuit->lamps as $lamp) {
            $this->on(ActKind::LampOut, $lamp);
        }
        for ($state = 0; $state < $this->circuit->stateCount(); $state++) {
            $this->standAt($state)->throughLamps();
            foreach ([['line', 'neutral'], ['line', 'earth'], ['neutral', 'earth']] as [$one, $other]) {
                $this->touch(InstrumentKind::Ohm, $this->supply($one), $this->supply($other));
                $this->touch(InstrumentKind::Insulation, $this->supply($one), $this->supply($other));
            }
        }
        $this->do(Act::link($this->supply('line'), $supplyEarth));
        for ($state = 0; $state < $this->circuit->stateCount(); $state++) {
            $this->standAt($state)->throughLamps();
        }
        $this->on(ActKind::Unlink)->on(ActKind::Lift);
        foreach ($this->circuit->lamps as $lamp) {
            $this->on(ActKind::LampIn, $lamp);
        }

        return $this;
    }

    /** Locks off, on, volts, every combination, loop and RCD or GFCI. */
    public function testLive(): self
    {
        $own = $this->proof->supply->own;
        $this->on(ActKind::Untag, $own)->on(ActKind::Unlock, $own)->on(ActKind::TurnOn, Supply::MAIN)->on(ActKind::TurnOn, $own);
        $this->twoPole('line', 'neutral')->twoPole('line', 'earth');
        for ($state = 0; $state < $this->circuit->stateCount(); $state++) {
            $this->standAt($state ^ ($state >> 1));
            foreach ($this->lampPoints() as [$hot, $earth]) {
                $this->touch(InstrumentKind::Loop, $hot, $earth);
            }
        }
        $this->on(ActKind::Lift)->touch(InstrumentKind::Rcd, $this->supply('line'), $this->supply('earth'));
        foreach ($this->wiring->board->devicesOf(DeviceKind::Receptacle) as $receptacle) {
            $this->touch(InstrumentKind::Gfci, $receptacle->id);
        }

        return $this;
    }

    public function standAt(int $state): self
    {
        foreach ($this->circuit->switches as $i => $switch) {
            if ($this->circuit->isDown($i, $state) !== $this->circuit->isDown($i, $this->proof->state)) {
                $this->on(ActKind::Flip, $switch);
            }
        }

        return $this;
    }

    private function throughLamps(): void
    {
        foreach ($this->lampPoints() as [$hot, $earth]) {
            $this->touch(InstrumentKind::Ohm, $this->supply('line'), $hot);
            $this->touch(InstrumentKind::Ohm, $hot, $earth);
        }
    }

    /** @return list<array{string, string}> the line side of each lamp and an earth in its box */
    private function lampPoints(): array
    {
        $pairs = [];
        foreach ($this->circuit->lamps as $lamp) {
            $device = $this->wiring->board->devices[$lamp];
            $earths = array_keys(array_filter(
                $this->wiring->points,
                fn ($point) => $point->enclosure === $device->enclosure && $point->isEarthing(),
            ));
            [$one, $other] = $this->wiring->modelOf($device)->lampSides();
            foreach ([$one, $other] as $side) {
                $point = DevicePoint::id($lamp, $side->name);
                if ($this->circuit->nets->at($point) !== $this->circuit->neutralNet) {
                    $pairs[] = [$point, $earths[0] ?? $this->supply('earth')];
                }
            }
        }

        return $pairs;
    }
}
