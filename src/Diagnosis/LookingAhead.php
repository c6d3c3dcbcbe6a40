<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis;

/**
 * What it costs on average to get to the end from a question on: of the few that tell most each is followed, and of what follows the few
 * that tell most, ever fewer of them; what comes after is asked greedily. Every look after the fourth costs several.
 *
 * A branch and bound over decision trees with a shrinking width: Garey, "Optimal Binary Identification Procedures", 1972 (from memory).
 */
final class LookingAhead
{
    /** So many are followed of the first question, of the next, and so on. */
    public const WIDTHS = [8, 4, 4, 3, 2];

    /** Looks that nobody minds. */
    private const FEW_LOOKS = 4;

    /** What every further one costs more, in looks. */
    private const EXTRA = 1.8;

    /** Suspects times questions that are weighed before it goes on greedily: some 50 ms. */
    private const MOST_WEIGHED = 400_000;

    /** @var array<string, float> by the looks taken and the suspects that are left */
    private array $known = [];

    private int $weighed = 0;

    /**
     * @param  list<WeighedTest>  $questions
     * @param  array<int, float>  $weights  suspect → its likelihood
     * @param  array<int, string>  $repairs  suspect → what mends it
     */
    public function __construct(private readonly array $questions, private readonly array $weights, private readonly array $repairs)
    {
    }

    /**
     * @param  list<int>  $suspects
     * @param  int  $looks  taken before it
     * @return float in looks, times the likelihood of the suspects
     */
    public function cost(WeighedTest $question, array $suspects, int $looks): float
    {
        return $this->follow($question->cost, $question->isLook(), array_values($question->split($suspects)), $looks, 0, INF);
    }

    /**
     * The questions that tell suspects apart, those first that gain most for their cost; of what tells them apart in the same way one.
     *
     * @param  non-empty-list<int>  $suspects
     * @return list<array{gain: float, question: WeighedTest, parts: list<non-empty-list<int>>}>
     */
    public function telling(array $suspects, int $most): array
    {
        $this->weighed += count($suspects) * count($this->questions);
        $weights = array_intersect_key($this->weights, array_flip($suspects));
        $telling = [];
        foreach ($this->questions as $question) {
            $parts = $question->split($suspects);
            if (count($parts) > 1) {
                $name = implode('|', array_map(fn (array $part) => implode(',', $part), $parts));
                $gain = Information::told($parts, $weights, $this->repairs) / $question->cost;
                if ($gain > Information::NOTHING && $gain > ($telling[$name]['gain'] ?? 0.0)) {
                    $telling[$name] = ['gain' => $gain, 'question' => $question, 'parts' => array_values($parts)];
                }
            }
        }
        usort($telling, fn (array $one, array $other) => $other['gain'] <=> $one['gain']);

        return array_slice($telling, 0, $most);
    }

    /**
     * @param  list<non-empty-list<int>>  $parts
     * @param  float  $most  more than this and it is not the best one
     */
    private function follow(float $own, bool $isLook, array $parts, int $looks, int $depth, float $most): float
    {
        $weight = 0.0;
        foreach ($parts as $part) {
            $weight += $this->weightOf($part);
        }
        $cost = $weight * ($own + ($isLook && $looks >= self::FEW_LOOKS ? self::EXTRA : 0.0));
        foreach ($parts as $part) {
            if ($cost >= $most) {
                break;
            }
            $cost += $this->toTheEnd($part, $looks + ($isLook ? 1 : 0), $depth + 1);
        }

        return $cost;
    }

    /** @param  non-empty-list<int>  $suspects */
    private function toTheEnd(array $suspects, int $looks, int $depth): float
    {
        $name = $looks.':'.implode(',', $suspects);
        if (isset($this->known[$name]) || $this->isOne($suspects)) {
            return $this->known[$name] ?? 0.0;
        }
        $width = $this->weighed > self::MOST_WEIGHED ? 1 : self::WIDTHS[min($depth, count(self::WIDTHS) - 1)];
        $least = INF;
        foreach ($this->telling($suspects, $width) as ['question' => $question, 'parts' => $parts]) {
            $least = min($least, $this->follow($question->cost, $question->isLook(), $parts, $looks, $depth, $least));
        }

        // What nothing tells apart takes no looks.
        return $this->known[$name] = is_infinite($least) ? 0.0 : $least;
    }

    /** @param  non-empty-list<int>  $suspects */
    private function isOne(array $suspects): bool
    {
        foreach ($suspects as $suspect) {
            if ($this->repairs[$suspect] !== $this->repairs[$suspects[0]]) {
                return false;
            }
        }

        return true;
    }

    /** @param  list<int>  $suspects */
    private function weightOf(array $suspects): float
    {
        $weight = 0.0;
        foreach ($suspects as $suspect) {
            $weight += $this->weights[$suspect];
        }

        return $weight;
    }
}
