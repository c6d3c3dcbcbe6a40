<?php

declare(strict_types=1);

namespace Zwindle\Diagnose;

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
        'common-and-traveller-exchanged' => 20.0,
        'pair-split' => 12.0,
        'loose-terminal' => 10.0,
        'lamp-on-permanent-line' => 8.0,
        'neutral-open' => 8.0,
        'lamp-blown' => 7.0,
        'line-unmarked' => 6.0,
        'look-alike-part' => 6.0,
        'line-and-neutral-exchanged' => 5.0,
        'earth-off' => 5.0,
        'neutral-switched' => 3.0,
        'neutral-on-earth' => 3.0,
        'core-open' => 3.0,
        'lamps-in-series' => 2.0,
        'contact-dead' => 1.5,
        'contact-stuck' => 0.5,
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

    /**
     * @param  array<string, float>  $weights  kind → confirmed so often
     * @param  list<Mistake>  $mistakes  all that can be on the board
     */
    public function __construct(array $weights, array $mistakes)
    {
        $places = array_count_values(array_map(fn (Mistake $mistake) => $mistake->kind->value, $mistakes));
        $known = array_intersect_key($weights, self::PRIORS);
        $sum = array_sum(self::PRIORS) + array_sum($known);
        $each = self::OF_SUPPLY;
        foreach (self::PRIORS as $kind => $prior) {
            $learned = ($prior + ($known[$kind] ?? 0.0)) / $sum * array_sum(self::PRIORS);
            $each[$kind] = max(self::LEAST_SHARE * $prior, $learned) / max(1, $places[$kind] ?? 1);
        }
        $this->each = $each;
    }

    public function of(Hypothesis $hypothesis): float
    {
        $likelihood = $hypothesis->mistakes === [] ? self::RIGHT : 1.0;
        foreach ($hypothesis->mistakes as $mistake) {
            $likelihood *= $this->each[$mistake->kind->value] / 100;
        }

        return count($hypothesis->mistakes) > 1 ? $likelihood * self::PAIR : $likelihood;
    }

    /** @return array<string, float> kind → out of a hundred, as instructors find them */
    public static function priors(): array
    {
        return self::PRIORS;
    }

    /** @return list<string> kinds that have no prior: none */
    public static function missing(): array
    {
        return array_values(array_diff(array_column(MistakeKind::cases(), 'value'), array_keys(self::PRIORS + self::OF_SUPPLY)));
    }
}
