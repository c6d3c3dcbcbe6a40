<?php

declare(strict_types=1);

namespace Zwindle\Plan\Search;

use Zwindle\Board\Board;
use Zwindle\Catalogue\Cables\Ampacity;
use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Practices\Practice;

/** The enclosures of a board and the runs between them. */
final readonly class RunGraph
{
    /** Ways of hanging together that are looked at; with more, "impossible" is not said. */
    public const MOST_TREES = 300;

    /** @var list<Run> */
    public array $runs;

    /** @var list<Tree> */
    public array $trees;

    public bool $hasAllTrees;

    public function __construct(public Board $board)
    {
        $this->runs = self::runsOf($board);
        $trees = [];
        foreach ($this->spanningTrees([], 0, array_combine(array_keys($board->enclosures), array_keys($board->enclosures))) as $tree) {
            $trees[] = $tree;
            if (count($trees) > self::MOST_TREES || TimeLimit::isUp()) {
                break;
            }
        }
        $this->hasAllTrees = count($trees) <= self::MOST_TREES && ! TimeLimit::isUp();
        $this->trees = array_map(fn (array $runs) => new Tree($this, $runs), array_slice($trees, 0, self::MOST_TREES));
    }

    /** @return list<Run> */
    private static function runsOf(Board $board): array
    {
        $runs = $conduits = [];
        foreach ($board->cables as $cable) {
            if ($cable->type->isSingle) {
                $ends = [$cable->from, $cable->to];
                sort($ends);
                $conduits[implode(' ', $ends)][] = $cable;
            } else {
                $runs[] = new Run($cable->from, $cable->to, [$cable], $cable->type->isUndecided() ? self::choicesFor($board) : []);
            }
        }
        foreach ($conduits as $singles) {
            $runs[] = new Run($singles[0]->from, $singles[0]->to, $singles);
        }

        return $runs;
    }

    /** @return list<CableType> new cable of the size that the breaker asks for, the fewest cores first */
    private static function choicesFor(Board $board): array
    {
        $breakerA = $board->supply()->breakerA ?? 0.0;
        $size = self::sizeFor($breakerA, $board->practice);
        $fits = fn (CableType $type) => $type->size === $size && ! $type->isSingle && $type->oldOf === null;
        $types = array_values(array_filter(CableType::of($board->practice), $fits));
        usort($types, fn (CableType $one, CableType $other) => count($one->cores) <=> count($other->cores));

        return $types;
    }

    /** The thinnest that the breaker protects. */
    private static function sizeFor(float $breakerA, Practice $practice): string
    {
        foreach ($practice->newSizes as $size) {
            if ($breakerA <= (Ampacity::mostBreakerA($size) ?? INF)) {
                return $size;
            }
        }

        return $practice->newSizes[count($practice->newSizes) - 1];
    }

    /**
     * Run by run, in or out: out only if the rest can still join everything.
     *
     * @param  list<int>  $chosen
     * @param  array<string, string>  $root  enclosure → a name of what it hangs together with
     * @return iterable<list<int>>
     */
    private function spanningTrees(array $chosen, int $next, array $root): iterable
    {
        if (count($chosen) === count($root) - 1) {
            yield $chosen;

            return;
        }
        if ($next === count($this->runs) || ! $this->canJoin($next, $root)) {
            return;
        }
        [$one, $other] = [$root[$this->runs[$next]->from], $root[$this->runs[$next]->to]];
        if ($one !== $other) {
            yield from $this->spanningTrees(
                [...$chosen, $next],
                $next + 1,
                array_map(fn (string $name) => $name === $other ? $one : $name, $root),
            );
        }
        yield from $this->spanningTrees($chosen, $next + 1, $root);
    }

    /** @param  array<string, string>  $root */
    private function canJoin(int $from, array $root): bool
    {
        for ($run = $from; $run < count($this->runs); $run++) {
            [$one, $other] = [$root[$this->runs[$run]->from], $root[$this->runs[$run]->to]];
            if ($one !== $other) {
                $root = array_map(fn (string $name) => $name === $other ? $one : $name, $root);
            }
        }

        return count(array_unique($root)) === 1;
    }
}
