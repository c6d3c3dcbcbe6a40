<?php

declare(strict_types=1);

namespace Zwindle\Evening\Seating;

use Generator;

/** Orders in which people are put down one after the other: the usual ones first, then some at random, the same every time. */
final class Orders
{
    /**
     * @param  list<Claim>  $claims
     * @return Generator<int, list<int>> indexes of claims, twice for those that sit twice
     */
    public static function of(array $claims, int $changeover, int $atRandom): Generator
    {
        $keys = [
            fn (Claim $claim) => [$claim->latestEnd, -$claim->chain($changeover), $claim->earliest],
            fn (Claim $claim) => [$claim->latestEnd, $claim->earliest, -$claim->chain($changeover)],
            fn (Claim $claim) => [$claim->latestEnd, -$claim->earliest - $claim->chain($changeover)],
            fn (Claim $claim) => [$claim->latestEnd, $claim->earliest, $claim->chain($changeover)],
        ];
        $indexes = array_keys($claims);
        foreach ($keys as $key) {
            usort($indexes, fn (int $a, int $b) => [$key($claims[$a]), $a] <=> [$key($claims[$b]), $b]);
            yield from self::withSeconds($indexes, $claims);
        }
        $dice = 20_011;
        for ($try = 0; $try < $atRandom; $try++) {
            for ($i = count($indexes) - 1; $i > 0; $i--) {
                // A congruential generator; its constants are those of common C libraries.
                $dice = ($dice * 1_103_515_245 + 12_345) & 0x7FFFFFFF;
                $j = ($dice >> 8) % ($i + 1);
                [$indexes[$i], $indexes[$j]] = [$indexes[$j], $indexes[$i]];
            }
            $shuffled = $indexes;
            usort($shuffled, fn (int $a, int $b) => $claims[$a]->latestEnd <=> $claims[$b]->latestEnd);
            yield from self::withSeconds($shuffled, $claims);
        }
    }

    /**
     * The second sittings right after the first ones, or last of all.
     *
     * @param  list<int>  $order
     * @param  list<Claim>  $claims
     * @return Generator<int, list<int>>
     */
    private static function withSeconds(array $order, array $claims): Generator
    {
        $twice = array_values(array_filter($order, fn (int $index) => $claims[$index]->times === 2));
        $once = array_values(array_filter($order, fn (int $index) => $claims[$index]->times === 1));
        yield [...$order, ...$twice];
        if ($twice !== []) {
            yield [...$twice, ...$twice, ...$once];
            yield [...$twice, ...$once, ...$twice];
        }
    }
}
