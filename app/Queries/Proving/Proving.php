<?php

declare(strict_types=1);

namespace App\Queries\Proving;

use App\Models\Attempt;
use App\Models\Proof;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Exam\Task\ProvingNeed;
use Zwindle\Exam\Task\TaskKind;
use Zwindle\Hunt\FaultHunt;
use Zwindle\Proving\ActKind;
use Zwindle\Proving\BoardUnderTest;
use Zwindle\Proving\Hands;
use Zwindle\Proving\LoggedAct;
use Zwindle\Proving\Order\PointRoles;
use Zwindle\Proving\Order\SafeIsolation;
use Zwindle\Proving\Order\TestSheet;

/** One attempt's board under test: its circuit as it is wired now, and how supply and instruments stand. */
final class Proving
{
    public readonly Circuit $circuit;

    /** Where faults are to be found on it: what was put wrong, and how far that is put right. */
    public readonly ?FaultHunt $hunt;

    private function __construct(public readonly Attempt $attempt, public ?Proof $kept)
    {
        $placed = $attempt->assignment->kind() === TaskKind::Fault ? $attempt->placedFault() : null;
        $this->hunt = $placed === null ? null : FaultHunt::replay($placed->asCore($attempt->board()), $this->log());
        $this->circuit = $this->hunt?->board->circuit() ?? Circuit::of($attempt->stepLog()->bench()->wiring());
    }

    public static function of(Attempt $attempt): self
    {
        $attempt->loadMissing(['assignment.boardFile', 'appliedSteps', 'placedFaults']);
        $kept = Proof::query();
        $kept->where('attempt_id', $attempt->id);
        $attempt->proofOfTry === null ? $kept->whereNull('ended_at') : $kept->whereKey($attempt->proofOfTry);

        return new self($attempt, $kept->first());
    }

    /** How far a task lets its board be tested. */
    public static function needOf(Attempt $attempt): ProvingNeed
    {
        $task = $attempt->task();

        return match (true) {
            $task?->kind === TaskKind::Fault => ProvingNeed::Free,
            $attempt->is_on_board || ($task !== null && ! $task->kind->isWired()) => ProvingNeed::None,
            default => $task->proving ?? ($attempt->assignment->isExam() ? ProvingNeed::None : ProvingNeed::Free),
        };
    }

    public function state(): BoardUnderTest
    {
        return $this->kept === null ? $this->fresh(isOn: $this->hunt !== null) : $this->hands()->settled($this->kept->asCore());
    }

    /** A board that nobody has touched yet: the same for the same attempt and the same count of beginnings. */
    public function fresh(bool $isOn): BoardUnderTest
    {
        $times = Proof::query()->where('attempt_id', $this->attempt->id)->count();

        return $this->begun(hash('sha256', implode('/', [config()->string('app.key'), 'proof', $this->attempt->id, $times])), $isOn);
    }

    /** @param  ActKind|null  $for  what they are about to do: what the supply waits for is asked where it matters */
    public function hands(?ActKind $for = null): Hands
    {
        $mayEnergise = $for !== ActKind::TurnOn || $this->mayEnergise();

        return $this->hunt?->board->hands($mayEnergise) ?? new Hands($this->circuit, $mayEnergise);
    }

    public function isolation(): SafeIsolation
    {
        return SafeIsolation::judge($this->roles(), $this->state()->supply->own, $this->log());
    }

    public function sheet(): TestSheet
    {
        return new TestSheet($this->roles(), $this->state()->supply->own, $this->log(), $this->attempt->head);
    }

    /** @return list<LoggedAct> */
    public function log(): array
    {
        return $this->kept?->log() ?? [];
    }

    /** How the board of a fault stood before anybody did anything: what was measured first is weighed from there. */
    public function asFound(): BoardUnderTest
    {
        return $this->begun($this->state()->seed, isOn: true);
    }

    public function roles(): PointRoles
    {
        return new PointRoles($this->circuit);
    }

    private function begun(string $seed, bool $isOn): BoardUnderTest
    {
        $residualOpensNeutral = $this->attempt->board()->practice->proving['residualOpensNeutral'];
        $begun = BoardUnderTest::begin($seed, $this->circuit->hasRcd, $residualOpensNeutral, $isOn, testerMayFail: true);

        return $this->hunt?->placed->asFound($begun) ?? $begun;
    }

    private function mayEnergise(): bool
    {
        return match (self::needOf($this->attempt)) {
            ProvingNeed::Free => true,
            ProvingNeed::None => false,
            ProvingNeed::Isolation => $this->isolation()->isDone(),
            ProvingNeed::DeadTests => $this->sheet()->isDeadPartGood($this->log()),
        };
    }
}
