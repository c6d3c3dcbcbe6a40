<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\Solver;
use Zwindle\Format\Write\SpiceDeck;

/** ngspice, a general-purpose circuit simulator, run on the decks that `zwindle:spice` writes. */
final class Ngspice
{
    /** More than a board of lamps can draw, far less than a short through milliohms. */
    private const TRIP_A = 1000.0;

    private const EARTH_CURRENT_A = 1e-3;

    /**
     * Compares every state of every wiring; one run of the simulator for all of them.
     *
     * @param  iterable<string, Wiring>  $wirings
     * @return array{states: int, differences: list<string>}
     */
    public static function compare(iterable $wirings): array
    {
        $circuits = [];
        foreach ($wirings as $name => $wiring) {
            $circuits[$name] = Circuit::of($wiring);
        }

        return self::compareCircuits($circuits);
    }

    /**
     * The same for circuits, bad contacts and all.
     *
     * @param  iterable<string, Circuit>  $circuits
     * @return array{states: int, differences: list<string>}
     */
    public static function compareCircuits(iterable $circuits): array
    {
        $expected = $jobs = [];
        foreach ($circuits as $name => $circuit) {
            foreach (Solver::everyState($circuit) as $result) {
                $line = SpiceDeck::node($circuit->lineNet);
                $earth = SpiceDeck::node($circuit->earthNet);
                // Currents through the supply's milliohms.
                $prints = ["(v(src)-v($line))/0.001", "v($earth)/0.001"];
                foreach ($circuit->lampNets as [$one, $other]) {
                    $prints[] = 'v('.SpiceDeck::node($one).')-v('.SpiceDeck::node($other).')';
                }
                $jobs[] = [SpiceDeck::of($circuit, $result->state), $prints];
                $expected[] = [$name, $circuit, $result];
            }
        }

        return ['states' => count($expected), 'differences' => self::differences($expected, self::figures($jobs))];
    }

    /**
     * One run of the simulator for many decks.
     *
     * @param  list<array{string, list<string>}>  $jobs  a deck, and what to print of it
     * @return array<int, list<float>> what was printed, deck by deck
     */
    public static function figures(array $jobs): array
    {
        $folder = sys_get_temp_dir().'/zwindle-spice-'.bin2hex(random_bytes(6));
        mkdir($folder);
        $control = ["* all decks\n.control\nset noaskquit\nset numdgt=9\n"];
        foreach ($jobs as $i => [$deck, $prints]) {
            file_put_contents("$folder/$i.cir", $deck);
            $control[] = "source $folder/$i.cir\nrun\necho deck $i\n".implode(
                '',
                array_map(fn (string $print) => "print $print\n", $prints),
            )."remcirc\ndestroy all\n";
        }
        $control[] = "quit\n.endc\n.end\n";
        file_put_contents("$folder/all.cir", implode('', $control));
        exec("ngspice -b $folder/all.cir 2>/dev/null", $lines);
        array_map(unlink(...), glob("$folder/*") ?: []);
        rmdir($folder);

        return self::read($lines);
    }

    /**
     * @param  list<string>  $lines
     * @return array<int, list<float>> deck → line current, earth current, lamp voltages
     */
    private static function read(array $lines): array
    {
        $decks = [];
        $deck = null;
        foreach ($lines as $line) {
            if (preg_match('/^deck (\d+)/', $line, $match) === 1) {
                $deck = (int) $match[1];
                $decks[$deck] = [];
            } elseif ($deck !== null && preg_match('/^\(?[vi@].* = (\S+)\s*$/', $line, $match) === 1) {
                $decks[$deck][] = (float) $match[1];
            }
        }

        return $decks;
    }

    /**
     * @param  list<array{string, Circuit, \Zwindle\Circuit\Solve\StateResult}>  $expected
     * @param  array<int, list<float>>  $decks
     * @return list<string>
     */
    private static function differences(array $expected, array $decks): array
    {
        $differences = [];
        foreach ($expected as $i => [$name, $circuit, $result]) {
            $figures = $decks[$i] ?? throw new RuntimeException("ngspice said nothing about deck $i ($name)");
            if (count($figures) !== 2 + count($circuit->lamps)) {
                throw new RuntimeException("ngspice left figures out of deck $i ($name)");
            }
            $trip = match (true) {
                abs($figures[0]) > self::TRIP_A => 'breaker',
                $circuit->hasRcd && abs($figures[1]) > self::EARTH_CURRENT_A => 'rcd',
                default => null,
            };
            if ($trip !== $result->trip?->value) {
                $differences[] = "$name, state $result->state: trips "
                    .json_encode($trip)
                    .' there, '
                    .json_encode($result->trip?->value)
                    .' here';
            } elseif ($trip === null) {
                array_push($differences, ...self::lampDifferences($name, $circuit, $result, array_slice($figures, 2)));
            }
        }

        return $differences;
    }

    /**
     * @param  list<float>  $volts
     * @return list<string>
     */
    private static function lampDifferences(string $name, Circuit $circuit, \Zwindle\Circuit\Solve\StateResult $result, array $volts): array
    {
        $differences = [];
        foreach ($circuit->lampNets as $i => [$one, $other]) {
            $nominal = $circuit->wiring->board->practice->nominalV;
            $here = abs($result->network?->shareAt($result->nodes[$one])->minus(
                $result->network->shareAt($result->nodes[$other]),
            )->toFloat() ?? 0.0);
            // Milliohms against hundreds of ohms: a thousandth of nominal voltage is far more than they can drop.
            if (abs($here - abs($volts[$i]) / $nominal) > 0.001) {
                $differences[] = "$name, state $result->state: {$circuit->lamps[$i]} at $volts[$i] V there, share $here here";
            }
        }

        return $differences;
    }
}
