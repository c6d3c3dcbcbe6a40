<?php

declare(strict_types=1);

namespace Zwindle\Exam\Task;

use Zwindle\Check\Findings\Verdict;

/** Which of several tries counts: the task says it. */
enum CountedTry: string
{
    case Best = 'best';
    case Last = 'last';
    case First = 'first';

    /**
     * The best is one that passes, then the one with the most points, then the better verdict, then the later one.
     *
     * @param  non-empty-list<array{verdict: string|null, got: float|null, passes: bool|null}>  $tries  in their order; without points
     *     where nothing is marked
     * @return int its place in the list
     */
    public function among(array $tries): int
    {
        if ($this !== self::Best) {
            return $this === self::First ? 0 : count($tries) - 1;
        }
        $worth = array_map(self::worth(...), $tries);
        $best = 0;
        foreach ($worth as $i => $one) {
            $best = $one >= $worth[$best] ? $i : $best;
        }

        return $best;
    }

    /**
     * @param  array{verdict: string|null, got: float|null, passes: bool|null}  $try
     * @return array{bool, float, int}
     */
    private static function worth(array $try): array
    {
        $rank = match ($try['verdict']) {
            Verdict::Pass->value => 3,
            Verdict::Remarks->value => 2,
            Verdict::Fail->value => 1,
            default => 0,
        };

        return [$try['passes'] ?? $rank > 1, $try['got'] ?? 0.0, $rank];
    }
}
