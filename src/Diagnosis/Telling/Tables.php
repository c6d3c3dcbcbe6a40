<?php

declare(strict_types=1);

namespace Zwindle\Diagnosis\Telling;

use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Survey;
use Zwindle\Circuit\Solve\TruthTable;

/** Truth tables of circuits; circuits that differ in nothing that lamps could show are worked out once. */
final class Tables
{
    /** @var array<string, TruthTable> */
    private array $known = [];

    public function of(Circuit $circuit): TruthTable
    {
        return $this->known[self::key($circuit)] ??= (new Survey($circuit))->truthTable;
    }

    private static function key(Circuit $circuit): string
    {
        $names = [];
        $key = '';
        $nets = [$circuit->lineNet, $circuit->neutralNet, $circuit->earthNet];
        foreach ($circuit->contacts as $positions) {
            foreach ($positions as $pairs) {
                array_push($nets, -1, ...array_merge(...$pairs, ...[[]]));
            }
        }
        array_push($nets, -1, ...array_merge(...$circuit->lampNets, ...[[]]));
        foreach ($nets as $net) {
            $key .= ' '.($net < 0 ? '-' : $names[$net] ??= count($names));
        }

        return $key;
    }
}
