<?php

declare(strict_types=1);

namespace Zwindle\Proving;

use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\InstrumentKind;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\LampState;
use Zwindle\Circuit\Solve\Trip;
use Zwindle\Proving\Reading\Reading;
use Zwindle\Proving\Reading\Shown;
use Zwindle\Proving\Rig\Rig;
use Zwindle\Proving\Rig\Supply;

/** Does at a board what hands do, and gives the result. The wiring of the board does not change. */
final readonly class Hands
{
    /** What the proving unit gives lights every mark up to this one. */
    private const UNIT_V = 400;

    /**
     * @param  bool  $mayEnergise  whether the board may be switched on; a task can ask for the dead tests first
     * @param  array<string, string>  $readsAt  point → the point at which a probe on it reads: a conductor that is open along its run
     *     is under its screw all the same
     */
    public function __construct(private Circuit $circuit, private bool $mayEnergise = true, private array $readsAt = [])
    {
    }

    public function do(BoardUnderTest $proof, Act $act): Outcome
    {
        $refusal = $this->refusal($proof, $act);
        $changed = $refusal === null ? $this->changed($proof, $act) : $proof;
        $trip = $this->rig($changed)->tripsAs();

        return $this->outcome($this->settled($changed), $act, $trip, $refusal);
    }

    /** The same with open what would have opened by now: somebody has wired on, or it stands as it was found. */
    public function settled(BoardUnderTest $proof): BoardUnderTest
    {
        $trip = $this->rig($proof)->tripsAs();

        return $trip === null ? $proof : $proof->withSupply($proof->supply->tripped($trip));
    }

    /** How the board stands without anything being done. */
    public function look(BoardUnderTest $proof): Outcome
    {
        return $this->outcome($proof, Act::of(ActKind::Lift), null, null);
    }

    private function outcome(BoardUnderTest $proof, Act $act, ?Trip $trip, ?ActRefusal $refusal): Outcome
    {
        [$proof, $reading, $opened] = $this->readHeld($proof);
        $isOnUnit = $act->kind === ActKind::Prove && $refusal === null;
        if ($isOnUnit) {
            $reading = new Reading(
                InstrumentKind::TwoPole,
                $proof->tools->testerWorks ? Shown::Marks : Shown::Dark,
                $proof->tools->testerWorks ? (float) self::UNIT_V : null,
            );
        }
        $rig = $this->rig($proof);

        return new Outcome(
            $proof,
            $reading,
            $trip ?? $opened,
            $rig->isLive(),
            array_map(fn (LampState $lamp) => $lamp->value, $rig->lamps()),
            $refusal,
        );
    }

    /** @return array{BoardUnderTest, Reading|null, Trip|null} what the instrument shows, and what that does to it and to the supply */
    private function readHeld(BoardUnderTest $proof): array
    {
        if ($proof->held === null) {
            return [$proof, null, null];
        }
        $reading = $proof->held->readingAt($this->readsAt)->read(
            $this->rig($proof),
            $proof->tools,
            $proof->scatter(),
            $this->circuit->wiring->board->practice->nominalV,
            $proof->supply->has(Supply::RESIDUAL),
        );

        return match ($reading->shown) {
            Shown::FuseBlown => [$proof->withTools($proof->tools->withFuse(false)), $reading, null],
            // The test is over as it trips: the instrument comes off.
            Shown::Tripped => [$proof->withSupply($proof->supply->tripped(Trip::Rcd))->holding(null), $reading, Trip::Rcd],
            default => [$proof, $reading, null],
        };
    }

    private function changed(BoardUnderTest $proof, Act $act): BoardUnderTest
    {
        $supply = $proof->supply;
        $on = (string) $act->on;

        return match ($act->kind) {
            ActKind::TurnOn => $proof->withSupply($supply->turned($on, true)),
            ActKind::TurnOff => $proof->withSupply($supply->turned($on, false)),
            ActKind::Lock, ActKind::Unlock => $proof->withSupply($supply->locking($on, $act->kind === ActKind::Lock)),
            ActKind::Tag, ActKind::Untag => $proof->withSupply($supply->tagging($on, $act->kind === ActKind::Tag)),
            ActKind::Flip => $proof->withState($proof->state ^ $this->circuit->bitOf($this->place($on))),
            ActKind::LampOut, ActKind::LampIn => $proof->withLamp($on, $act->kind === ActKind::LampOut),
            ActKind::OtherTester => $proof->withTools($proof->tools->withTester(true)),
            ActKind::NewFuse => $proof->withTools($proof->tools->withFuse(true)),
            ActKind::NullLeads => $proof->withTools($proof->tools->nulled()),
            ActKind::Link => $proof->withLink($act->link),
            ActKind::Unlink => $proof->withLink(null),
            ActKind::Touch => $proof->holding($act->touch),
            ActKind::Prove, ActKind::Lift => $proof->holding(null),
            // Hands are full: probes and lead come off, and what they were on may be gone.
            ActKind::PutRight, ActKind::Work, ActKind::Tighten, ActKind::Fit, ActKind::NewRun => $proof->holding(null)->withLink(null),
            ActKind::Identify, ActKind::SignOff, ActKind::OpenBox, ActKind::Name => $proof,
        };
    }

    private function refusal(BoardUnderTest $proof, Act $act): ?ActRefusal
    {
        $supply = $proof->supply;
        $on = (string) $act->on;
        $isOfSupply = in_array($act->kind, [
            ActKind::TurnOn, ActKind::TurnOff, ActKind::Lock, ActKind::Unlock, ActKind::Tag, ActKind::Untag, ActKind::Identify,
        ], true);

        return match (true) {
            $isOfSupply && ! $supply->has($on) => ActRefusal::NoSuchPart,
            $act->kind === ActKind::Flip && ! in_array($on, $this->circuit->switches, true),
            in_array($act->kind, [ActKind::LampOut, ActKind::LampIn], true)
                && ! in_array($on, $this->circuit->lamps, true) => ActRefusal::NoSuchPart,
            $act->kind === ActKind::OpenBox
                && ! isset($this->circuit->wiring->board->enclosures[$on]) => ActRefusal::NoSuchPlace,
            $act->kind->isHandIn() && $this->rig($proof)->isLive() => ActRefusal::HandsInLive,
            $act->kind === ActKind::TurnOn && in_array($on, $supply->locked, true) => ActRefusal::Locked,
            $act->kind === ActKind::Lock && $supply->isOn($on) => ActRefusal::NotOff,
            $act->kind === ActKind::TurnOn && ! $this->mayEnergise && $supply->turned($on, true)->feedsLine() => ActRefusal::NotYet,
            $act->kind === ActKind::Link && $this->rig($proof)->isLive() => ActRefusal::LinkOnLive,
            $act->kind === ActKind::Link => $this->refusalOfPlaces($act->link ?? []),
            $act->kind === ActKind::Touch => $this->refusalOfTouch($act),
            default => null,
        };
    }

    private function refusalOfTouch(Act $act): ?ActRefusal
    {
        $touch = $act->touch;
        $board = $this->circuit->wiring->board;

        return match (true) {
            $touch === null,
            ! in_array($touch->with->value, $board->practice->proving['instruments'], true) => ActRefusal::NoSuchInstrument,
            $touch->with->isPlug() => ($board->devices[$touch->one] ?? null)?->is(DeviceKind::Receptacle) === true
                ? null
                : ActRefusal::NoReceptacle,
            count($touch->points()) !== $touch->with->touches() => ActRefusal::NoSuchPlace,
            default => $this->refusalOfPlaces($touch->points()),
        };
    }

    /** @param  array<int, string>  $points */
    private function refusalOfPlaces(array $points): ?ActRefusal
    {
        foreach ($points as $point) {
            if (! isset($this->circuit->wiring->points[$point])) {
                return ActRefusal::NoSuchPlace;
            }
        }

        return count(array_unique($points)) === count($points) ? null : ActRefusal::SamePlace;
    }

    private function rig(BoardUnderTest $proof): Rig
    {
        $link = $proof->link === null ? null : [
            $this->readsAt[$proof->link[0]] ?? $proof->link[0],
            $this->readsAt[$proof->link[1]] ?? $proof->link[1],
        ];

        return new Rig($this->circuit, $proof->supply, $proof->state, $proof->lampsOut, $link);
    }

    private function place(string $switch): int
    {
        return (int) array_search($switch, $this->circuit->switches, true);
    }
}
