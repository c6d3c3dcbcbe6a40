<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis;

/** What a test gains about which repair is needed, in bits. */
final class Information
{
    /** Less than this is rounding. */
    public const NOTHING = 1e-9;

    /**
     * How much less is open after it, on average.
     *
     * @param  array<array-key, list<int>>  $parts  what is seen → suspects
     * @param  array<int, float>  $weights  suspect → its likelihood
     * @param  array<int, string>  $repairs  suspect → what mends it
     */
    public static function told(array $parts, array $weights, array $repairs): float
    {
        $sum = array_sum($weights);
        $left = 0.0;
        foreach ($parts as $part) {
            $left += array_sum(array_map(fn (int $i) => $weights[$i], $part)) / $sum * self::open($part, $weights, $repairs);
        }

        return self::open(array_keys($weights), $weights, $repairs) - $left;
    }

    /**
     * Entropy over repairs.
     *
     * @param  list<int>  $suspects
     * @param  array<int, float>  $weights
     * @param  array<int, string>  $repairs
     */
    public static function open(array $suspects, array $weights, array $repairs): float
    {
        $shares = [];
        foreach ($suspects as $i) {
            $shares[$repairs[$i]] = ($shares[$repairs[$i]] ?? 0.0) + $weights[$i];
        }
        $sum = array_sum($shares);
        $entropy = 0.0;
        foreach ($shares as $share) {
            $entropy -= $share > 0 ? $share / $sum * log($share / $sum, 2) : 0.0;
        }

        return $entropy;
    }
}
