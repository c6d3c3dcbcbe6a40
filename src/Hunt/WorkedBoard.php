<?php

declare(strict_types=1);

namespace Zwindle\Hunt;

use Zwindle\Bench\Bench;
use Zwindle\Bench\PlaceMap;
use Zwindle\Bench\Step;
use Zwindle\Bench\StepDoesNotFit;
use Zwindle\Bench\StepKind;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Check\Checker;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Diagnosis\Mending;
use Zwindle\Diagnosis\Suspect;
use Zwindle\Proving\Act;
use Zwindle\Proving\ActKind;
use Zwindle\Proving\Hands;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\MoveNotPossible;
use Zwindle\Repair\Move\Mover;

/** A board with faults in it as hands have left it by now: what eyes see, and what is still wrong where no eye sees it. */
final class WorkedBoard
{
    /** What eyes see, taken for right, with what they do not see in it. */
    private readonly Suspect $asIs;

    /** The same with every screw tight. */
    private ?Suspect $held = null;

    /** @param  array<int, Mistake>  $hidden  loose screws, conductors open along their run, parts that are bad */
    private function __construct(
        private readonly FaultyBoard $placed,
        public readonly Wiring $look,
        private readonly array $hidden,
    ) {
        $this->asIs = new Suspect($look, $hidden);
    }

    public static function asPlaced(FaultyBoard $placed): self
    {
        return new self($placed, $placed->suspect->look(), array_filter($placed->faults, self::isUnseen(...)));
    }

    /**
     * @throws StepDoesNotFit where the bench has it so
     * @throws MoveNotPossible where a part has no place for what is still held
     */
    public function after(Act $act): self
    {
        return match ($act->kind) {
            ActKind::Work => $this->worked($act->step ?? throw StepDoesNotFit::because('unknown-place')),
            ActKind::Tighten => $this->tightened((string) $act->on),
            ActKind::Fit => $this->fitted((string) $act->on),
            ActKind::NewRun => $this->runAnew((string) $act->on),
            default => $this,
        };
    }

    /** The repair of one fault made whole. */
    public function mended(Mistake $fault): self
    {
        $moves = self::isUnseen($fault) ? [] : Mending::of(new Suspect($this->placed->right, [$fault]));

        return $this->with(
            Mover::tryToMake($this->look, $moves) ?? $this->look,
            fn (Mistake $hidden) => $hidden->id() === $fault->id(),
        );
    }

    public function circuit(): Circuit
    {
        return $this->asIs->circuit();
    }

    /** Hands at it as it stands. */
    public function hands(bool $mayEnergise = true): Hands
    {
        return new Hands($this->circuit(), $mayEnergise, $this->readsAt());
    }

    /** @return list<string> lamps that a loose screw lights now and then in these positions */
    public function flickering(int $state): array
    {
        if (! $this->asIs->isLooseSomewhere()) {
            return [];
        }
        [$loose, $held] = [$this->asIs->table()->lamps, ($this->held ??= $this->asIs->withContact())->table()->lamps];

        return array_values(array_filter(array_keys($loose), fn (string $lamp) => $loose[$lamp][$state] !== $held[$lamp][$state]));
    }

    /**
     * Faults that stand as they were put in: no hand has changed anything about them.
     *
     * @return list<Mistake>
     */
    public function left(): array
    {
        $found = $this->placed->suspect->look();

        return array_values(array_filter($this->placed->faults, fn (Mistake $fault) => match (true) {
            $fault->kind->isOfSupply() => false,
            self::isUnseen($fault) => in_array($fault, $this->hidden, true),
            $fault->unmarked !== null => $this->look->markOn($fault->unmarked) === null,
            default => $this->isAsIn($found, $fault),
        }));
    }

    /** Whether it does what it should by behaviour and rules, whichever way it was put right. What the supply does is not asked. */
    public function isMended(): bool
    {
        return $this->left() === [] && ! Checker::fails($this->look);
    }

    /**
     * An end that is open along its run is joined all the same: a probe on it reads what it is joined with.
     *
     * @return array<string, string> end → the point that it is joined with
     */
    private function readsAt(): array
    {
        $reads = [];
        foreach ($this->hidden as $fault) {
            foreach ($fault->kind === MistakeKind::CoreOpen ? $fault->at : [] as $end) {
                $others = array_values(array_diff($this->look->jointAt($end)->points ?? [], [$end]));
                if ($others !== []) {
                    $reads[$end] = $others[0];
                }
            }
        }

        return $reads;
    }

    private function worked(Step $step): self
    {
        $look = Bench::standing($this->look)->apply($step)->wiring();
        $places = PlaceMap::of($this->look);
        $moved = $step->kind === StepKind::Mark ? [] : $places->pointsAt($step->points);

        return $this->with($look, function (Mistake $hidden) use ($look, $moved): bool {
            [$end, $screw] = [...$hidden->at, ''];

            return Suspect::isLoose($hidden) && (in_array($end, $moved, true) || ! ($look->jointAt($end)?->has($screw) ?? false));
        });
    }

    private function tightened(string $point): self
    {
        $joint = $this->look->jointAt($point) ?? throw StepDoesNotFit::because('already-loose');

        return $this->with($this->look, fn (Mistake $hidden) => Suspect::isLoose($hidden) && $joint->has($hidden->at[0]));
    }

    private function fitted(string $text): self
    {
        $part = NewPart::read($this->placed->right, $text) ?? throw StepDoesNotFit::because('unknown-place');

        return $this->with(
            Mover::make($this->look, [Move::fit($part->device->id, $part->model->id)]),
            fn (Mistake $hidden) => $hidden->fault?->device === $part->device->id,
        );
    }

    private function runAnew(string $cable): self
    {
        isset($this->look->board->cables[$cable]) || throw StepDoesNotFit::because('unknown-place');

        return $this->with(
            $this->look,
            fn (Mistake $hidden) => $hidden->kind === MistakeKind::CoreOpen && $this->look->points[$hidden->at[0]]->core?->cable === $cable,
        );
    }

    /** @param  callable(Mistake): bool  $mends  what no eye sees and is right from now on */
    private function with(Wiring $look, callable $mends): self
    {
        return new self($this->placed, $look, array_filter($this->hidden, fn (Mistake $mistake) => ! $mends($mistake)));
    }

    private function isAsIn(Wiring $found, Mistake $fault): bool
    {
        foreach ($fault->moves as $move) {
            $device = $move->device === null ? null : $found->board->devices[$move->device];
            $isAlike = $device === null
                ? self::joinedAt($found, (string) $move->point) === self::joinedAt($this->look, (string) $move->point)
                : $found->modelOf($device)->id === $this->look->modelOf($device)->id;
            if (! $isAlike) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> */
    private static function joinedAt(Wiring $wiring, string $point): array
    {
        $points = $wiring->jointAt($point)->points ?? [];
        sort($points);

        return $points;
    }

    private static function isUnseen(Mistake $mistake): bool
    {
        return ! $mistake->kind->isOfSupply() && ($mistake->kind->isHidden() || Suspect::isLoose($mistake));
    }
}
