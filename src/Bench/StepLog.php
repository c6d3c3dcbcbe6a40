<?php

declare(strict_types=1);

namespace Zwindle\Bench;

use Zwindle\Board\Board;

/** The bench with its past and its future, so that undo and redo are steps like any other. */
final class StepLog
{
    /** @var list<Bench> */
    private array $past = [];

    /** @var list<Bench> */
    private array $future = [];

    private function __construct(private Bench $now)
    {
    }

    public static function on(Board $board): self
    {
        return new self(Bench::bare($board));
    }

    /**
     * @param  iterable<Step>  $steps
     * @param  list<Step>  $start  what stands already: it cannot be undone
     *
     * @throws StepDoesNotFit
     */
    public static function replay(Board $board, iterable $steps, array $start = []): self
    {
        $log = new self(array_reduce($start, fn (Bench $bench, Step $step) => $bench->apply($step), Bench::bare($board)));
        foreach ($steps as $step) {
            $log->add($step);
        }

        return $log;
    }

    /** @throws StepDoesNotFit and nothing has changed */
    public function add(Step $step): void
    {
        match ($step->kind) {
            StepKind::Undo => $this->undo(),
            StepKind::Redo => $this->redo(),
            default => $this->do($step),
        };
    }

    public function bench(): Bench
    {
        return $this->now;
    }

    private function do(Step $step): void
    {
        $next = $this->now->apply($step);
        $this->past[] = $this->now;
        $this->future = [];
        $this->now = $next;
    }

    private function undo(): void
    {
        $before = array_pop($this->past) ?? throw StepDoesNotFit::because('nothing-to-undo');
        $this->future[] = $this->now;
        $this->now = $before;
    }

    private function redo(): void
    {
        $after = array_pop($this->future) ?? throw StepDoesNotFit::because('nothing-to-redo');
        $this->past[] = $this->now;
        $this->now = $after;
    }
}
