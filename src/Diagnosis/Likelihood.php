<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis;

use Zwindle\Repair\Mistake\Mistake;
use Zwindle\Repair\Mistake\MistakeKind;

/**
 * How likely each kind of mistake is: what instructors find, out of a hundred, beside what a class has confirmed.
 *
 * The figures and their reasons stand in docs/diagnosis.md (common practice). Confirmed mistakes count as so many more findings
 * of their kind; no class pushes a kind below a tenth of its prior. A kind's likelihood is shared by the places where it can be.
 */
final readonly class Likelihood
{
    private const PRIORS = [
        'common-and-traveller-exchanged' => 18.0,
        'pair-split' => 11.0,
        'loose-terminal' => 9.0,
        'lamp-on-permanent-line' => 7.0,
        'neutral-open' => 7.0,
        'lamp-blown' => 6.0,
        'line-unmarked' => 4.5,
        'look-alike-part' => 4.5,
        'line-and-neutral-exchanged' => 5.0,
        'earth-off' => 4.0,
        'switched-line-with-neutrals' => 3.0,
        'neutral-switched' => 2.5,
        'neutral-on-earth' => 2.5,
        'core-open' => 2.5,
        'earth-tail-missing' => 2.0,
        'lamps-in-series' => 1.5,
        'contact-dead' => 1.5,
        'outlet-reversed' => 1.5,
        'ground-on-live-screw' => 1.5,
        'always-on-switched' => 1.0,
        'line-on-metal' => 1.0,
        'pinched-under-cover' => 1.0,
        'contact-stuck' => 0.5,
        'onward-forgotten' => 1.0,
        'rocker-inverted' => 0.5,
        'pull-chain-off' => 0.5,
    ];

    /** Beside the hundred: found only where something is down, and not learned. */
    private const OF_SUPPLY = ['breaker-tripped' => 5.0];

    private const LEAST_SHARE = 0.1;

    /** A board that somebody looks into for a mistake is seldom right. */
    private const RIGHT = 0.1;

    /** Two mistakes on one board come together more rarely than chance would have it. */
    private const PAIR = 0.05;

    /** @var array<string, float> kind → likelihood of each of its places */
    private array $each;

    /** @var array<string, float> place of a kind, as `place` names it → how much likelier than its kind's others */
    private array $atPlace;

    /**
     * @param  array<string, float>  $weights  kind → confirmed so often; kind and place, as `place` names it → on this board
     * @param  list<Mistake>  $mistakes  all that can be on the board
     */
    public function __construct(array $weights, array $mistakes)
    {
        $this->atPlace = self::atPlaces($weights, $mistakes);
        $places = array_count_values(array_map(fn (Mistake $mistake) => $mistake->kind->value, $mistakes));
        $known = array_intersect_key($weights, self::PRIORS);
        $sum = array_sum(self::PRIORS) + array_sum($known);
        $each = [];
        foreach (self::PRIORS as $kind => $prior) {
            $learned = ($prior + ($known[$kind] ?? 0.0)) / $sum * array_sum(self::PRIORS);
            $each[$kind] = max(self::LEAST_SHARE * $prior, $learned) / max(1, $places[$kind] ?? 1);
        }
        $this->each = [...self::OF_SUPPLY, ...$each];
    }

    public function of(Suspect $suspect): float
    {
        $likelihood = $suspect->mistakes === [] ? self::RIGHT : 1.0;
        foreach ($suspect->mistakes as $mistake) {
            $likelihood *= ($this->each[$mistake->kind->value] ?? 0.0) * ($this->atPlace[self::place($mistake)] ?? 1.0) / 100;
        }

        return count($suspect->mistakes) > 1 ? $likelihood * self::PAIR : $likelihood;
    }

    /** A kind and its place, as weights name them: `pair-split S2.a2 S2.b1`. */
    public static function place(Mistake $mistake): string
    {
        return $mistake->kind->value.' '.implode(' ', $mistake->at);
    }

    /**
     * Each place of a kind counts as one finding beside what was confirmed there: shares of a kind's likelihood, one on average.
     *
     * @param  array<string, float>  $weights
     * @param  list<Mistake>  $mistakes
     * @return array<string, float>
     */
    private static function atPlaces(array $weights, array $mistakes): array
    {
        $counts = [];
        foreach (array_intersect_key($weights, array_flip(array_map(self::place(...), $mistakes))) === [] ? [] : $mistakes as $mistake) {
            $counts[$mistake->kind->value][] = 1.0 + ($weights[self::place($mistake)] ?? 0.0);
        }
        $shares = [];
        foreach ($counts === [] ? [] : $mistakes as $mistake) {
            $own = $counts[$mistake->kind->value] ?? [1.0];
            $shares[self::place($mistake)] = (1.0 + ($weights[self::place($mistake)] ?? 0.0)) * count($own) / array_sum($own);
        }

        return $shares;
    }

    /** @return list<string> kinds that have no prior: none */
    public static function missing(): array
    {
        return array_values(array_diff(array_column(MistakeKind::cases(), 'value'), array_keys(self::PRIORS + self::OF_SUPPLY)));
    }
}
