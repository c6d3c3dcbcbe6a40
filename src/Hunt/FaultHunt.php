<?php

declare(strict_types=1);

namespace Zwindle\Hunt;

use Zwindle\Bench\StepDoesNotFit;
use Zwindle\Proving\Act;
use Zwindle\Proving\ActKind;
use Zwindle\Proving\LoggedAct;
use Zwindle\Proving\Order\PointRoles;
use Zwindle\Proving\Order\SafeIsolation;
use Zwindle\Proving\Order\StepReport;
use Zwindle\Proving\Order\StepState;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Move\MoveNotPossible;

/** How the faults of a board were looked for: what was named, what hands did, how safely, and whether it was proved at the end. */
final readonly class FaultHunt
{
    /** What one thing done that could hurt somebody costs of the safe method. */
    private const HAZARD = 0.25;

    /** The board as it stands now. */
    public WorkedBoard $board;

    /**
     * @param  list<array{naming: Naming, found: Mistake|null}>  $named  in the order in which it was said
     * @param  list<LoggedAct>  $log
     */
    private function __construct(
        public FaultyBoard $placed,
        public HandWork $work,
        public array $named,
        private array $log,
    ) {
        $this->board = $work->now;
    }

    /** @param  list<LoggedAct>  $log */
    public static function replay(FaultyBoard $placed, array $log): self
    {
        $work = HandWork::on($placed->untouched());
        $unnamed = $placed;
        $named = [];
        foreach ($log as $logged) {
            $act = $logged->act;
            $naming = $act->kind->isNaming() ? Naming::read((string) $act->on) : null;
            $found = $naming === null ? null : $unnamed->meant($naming->kind, $naming->box, $naming->item);
            if ($naming !== null) {
                $named[] = ['naming' => $naming, 'found' => $found];
            }
            $unnamed = $found === null ? $unnamed : $unnamed->without($found);
            $work = match (true) {
                $act->kind === ActKind::PutRight => $found === null ? $work : $work->mended($found),
                $act->kind->isHandIn() => $work->afterIfItFits($act),
                default => $work,
            };
        }

        return new self($placed, $work, $named, $log);
    }

    /** @return list<string> boxes whose covers are off */
    public function opened(): array
    {
        $opened = [];
        foreach ($this->log as $logged) {
            if ($logged->act->kind === ActKind::OpenBox) {
                $opened[] = (string) $logged->act->on;
            }
        }

        return array_values(array_unique($opened));
    }

    /**
     * Whether hands can do this, in boxes that are open.
     *
     * @param  list<string>  $boxes  in which it is done; a run is open at either end
     */
    public function canDo(Act $act, array $boxes): bool
    {
        try {
            $this->work->after($act);
        } catch (StepDoesNotFit|MoveNotPossible) {
            return false;
        }

        return $boxes === [] || array_intersect($boxes, $this->opened()) !== [];
    }

    /** @return list<Mistake> */
    public function found(): array
    {
        return array_values(array_filter(array_column($this->named, 'found')));
    }

    /** The share of the diagnosis: faults that were named right, of all that are in it and all that was named wrong. */
    public function diagnosis(): float
    {
        $right = count($this->found());

        return $right / max(1, count($this->placed->faults) + count($this->named) - $right);
    }

    /** Whether every fault was named, and the board is right again. */
    public function isDone(): bool
    {
        return count($this->found()) === count($this->placed->faults) && $this->board->isMended();
    }

    /** @return array<int, Mistake> faults for which a hand has to go into a box */
    private function inBoxes(): array
    {
        return array_filter($this->placed->faults, fn (Mistake $fault) => ! $fault->kind->isOfSupply());
    }

    /** Whether it was isolated and proved dead before a hand put anything right. */
    public function isolation(PointRoles $roles, string $own): SafeIsolation
    {
        return SafeIsolation::judge($roles, $own, array_slice($this->log, 0, $this->handsIn()[0] ?? count($this->log)));
    }

    /** Whether something had to be isolated: what was wrong at the supply alone is put right there, and no hand went into a box. */
    public function neededIsolation(): bool
    {
        return $this->inBoxes() !== [] || $this->named === [] || $this->handsIn() !== [];
    }

    /** Whether hands went into boxes that were not proved dead: what that costs, the marking says. */
    public function wereHandsInUnproved(SafeIsolation $isolation): bool
    {
        return $this->handsIn() !== [] && ! $isolation->isProvedDead();
    }

    /** The safe method: earned by work that could have hurt, not by what was only said, nor by a hand in what is not proved dead. */
    public function safety(SafeIsolation $isolation): float
    {
        $isWorked = Measuring::wasTaken($this->log) && ($this->opened() !== [] || ! $this->neededIsolation());
        if (! $isWorked || $this->wereHandsInUnproved($isolation)) {
            return 0.0;
        }
        $done = array_filter($isolation->steps, fn (StepReport $step) => $step->state === StepState::Done);
        $share = $this->neededIsolation() ? count($done) / count($isolation->steps) : 1.0;

        return max(0.0, $share - self::HAZARD * count($isolation->hazards));
    }

    /** The share of the combinations that were seen with the supply on since a hand was last in it; none where it is not right. */
    public function proof(): float
    {
        return $this->isDone() ? $this->seenSince() / $this->placed->circuit()->stateCount() : 0.0;
    }

    /** Combinations seen with the supply on since a hand last changed something; none as long as hands have to and have not. */
    public function seenSince(): int
    {
        return $this->handsIn() === [] && $this->inBoxes() !== [] ? 0 : $this->seenSinceHands();
    }

    /** The same whatever is wrong with it: it gives away nothing about where that is. */
    public function seenSinceHands(): int
    {
        $seen = [];
        foreach (array_slice($this->log, max([-1, ...$this->handsIn()]) + 1) as $logged) {
            if ($logged->isLive) {
                $seen[$logged->state] = true;
            }
        }

        return count($seen);
    }

    /** @return list<int> acts for which a hand went into a box, by their place in the log */
    public function handsIn(): array
    {
        return array_keys(array_filter($this->log, fn (LoggedAct $logged) => $logged->act->kind->isHandIn()));
    }
}
