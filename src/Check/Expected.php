<?php

declare(strict_types=1);

namespace Zwindle\Check;

use Zwindle\Solve\TruthTable;

/**
 * What a lamp should do in every state: the parity of its switches' positions, up to one constant.
 *
 * Which contact "up" makes is the wiring's to choose, so the constant is the one that agrees with more of what was seen.
 * Source: common practice (a right circuit changes the lamp at every operation of any switch).
 */
final class Expected
{
    /**
     * @param  list<string>  $switches  of the lamp's control
     * @return string a letter a state, `1` or `0`
     */
    public static function letters(TruthTable $table, string $lamp, array $switches): string
    {
        $parity = '';
        $agreeing = 0;
        for ($state = 0; $state < $table->count(); $state++) {
            $down = array_intersect_key($table->positionsIn($state), array_flip($switches));
            $odd = count(array_filter($down, fn (string $position) => $position === 'down')) % 2 === 1;
            $parity .= $odd ? '1' : '0';
            $agreeing += $odd === $table->lampIn($lamp, $state)->isLit() ? 1 : 0;
        }

        return $agreeing * 2 >= $table->count() ? $parity : strtr($parity, '01', '10');
    }
}
