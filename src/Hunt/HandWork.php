<?php

declare(strict_types=1);

namespace Zwindle\Hunt;

use Zwindle\Bench\StepDoesNotFit;
use Zwindle\Bench\StepKind;
use Zwindle\Proving\Act;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Move\MoveNotPossible;

/** What hands have done at a board with faults, with its past and its future: what was done is taken back as at the bench. */
final readonly class HandWork
{
    /** As much is taken back, one after the other. */
    private const MOST_PAST = 100;

    /**
     * @param  list<WorkedBoard>  $past
     * @param  list<WorkedBoard>  $future
     */
    private function __construct(public WorkedBoard $now, private array $past = [], private array $future = [])
    {
    }

    public static function on(WorkedBoard $board): self
    {
        return new self($board);
    }

    /**
     * @throws StepDoesNotFit where the bench has it so, or there is nothing to take back
     * @throws MoveNotPossible where a part has no place for what is still held
     */
    public function after(Act $act): self
    {
        return match ($act->step?->kind) {
            StepKind::Undo => $this->undone(),
            StepKind::Redo => $this->redone(),
            default => $this->done($this->now->after($act)),
        };
    }

    /** The same where it cannot be done: what was kept is never lost for one act that fits no more. */
    public function afterIfItFits(Act $act): self
    {
        try {
            return $this->after($act);
        } catch (StepDoesNotFit|MoveNotPossible) {
            return $this;
        }
    }

    public function mended(Mistake $fault): self
    {
        return $this->done($this->now->mended($fault));
    }

    public function canUndo(): bool
    {
        return $this->past !== [];
    }

    public function canRedo(): bool
    {
        return $this->future !== [];
    }

    private function done(WorkedBoard $next): self
    {
        return new self($next, array_slice([...$this->past, $this->now], -self::MOST_PAST));
    }

    private function undone(): self
    {
        $before = $this->past[count($this->past) - 1] ?? throw StepDoesNotFit::because('nothing-to-undo');

        return new self($before, array_slice($this->past, 0, -1), [$this->now, ...$this->future]);
    }

    private function redone(): self
    {
        $after = $this->future[0] ?? throw StepDoesNotFit::because('nothing-to-redo');

        return new self($after, [...$this->past, $this->now], array_slice($this->future, 1));
    }
}
