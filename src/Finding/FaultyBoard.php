<?php

declare(strict_types=1);

namespace Zwindle\Finding;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Trip;
use Zwindle\Diagnose\Hypothesis;
use Zwindle\Diagnose\Mending;
use Zwindle\Proving\Hands;
use Zwindle\Proving\Proof;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Mistake\Mistakes;
use Zwindle\Repair\Move\Move;

/** A board wired right with faults put into it, and what is left of them. */
final readonly class FaultyBoard
{
    public Hypothesis $hypothesis;

    /** @param  array<int, Mistake>  $faults  that are in it still, by their place in `Mistakes::on` */
    public function __construct(public Wiring $right, public array $faults)
    {
        $this->hypothesis = new Hypothesis($right, $faults);
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
        return $this->hypothesis->circuit();
    }

    public function isMended(): bool
    {
        return $this->faults === [];
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

    /**
     * An end that is open along its run is joined all the same: a probe on it reads what it is joined with.
     *
     * @return array<string, string> end → the point that it is joined with
     */
    public function readsAt(): array
    {
        $reads = [];
        foreach ($this->faults as $fault) {
            foreach ($fault->kind === MistakeKind::CoreOpen ? $fault->at : [] as $end) {
                $others = array_values(array_diff($this->hypothesis->look()->jointAt($end)->points ?? [], [$end]));
                if ($others !== []) {
                    $reads[$end] = $others[0];
                }
            }
        }

        return $reads;
    }

    /** As somebody finds it who is called: where something trips, or has, it is down. */
    public function asFound(Proof $switchedOn): Proof
    {
        $table = $this->hypothesis->table();
        $isOfRcd = ! $this->hypothesis->isOfSupply() && ! str_contains($table->trips, 'b');

        return Symptom::of($this->hypothesis) === Symptom::Trips
            ? $switchedOn->withSupply($switchedOn->supply->tripped($isOfRcd ? Trip::Rcd : Trip::Breaker))
            : $switchedOn;
    }

    /** Hands at it as it stands. */
    public function hands(bool $mayEnergise = true): Hands
    {
        return new Hands($this->circuit(), $mayEnergise, $this->readsAt());
    }

    /** @return list<string> lamps that a loose screw lights now and then in these positions */
    public function flickering(int $state): array
    {
        if (! $this->hypothesis->isLooseSomewhere()) {
            return [];
        }
        [$loose, $steady] = [$this->hypothesis->table()->lamps, $this->hypothesis->withContact()->table()->lamps];

        return array_values(array_filter(array_keys($loose), fn (string $lamp) => $loose[$lamp][$state] !== $steady[$lamp][$state]));
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
        return Mending::name(new Hypothesis($this->right, [$mistake]));
    }
}
