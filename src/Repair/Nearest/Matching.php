<?php

declare(strict_types=1);

namespace Zwindle\Repair\Nearest;

/**
 * The heaviest matching of joints with strands: each joint serves one strand at most, each strand is served by one joint.
 *
 * Few of them are tried in every way; many are matched one by one, each along the path that adds most to what is matched
 * (successive heaviest augmenting paths, a textbook method; weights are positive).
 */
final class Matching
{
    private const FEW = 5;

    /** @var array<int, string> joint → strand */
    private array $strandOf = [];

    /** @var array<string, int> */
    private array $jointOf = [];

    /** @param  array<int, array<string, int>>  $weights */
    private function __construct(private readonly array $weights)
    {
    }

    /**
     * @param  array<int, array<string, int>>  $weights  joint → strand → weight, above 0
     * @return array{int, array<int, string>} the weight of all, and joint → strand
     */
    public static function of(array $weights): array
    {
        if (count($weights) <= self::FEW) {
            return self::everyWay(array_values($weights), array_keys($weights), 0, []);
        }
        $matching = new self($weights);
        do {
            $path = $matching->heaviestPath();
            $matching->follow($path);
        } while ($path !== []);
        $total = 0;
        foreach ($matching->strandOf as $joint => $strand) {
            $total += $weights[$joint][$strand];
        }

        return [$total, $matching->strandOf];
    }

    /**
     * @param  list<array<string, int>>  $weights
     * @param  list<int>  $joints
     * @param  array<string, true>  $taken
     * @return array{int, array<int, string>}
     */
    private static function everyWay(array $weights, array $joints, int $next, array $taken): array
    {
        if (! isset($weights[$next])) {
            return [0, []];
        }
        [$most, $serves] = self::everyWay($weights, $joints, $next + 1, $taken);
        foreach ($weights[$next] as $strand => $weight) {
            if (isset($taken[$strand])) {
                continue;
            }
            [$rest, $others] = self::everyWay($weights, $joints, $next + 1, $taken + [$strand => true]);
            if ($weight + $rest > $most) {
                $most = $weight + $rest;
                $serves = [$joints[$next] => (string) $strand] + $others;
            }
        }

        return [$most, $serves];
    }

    /**
     * From a joint that serves nothing to a strand that is not served, by the gain of giving each joint on the way the next
     * strand; or to a joint that then serves nothing any more.
     *
     * @return list<array{int, string|null}> joint → the strand that it is to serve, the last first; empty if nothing is gained
     */
    private function heaviestPath(): array
    {
        // Gain of the best way so far to a joint that has just lost its strand, and how it came about.
        $gain = array_map(fn () => 0, array_diff_key($this->weights, $this->strandOf));
        $cameBy = [];
        for ($round = count($this->weights); $round > 0; $round--) {
            $isBetter = false;
            foreach ($gain as $joint => $sofar) {
                foreach ($this->weights[$joint] as $strand => $weight) {
                    $loser = $this->jointOf[$strand] ?? null;
                    if ($loser === null || $loser === $joint) {
                        continue;
                    }
                    $then = $sofar + $weight - $this->weights[$loser][$strand];
                    if (! isset($gain[$loser]) || $then > $gain[$loser]) {
                        $gain[$loser] = $then;
                        $cameBy[$loser] = [$joint, (string) $strand];
                        $isBetter = true;
                    }
                }
            }
            if (! $isBetter) {
                break;
            }
        }
        [$most, $end] = [0, null];
        foreach ($gain as $joint => $sofar) {
            if ($sofar > $most) {
                [$most, $end] = [$sofar, [$joint, null]];
            }
            foreach ($this->weights[$joint] as $strand => $weight) {
                if (! isset($this->jointOf[$strand]) && $sofar + $weight > $most) {
                    [$most, $end] = [$sofar + $weight, [$joint, (string) $strand]];
                }
            }
        }
        $path = [];
        while ($end !== null) {
            $path[] = $end;
            $end = $cameBy[$end[0]] ?? null;
        }

        return $path;
    }

    /** @param  list<array{int, string|null}>  $path */
    private function follow(array $path): void
    {
        foreach ($path as [$joint]) {
            unset($this->strandOf[$joint]);
        }
        foreach ($path as [$joint, $strand]) {
            if ($strand !== null) {
                $this->strandOf[$joint] = $strand;
            }
        }
        $this->jointOf = array_flip($this->strandOf);
    }
}
