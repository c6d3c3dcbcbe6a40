<?php

declare(strict_types=1);

namespace Zwindle\Check\Evidence;

use Zwindle\Circuit\Solve\TruthTable;

/**
 * What a lamp should do in every state: the parity of its switches' positions, up to one constant.
 *
 * Which contact "up" makes is the wiring's to choose, so the constant is the one that agrees with more of what was seen.
 * Source: common practice (a right circuit changes the lamp at every operation of any switch).
 */
final class ExpectedLamp
{
    /**
     * @param  list<string>  $switches  of the lamp's control
     * @return string a letter a state, `1` or `0`
     */
    public static function letters(TruthTable $table, string $lamp, array $switches): string
    {
        $parity = '0';
        foreach (array_reverse(array_keys($table->positionsIn(0))) as $switch) {
            $parity .= in_array($switch, $switches, true) ? self::opposite($parity) : $parity;
        }
        $agreeing = substr_count(strtr($table->lamps[$lamp], 'd', '1') ^ $parity, "\0");

        return $agreeing * 2 >= $table->count() ? $parity : self::opposite($parity);
    }

    private static function opposite(string $letters): string
    {
        return strtr($letters, '01', '10');
    }
}
