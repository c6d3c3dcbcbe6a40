<?php

declare(strict_types=1);

namespace Zwindle\Repair;

use Zwindle\Check\Checker;
use Zwindle\Check\Findings\Verdict;
use Zwindle\Check\Result;
use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\Mistakes;
use Zwindle\Repair\Move\Move;
use Zwindle\Repair\Move\Mover;

/**
 * Repairs that end without a remark, where the shortest that were found end with one: a usual mistake taken back, the nearest plan,
 * a short repair with what tidies up after it.
 */
final class BetterRepairs
{
    /** So many moves longer than the shortest may one be. */
    public const LONGER = 2;

    /** Short repairs after which is tidied up. */
    private const MOST_TIDIED = 3;

    private function __construct(private readonly Result $result, private readonly int $most, private readonly TriedMoves $tried)
    {
    }

    /**
     * @param  non-empty-list<non-empty-list<Move>>  $shortest  equally short, each ending in a remark
     * @param  int  $checks  that may be made
     * @return list<non-empty-list<Move>> each ends in a pass
     */
    public static function than(Result $result, array $shortest, int $checks): array
    {
        $better = new self($result, count($shortest[0]) + self::LONGER, new TriedMoves($result, $checks));

        return [...$better->takenBack(), ...$better->towardsPlan(), ...$better->tidied($shortest)];
    }

    /** @return list<non-empty-list<Move>> exchanges made once more */
    private function takenBack(): array
    {
        $found = [];
        foreach (Mistakes::ofHandOn($this->result->evidence->wiring) as $mistake) {
            if ($this->mayBeTakenBack($mistake) && $this->passes($mistake->moves)) {
                $found[] = $mistake->moves;
            }
        }

        return array_values(array_filter($found, fn (array $moves) => $moves !== []));
    }

    private function mayBeTakenBack(Mistake $mistake): bool
    {
        return $mistake->kind->isExchange() && $mistake->moves !== [] && count($mistake->moves) <= $this->most;
    }

    /** @return list<non-empty-list<Move>> */
    private function towardsPlan(): array
    {
        $nearest = NearestPlan::of($this->result);
        $moves = $nearest?->plan->result->verdict === Verdict::Pass ? $nearest->allMoves() : [];
        if ($moves === [] || ! $this->passes($moves)) {
            return [];
        }
        $moves = TriedMoves::cutDown($moves, array_map(fn (int $i) => [$i], array_keys($moves)), $this->passes(...));

        return count($moves) <= $this->most ? [array_values($moves)] : [];
    }

    /**
     * @param  list<non-empty-list<Move>>  $shortest
     * @return list<non-empty-list<Move>>
     */
    private function tidied(array $shortest): array
    {
        $found = [];
        foreach (array_slice($shortest, 0, self::MOST_TIDIED) as $moves) {
            $made = Mover::make($this->result->evidence->wiring, $moves);
            $after = $this->tried->hasChecksLeft() ? Checker::check($made, $this->result->evidence->edition) : null;
            foreach ($after === null ? [] : Tidying::of($after) as $more) {
                $whole = [...$moves, ...$more];
                if (count($whole) <= $this->most && $this->passes($whole)) {
                    $found[] = $whole;
                }
            }
        }

        return $found;
    }

    /** @param  list<Move>  $moves */
    private function passes(array $moves): bool
    {
        return $this->tried->after($moves)?->verdict === Verdict::Pass;
    }
}
