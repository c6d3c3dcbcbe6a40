<?php

declare(strict_types=1);

namespace Zwindle\Drill;

/**
 * The shortest way of finding out, when nobody knows beforehand what it is: the way that needs fewest measurements at worst.
 *
 * Of measurements that are equal at worst the one that leaves fewest possibilities on average comes first, then the first one.
 */
final class BestWay
{
    /** @var array<string, array{int, string|null}> possibilities → measurements at worst, and the one to begin with */
    private array $known = [];

    public function __construct(private readonly Lab $lab)
    {
    }

    /** @return list<string> the measurements that it takes for what it is */
    public function path(): array
    {
        $path = [];
        $left = array_map(strval(...), array_keys($this->lab->answers));
        while (($next = $this->best($left)[1]) !== null) {
            $path[] = $next;
            $left = $this->parts($left, $next)[$this->lab->measure($next)];
        }

        return $path;
    }

    /** How many it takes at worst, whatever it is. */
    public function atWorst(): int
    {
        return $this->best(array_map(strval(...), array_keys($this->lab->answers)))[0];
    }

    /**
     * @param  list<string>  $left
     * @return array{int, string|null}
     */
    private function best(array $left): array
    {
        $key = implode(' ', $left);
        if (isset($this->known[$key])) {
            return $this->known[$key];
        }
        if (count(array_unique(array_map(fn (string $one) => $this->lab->answers[$one], $left))) < 2) {
            return $this->known[$key] = [0, null];
        }
        $worth = [];
        foreach (array_keys($this->lab->shows) as $measurement) {
            $parts = $this->parts($left, (string) $measurement);
            $sizes = array_map(count(...), $parts);
            if (count($parts) > 1) {
                $worth[(string) $measurement] = array_sum(array_map(fn (int $size) => $size ** 2, $sizes));
            }
        }
        asort($worth);
        $best = [PHP_INT_MAX, null];
        foreach (array_keys($worth) as $measurement) {
            $worst = 0;
            foreach ($this->parts($left, (string) $measurement) as $part) {
                $worst = max($worst, $this->best($part)[0]);
                if ($worst + 1 >= $best[0]) {
                    break;
                }
            }
            if ($worst + 1 < $best[0]) {
                $best = [$worst + 1, (string) $measurement];
            }
            // No fewer can do: each measurement parts them in so many at most.
            if ($best[0] <= $this->fewest($left)) {
                break;
            }
        }

        return $this->known[$key] = $best;
    }

    /**
     * @param  list<string>  $left
     * @return array<string, list<string>> what is seen → what it could then be
     */
    private function parts(array $left, string $measurement): array
    {
        $parts = [];
        foreach ($left as $one) {
            $parts[$this->lab->shows[$measurement][$one]][] = $one;
        }

        return $parts;
    }

    /** @param  list<string>  $left */
    private function fewest(array $left): int
    {
        $answers = count(array_unique(array_map(fn (string $one) => $this->lab->answers[$one], $left)));
        $outcomes = max([2, ...array_values(array_map(fn (array $shown) => count(array_unique($shown)), $this->lab->shows))]);

        return (int) ceil(log($answers, $outcomes) - 1e-9);
    }
}
