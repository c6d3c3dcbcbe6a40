<?php

declare(strict_types=1);

namespace Zwindle\Format\Write;

use Zwindle\Catalogue\Devices\ReckonedLamp;
use Zwindle\Circuit\Net\Circuit;

/**
 * A wiring in one state as a SPICE netlist, one resistor `R<device id>` for each lamp.
 *
 * The supply's terminals and the closed contacts are milliohms, so that a trip is a current; every node has a large
 * shunt to the supply's star point, so that nothing floats. Direct current at nominal voltage stands for the mains.
 */
final class SpiceDeck
{
    private const TINY_OHM = '1m';

    private const SHUNT_OHM = '1G';

    public static function of(Circuit $circuit, int $state): string
    {
        $board = $circuit->wiring->board;
        $volts = $board->practice->nominalV;
        $lines = [
            '* '.self::oneLine($board->title),
            '* state: '.self::positions($circuit, $state),
            "VSUPPLY src 0 DC $volts",
            'RSUP_LINE src '.self::node($circuit->lineNet).' '.self::TINY_OHM,
            'RSUP_NEUTRAL '.self::node($circuit->neutralNet).' 0 '.self::TINY_OHM,
            'RSUP_EARTH '.self::node($circuit->earthNet).' 0 '.self::TINY_OHM,
        ];
        foreach ($circuit->lamps as $i => $lamp) {
            [$one, $other] = $circuit->lampNets[$i];
            $lines[] = sprintf('R%s %s %s %.6f', $lamp, self::node($one), self::node($other), ReckonedLamp::hotOhm($board->practice));
        }
        foreach ($circuit->switches as $i => $switch) {
            foreach ($circuit->contacts[$i][$circuit->isDown($i, $state) ? 1 : 0] as $j => [$one, $other]) {
                $lines[] = "RCONTACT_{$switch}_$j ".self::node($one).' '.self::node($other).' '.self::TINY_OHM;
            }
        }
        foreach ($circuit->nets->points as $net => $points) {
            $lines[] = '* '.self::node($net).' = '.implode(' ', $points);
            $lines[] = "RSHUNT_$net ".self::node($net).' 0 '.self::SHUNT_OHM;
        }

        return implode("\n", [...$lines, '.op', '.end', '']);
    }

    public static function node(int $net): string
    {
        return "n$net";
    }

    private static function positions(Circuit $circuit, int $state): string
    {
        $positions = [];
        foreach ($circuit->switches as $i => $switch) {
            $positions[] = $switch.':'.($circuit->isDown($i, $state) ? 'down' : 'up');
        }

        return implode(',', $positions) ?: 'no switches';
    }

    private static function oneLine(string $title): string
    {
        return (string) preg_replace('/[^\x20-\x7E]+/', ' ', $title);
    }
}
