<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis;

use Zwindle\Board\Wiring\Wiring;
use Zwindle\Diagnosis\Telling\Tables;
use Zwindle\Repair\Mistake\Mistakes;

/** The usual mistakes that fit what was seen, likeliest first, and what to look at next. */
final readonly class Diagnosis
{
    /** A board with more switches is not looked at. */
    public const MOST_SWITCHES = 8;

    public const MOST_SUSPECTS = 200;

    private const MOST_NEAREST = 5;

    /** Combinations of two mistakes that are tried, times their states. */
    private const MOST_PAIR_STATES = 400_000;

    /**
     * @param  list<Suspect>  $suspects
     * @param  list<NextTest>  $next
     * @param  list<string>  $contradictions  pointers of entries that contradict earlier ones
     * @param  list<array{Suspect, list<string>}>  $nearest  with the entries that speak against each
     */
    private function __construct(
        public int $fits,
        public bool $mayBeRight,
        public bool $truncated,
        public array $suspects,
        public array $next,
        public array $contradictions,
        public array $nearest,
    ) {
    }

    /** @param  non-empty-list<Wiring>  $meant  right wirings that the board may have been meant to have */
    public static function of(array $meant, Seen $seen): self
    {
        return self::among(new SingleMistakes($meant), $seen);
    }

    public static function among(SingleMistakes $singles, Seen $seen): self
    {
        $contradictions = Contradictions::in($seen);
        if ($contradictions !== []) {
            return new self(0, false, false, [], [], $contradictions, []);
        }
        $fit = new Fit($seen);
        $likelihood = new Likelihood($seen->weights, $singles->mistakes());
        $right = array_values(array_filter($singles->none, $fit->fits(...)));
        $found = array_values(array_filter($singles->all, $fit->fits(...)));
        if ($found === [] && $right === []) {
            $found = self::pairs($singles->meant, $fit, $singles->tables);
        }
        $found = self::likeliest($found, $likelihood);
        $isTold = $found !== [] || $right !== [];

        return new self(
            count($found),
            $right !== [],
            count($found) > self::MOST_SUSPECTS,
            array_slice($found, 0, self::MOST_SUSPECTS),
            (new NextTests($seen, $likelihood))->of([...$found, ...array_slice($right, 0, 1)]),
            [],
            $isTold ? [] : self::nearest($singles->all, $fit, $likelihood),
        );
    }

    /**
     * Every two mistakes that do not touch each other, as far as time allows.
     *
     * @param  non-empty-list<Wiring>  $meant
     * @return list<Suspect>
     */
    private static function pairs(array $meant, Fit $fit, Tables $tables): array
    {
        $found = [];
        $left = self::MOST_PAIR_STATES;
        foreach ($meant as $wiring) {
            $mistakes = Mistakes::on($wiring);
            $states = (new Suspect($wiring, []))->circuit()->stateCount();
            foreach ($mistakes as $i => $one) {
                foreach (array_slice($mistakes, $i + 1, preserve_keys: true) as $j => $other) {
                    if ($one->clashesWith($other) || ($left -= $states) < 0) {
                        continue;
                    }
                    $pair = new Suspect($wiring, [$i => $one, $j => $other], $tables);
                    if ($fit->fits($pair)) {
                        $found[] = $pair;
                    }
                }
            }
        }

        return $found;
    }

    /**
     * @param  list<Suspect>  $found
     * @return list<Suspect>
     */
    private static function likeliest(array $found, Likelihood $likelihood): array
    {
        $worth = array_map(fn (Suspect $one) => -$likelihood->of($one), $found);
        array_multisort($worth, SORT_ASC, array_keys($found), SORT_ASC, $found);

        return $found;
    }

    /**
     * @param  list<Suspect>  $singles
     * @return list<array{Suspect, list<string>}>
     */
    private static function nearest(array $singles, Fit $fit, Likelihood $likelihood): array
    {
        $near = array_map(fn (Suspect $one) => [$one, $fit->against($one)], $singles);
        usort($near, fn (array $one, array $other) => [count($one[1]), -$likelihood->of($one[0])] <=> [
            count($other[1]), -$likelihood->of($other[0]),
        ]);

        return array_slice($near, 0, self::MOST_NEAREST);
    }
}
