<?php

declare(strict_types=1);

namespace Zwindle\Hunt;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Trip;
use Zwindle\Circuit\Solve\TruthTable;
use Zwindle\Diagnosis\Mending;
use Zwindle\Diagnosis\Suspect;
use Zwindle\Proving\BoardUnderTest;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Mistake\Mistakes;
use Zwindle\Repair\Move\Move;

/** A board wired right with faults put into it, and what is left of them. */
final readonly class FaultyBoard
{
    public Suspect $suspect;

    /** @param  array<int, Mistake>  $faults  that are in it still, by their place in `Mistakes::on` */
    public function __construct(public Wiring $right, public array $faults)
    {
        $this->suspect = new Suspect($right, $faults);
    }

    /** @param  list<string>  $ids  of mistakes on it */
    public static function of(Wiring $right, array $ids): self
    {
        return new self($right, array_filter(
            Mistakes::toBeFoundOn($right),
            fn (Mistake $mistake) => in_array($mistake->id(), $ids, true),
        ));
    }

    public function without(Mistake $mended): self
    {
        return new self($this->right, array_filter($this->faults, fn (Mistake $fault) => $fault->id() !== $mended->id()));
    }

    public function circuit(): Circuit
    {
        return $this->suspect->circuit();
    }

    /**
     * The fault that somebody means who says what is wrong and where; one that the same repair mends is the same fault.
     *
     * @param  string  $item  the device or the cable; empty: anything in the box
     */
    public function meant(MistakeKind $kind, string $box, string $item): ?Mistake
    {
        $named = array_filter(
            Mistakes::toBeFoundOn($this->right),
            fn (Mistake $mistake) => $mistake->kind === $kind && $this->isThere($mistake, $box, $item),
        );
        $repairs = array_map(fn (Mistake $mistake) => $this->repairOf($mistake), $named);
        foreach ($this->faults as $fault) {
            if (in_array($this->repairOf($fault), $repairs, true)) {
                return $fault;
            }
        }

        return null;
    }

    /** What is found down by somebody who is called; null where nothing trips, nor has. */
    public function foundDown(): ?Trip
    {
        $trips = $this->suspect->table()->trips;
        $isOfBreaker = $this->suspect->isOfSupply() || str_contains($trips, TruthTable::tripLetter(Trip::Breaker));

        return match (true) {
            $isOfBreaker => Trip::Breaker,
            $this->suspect->table()->everTrips() => Trip::Rcd,
            default => null,
        };
    }

    public function asFound(BoardUnderTest $switchedOn): BoardUnderTest
    {
        $down = $this->foundDown();

        return $down === null ? $switchedOn : $switchedOn->withSupply($switchedOn->supply->tripped($down));
    }

    /** As it stands before a hand has changed anything. */
    public function untouched(): WorkedBoard
    {
        return WorkedBoard::asPlaced($this);
    }

    private function isThere(Mistake $mistake, string $box, string $item): bool
    {
        $points = [...$mistake->at, ...array_filter(array_map(fn (Move $move) => $move->point, $mistake->moves))];
        $boxes = $items = [];
        foreach ($points as $point) {
            $device = $this->right->board->devices[$point] ?? null;
            $there = $this->right->points[$point] ?? null;
            $boxes[] = $device->enclosure ?? $there->enclosure ?? '';
            $items[] = $device->id ?? $there->device ?? $there->core->cable ?? '';
        }

        return in_array($box, $boxes, true) && ($item === '' || in_array($item, $items, true));
    }

    private function repairOf(Mistake $mistake): string
    {
        return Mending::name(new Suspect($this->right, [$mistake]));
    }
}
