<?php

declare(strict_types=1);

namespace Zwindle\Drill;

use Zwindle\Exam\Vary\Dice;

/**
 * A switch with its print taped over: three or four terminals, a paddle, a meter that says closed or open.
 *
 * It may be a three-way, a four-way, the two-pole look-alike, or bad: a contact that is dead, or one that does not let go. What a
 * meter shows of each follows from the contact tables of the catalogue (contract, section 2).
 *
 * @phpstan-type Table array{up: list<array{int, int}>, down: list<array{int, int}>}
 */
final class DeviceLab
{
    public const BAD = 'bad';

    private const POSITIONS = ['up', 'down'];

    public static function of(Dice $dice): Lab
    {
        $terminals = 3 + $dice->for('terminals')->throw(2);
        $could = $terminals === 3 ? self::threeTerminals() : self::fourTerminals();
        // Half of them good, whichever; the rest of all that there are.
        $good = array_keys(array_filter($could, fn (array $one) => $one[0] !== self::BAD));
        $from = $dice->for('good')->throw(10) < 7 ? $good : array_keys($could);
        $truth = $dice->for('truth')->shuffled($from)[0];
        $shows = [];
        for ($one = 1; $one <= $terminals; $one++) {
            for ($other = $one + 1; $other <= $terminals; $other++) {
                foreach (self::POSITIONS as $position) {
                    foreach ($could as $id => [, $closed]) {
                        $shows["$one-$other $position"][$id] = in_array([$one, $other], $closed[$position], true) ? 'closed' : 'open';
                    }
                }
            }
        }

        return new Lab(
            array_map(fn (array $one) => $one[0], $could),
            $shows,
            $truth,
            ['terminals' => $terminals, 'face' => $dice->for('face')->throw(3)],
        );
    }

    /** @return array<string, array{string, Table}> what it could be → answer, closed pairs */
    private static function threeTerminals(): array
    {
        $could = [];
        foreach ([1, 2, 3] as $common) {
            [$first, $second] = array_values(array_diff([1, 2, 3], [$common]));
            foreach ([[$first, $second], [$second, $first]] as $i => [$up, $down]) {
                $could["three-way $common $i"] = ["three-way:$common", self::table([[$common, $up]], [[$common, $down]])];
                $could["dead $common $i"] = [self::BAD, self::table([[$common, $up]], [])];
                $could["dead-up $common $i"] = [self::BAD, self::table([], [[$common, $down]])];
                $could["stuck $common $i"] = [self::BAD, self::table([[$common, $up]], [[$common, $up]])];
            }
        }

        return [...$could, 'nothing' => [self::BAD, self::table([], [])]];
    }

    /** @return array<string, array{string, Table}> */
    private static function fourTerminals(): array
    {
        $could = [];
        foreach ([[[1, 2], [3, 4]], [[1, 3], [2, 4]], [[1, 4], [2, 3]]] as [$a, $b]) {
            $straight = [[$a[0], $b[0]], [$a[1], $b[1]]];
            $crossed = [[$a[0], $b[1]], [$a[1], $b[0]]];
            $pairs = implode('', $a).'|'.implode('', $b);
            foreach ([[$straight, $crossed], [$crossed, $straight]] as $i => [$up, $down]) {
                $could["four-way $pairs $i"] = ["four-way:$pairs", self::table($up, $down)];
                $could["dead $pairs $i"] = [self::BAD, self::table([$up[0]], $down)];
                $could["dead2 $pairs $i"] = [self::BAD, self::table([$up[1]], $down)];
                $could["stuck $pairs $i"] = [self::BAD, self::table($up, $up)];
            }
            // A two-pole part closes both poles in one position: each pole is one of these pairs.
            $could["two-pole $pairs up"] = ['two-pole', self::table([$a, $b], [])];
            $could["two-pole $pairs down"] = ['two-pole', self::table([], [$a, $b])];
        }

        return $could;
    }

    /**
     * @param  list<array{int, int}>  $up
     * @param  list<array{int, int}>  $down
     * @return Table
     */
    private static function table(array $up, array $down): array
    {
        return ['up' => array_map(self::sorted(...), $up), 'down' => array_map(self::sorted(...), $down)];
    }

    /**
     * @param  array{int, int}  $pair
     * @return array{int, int}
     */
    private static function sorted(array $pair): array
    {
        return [min($pair), max($pair)];
    }
}
