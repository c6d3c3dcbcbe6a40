<?php

declare(strict_types=1);

namespace Zwindle\Diagnose;

/**
 * How far it is to the end from a question on, if from there the one that tells most for its cost is asked each time. Costs are squared, so
 * that a way with one long branch is worse than one whose branches are alike: nobody minds a third look, everybody a seventh.
 *
 * A rollout of a greedy policy: Bertsekas, Tsitsiklis and Wu, "Rollout Algorithms for Combinatorial Optimization", 1997 (from memory).
 *
 * Sums are of weights, of weights by the cost to the end, and of weights by its square.
 *
 * @phpstan-type Sums array{float, float, float}
 */
final class LookingAhead
{
    /** @var array<string, Sums> by the suspects that are left */
    private array $known = [];

    /**
     * @param  list<Question>  $questions
     * @param  array<int, float>  $weights  suspect → its likelihood
     * @param  array<int, string>  $repairs  suspect → what mends it
     */
    public function __construct(private readonly array $questions, private readonly array $weights, private readonly array $repairs)
    {
    }

    /** @param  list<int>  $suspects */
    public function squaredCost(Question $question, array $suspects): float
    {
        return $this->from($question, $suspects)[2];
    }

    /**
     * @param  list<int>  $suspects
     * @return Sums
     */
    private function from(Question $question, array $suspects): array
    {
        [$weight, $cost, $squared] = [0.0, 0.0, 0.0];
        $own = $question->cost;
        foreach ($question->split($suspects) as $part) {
            [$w, $c, $s] = $this->toTheEnd($part);
            $weight += $w;
            $cost += $c + $own * $w;
            $squared += $s + 2 * $own * $c + $own ** 2 * $w;
        }

        return [$weight, $cost, $squared];
    }

    /**
     * @param  non-empty-list<int>  $suspects
     * @return Sums
     */
    private function toTheEnd(array $suspects): array
    {
        $name = implode(',', $suspects);
        if (! isset($this->known[$name])) {
            $weights = array_intersect_key($this->weights, array_flip($suspects));
            $isOne = count(array_unique(array_intersect_key($this->repairs, $weights))) === 1;
            $next = $isOne ? null : $this->best($suspects, $weights);
            $this->known[$name] = $next === null ? [array_sum($weights), 0.0, 0.0] : $this->from($next, $suspects);
        }

        return $this->known[$name];
    }

    /**
     * @param  non-empty-list<int>  $suspects
     * @param  array<int, float>  $weights
     */
    private function best(array $suspects, array $weights): ?Question
    {
        [$best, $most] = [null, Information::NOTHING];
        foreach ($this->questions as $question) {
            $parts = $question->split($suspects);
            $gain = count($parts) > 1 ? Information::told($parts, $weights, $this->repairs) / $question->cost : 0.0;
            if ($gain > $most) {
                [$best, $most] = [$question, $gain];
            }
        }

        return $best;
    }
}
