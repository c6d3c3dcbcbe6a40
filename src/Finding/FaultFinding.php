<?php

declare(strict_types=1);

namespace Zwindle\Finding;

use Zwindle\Proving\ActKind;
use Zwindle\Proving\LoggedAct;
use Zwindle\Proving\Order\PointRoles;
use Zwindle\Proving\Order\SafeIsolation;
use Zwindle\Proving\Order\StepReport;
use Zwindle\Proving\Order\StepState;
use Zwindle\Repair\Mistake\Mistake;

/** How the faults of a board were looked for: what was named and put right, how safely, and whether it was proved at the end. */
final readonly class FaultFinding
{
    /** What one thing done that could hurt somebody costs of the safe method. */
    private const HAZARD = 0.25;

    /**
     * @param  FaultyBoard  $left  as it stands now
     * @param  list<array{naming: Naming, mended: Mistake|null, act: int}>  $named  in the order in which it was said
     * @param  list<LoggedAct>  $log
     */
    private function __construct(
        public FaultyBoard $placed,
        public FaultyBoard $left,
        public array $named,
        private array $log,
    ) {
    }

    /** @param  list<LoggedAct>  $log */
    public static function replay(FaultyBoard $placed, array $log): self
    {
        $left = $placed;
        $named = [];
        foreach ($log as $i => $logged) {
            $naming = $logged->act->kind->isNaming() ? Naming::read((string) $logged->act->on) : null;
            if ($naming !== null) {
                $mended = $left->meant($naming->kind, $naming->box, $naming->item);
                $left = $mended === null ? $left : $left->without($mended);
                $named[] = ['naming' => $naming, 'mended' => $mended, 'act' => $i];
            }
        }

        return new self($placed, $left, $named, $log);
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

    /** The share of the diagnosis: faults that were named right, of all that are in it and all that was named wrong. */
    public function diagnosis(): float
    {
        $right = array_filter($this->named, fn (array $one) => $one['mended'] !== null);

        return count($right) / max(1, count($this->placed->faults) + count($this->named) - count($right));
    }

    /** Whether it was isolated and proved dead before a hand put anything right. */
    public function isolation(PointRoles $roles, string $own): SafeIsolation
    {
        $first = $this->firstHandIn() ?? count($this->log);

        return SafeIsolation::judge($roles, $own, array_slice($this->log, 0, $first));
    }

    /** Whether something had to be isolated: what was wrong at the supply alone is put right there, and no hand went into a box. */
    public function neededIsolation(): bool
    {
        $inBoxes = array_filter($this->placed->faults, fn (Mistake $fault) => ! $fault->kind->isOfSupply());

        return $inBoxes !== [] || $this->named === [] || $this->firstHandIn() !== null;
    }

    public function safety(SafeIsolation $isolation): float
    {
        $done = array_filter($isolation->steps, fn (StepReport $step) => $step->state === StepState::Done);
        $share = $this->neededIsolation() ? count($done) / count($isolation->steps) : 1.0;

        return max(0.0, $share - self::HAZARD * count($isolation->hazards));
    }

    /** The share of the combinations that were seen with the supply on once the last fault was put right; none while one is left. */
    public function proof(): float
    {
        return $this->left->isMended() ? $this->seenSince() / $this->placed->circuit()->stateCount() : 0.0;
    }

    /** Combinations seen with the supply on since something was put right; a breaker is right as soon as it is on again and holds. */
    public function seenSince(): int
    {
        $last = -1;
        foreach ($this->named as $one) {
            $last = $one['mended']?->kind->isOfSupply() === false ? $one['act'] : $last;
        }
        $seen = [];
        foreach (array_slice($this->log, $last + 1) as $logged) {
            if ($logged->isLive) {
                $seen[$logged->state] = true;
            }
        }

        return count($seen);
    }

    /** The first act for which a hand goes into a box. */
    private function firstHandIn(): ?int
    {
        foreach ($this->named as $one) {
            if (! $one['naming']->kind->isOfSupply()) {
                return $one['act'];
            }
        }

        return null;
    }
}
