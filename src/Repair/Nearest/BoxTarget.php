<?php

declare(strict_types=1);

namespace Zwindle\Repair\Nearest;

/**
 * One box of a target: given what its conductors carry, which way of its devices lies nearest to the wiring.
 *
 * Up to a limit every choice of ways is tried; beyond it one device at a time is changed while that brings it nearer.
 */
final class BoxTarget
{
    private const MOST_CHOICES = 300;

    /** @var array<string, array{int, array<string, string|null>}> strands of its conductors → moves, and every point with its strand */
    private array $known = [];

    /** @var list<array<string, string|null>> every choice of ways; empty where there are too many */
    private readonly array $choices;

    /**
     * @param  array<string, string|null>  $base  its points that matter → `earth`, or null for what is yet open
     * @param  list<non-empty-list<array<string, string|null>>>  $devices  device → ways
     */
    public function __construct(
        private readonly StandingWiring $standing,
        private readonly string $enclosure,
        private readonly array $base,
        private readonly array $devices,
    ) {
        $choices = [[]];
        foreach ($devices as $ways) {
            if (count($choices) * count($ways) > self::MOST_CHOICES) {
                $choices = [];
                break;
            }
            $more = [];
            foreach ($choices as $choice) {
                foreach ($ways as $way) {
                    $more[] = [...$choice, ...$way];
                }
            }
            $choices = $more;
        }
        $this->choices = $choices;
    }

    /**
     * @param  array<string, string|null>  $ends  conductor end → key of its strand
     * @return array{int, array<string, string|null>} the moves, and every point that matters with its strand
     */
    public function best(array $ends): array
    {
        return $this->known[implode(',', $ends)] ??= $this->search([...$this->base, ...$ends]);
    }

    /**
     * @param  array<string, string|null>  $strandOf
     * @return array{int, array<string, string|null>}
     */
    private function search(array $strandOf): array
    {
        if ($this->choices !== []) {
            return $this->nearest($strandOf, $this->choices, null);
        }
        $best = [PHP_INT_MAX, []];
        $now = $this->nearest([...$strandOf, ...array_merge(...array_map(fn (array $ways) => $ways[0], $this->devices))], [[]], null);
        while ($now[0] < $best[0]) {
            $best = $now;
            foreach ($this->devices as $ways) {
                $now = $this->nearest($now[1], $ways, $now);
            }
        }

        return $best;
    }

    /**
     * @param  array<string, string|null>  $strandOf
     * @param  list<array<string, string|null>>  $ways
     * @param  array{int, array<string, string|null>}|null  $best
     * @return array{int, array<string, string|null>}
     */
    private function nearest(array $strandOf, array $ways, ?array $best): array
    {
        foreach ($ways as $way) {
            $tried = [...$strandOf, ...$way];
            $moves = $this->standing->movesIn($this->enclosure, $tried);
            if ($best === null || $moves < $best[0]) {
                $best = [$moves, $tried];
            }
        }

        return $best ?? [0, $strandOf];
    }
}
