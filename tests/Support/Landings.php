<?php

declare(strict_types=1);

namespace Tests\Support;

use Zwindle\Board\Wiring\Wiring;

/** Every way to land the conductors of some terminals on these terminals. */
final class Landings
{
    /**
     * @param  list<string>  $terminals
     * @return list<Wiring>
     */
    public static function of(Wiring $right, array $terminals): array
    {
        return array_map(fn (array $order) => Build::renamed($right, array_combine($terminals, $order)), self::permutations($terminals));
    }

    /** @return list<Wiring> the 36 ways to land three conductors on each of two three-ways */
    public static function onTwoThreeWays(): array
    {
        $right = Files::wiring('database/demo/propagation-house/board.json', 'database/demo/propagation-house/right.wiring.json');
        $made = [];
        foreach (self::of($right, ['S1.common', 'S1.t1', 'S1.t2']) as $near) {
            $made = [...$made, ...self::of($near, ['S2.common', 'S2.t1', 'S2.t2'])];
        }

        return $made;
    }

    /**
     * @param  list<string>  $items
     * @return list<list<string>>
     */
    private static function permutations(array $items): array
    {
        if (count($items) < 2) {
            return [$items];
        }
        $all = [];
        foreach ($items as $i => $item) {
            foreach (self::permutations(array_values(array_diff_key($items, [$i => 0]))) as $rest) {
                $all[] = [$item, ...$rest];
            }
        }

        return $all;
    }
}
