<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;
use Zwindle\Board\Board;
use Zwindle\Board\Wiring\JoinedBy;
use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Format\Read\BoardReader;
use Zwindle\Problem\Problems;

/** Small boards and changed wirings, built in a line. */
final class Build
{
    /** @param  array<string, mixed>  $changes  laid over a small North American board */
    public static function boardArray(array $changes = []): array
    {
        return [
            'format' => 'zwindle-board', 'version' => 1, 'title' => 'Test board', 'practice' => 'na', 'code' => 'NEC-2023',
            'enclosures' => [
                ['id' => 'SRC', 'kind' => 'supply', 'label' => 'Supply'],
                ['id' => 'L1', 'kind' => 'light-box', 'label' => 'Light', 'material' => 'plastic'],
            ],
            'devices' => [
                ['id' => 'PS', 'in' => 'SRC', 'model' => 'na-supply'],
                ['id' => 'LA', 'in' => 'L1', 'model' => 'na-lampholder'],
            ],
            'cables' => [['id' => 'W1', 'type' => 'na-14-2', 'from' => 'SRC', 'to' => 'L1']],
            'controls' => [],
            ...$changes,
        ];
    }

    /** @param  array<string, mixed>  $array */
    public static function board(array $array): Board
    {
        $problems = new Problems;

        return BoardReader::read((string) json_encode($array), $problems)
            ?? throw new RuntimeException((string) json_encode($problems->all()));
    }

    /**
     * A board with lamps alone between hot and neutral: `[['hot', 'm1'], ['m1', 'neutral']]` are two in series.
     *
     * @param  list<array{string, string}>  $lamps  names of the two nodes of each
     */
    public static function lamps(array $lamps, string $practice = 'na'): Wiring
    {
        $supply = $practice === 'na' ? 'na-supply' : 'gb-supply';
        $lamp = $practice === 'na' ? ['na-lampholder', 'hot', 'neutral'] : ['gb-batten-bc', 'a', 'b'];
        $devices = [['id' => 'PS', 'in' => 'SRC', 'model' => $supply]];
        $nodes = [
            'hot' => ['W1.'.($practice === 'na' ? 'black' : 'brown').'@L1'],
            'neutral' => ['W1.'.($practice === 'na' ? 'white' : 'blue').'@L1'],
        ];
        foreach ($lamps as $i => [$one, $other]) {
            $devices[] = ['id' => "LA$i", 'in' => 'L1', 'model' => $lamp[0]];
            $nodes[$one][] = "LA$i.$lamp[1]";
            $nodes[$other][] = "LA$i.$lamp[2]";
        }
        $board = self::board(self::boardArray([
            'practice' => $practice, 'code' => $practice === 'na' ? 'NEC-2023' : 'BS7671-2018', 'devices' => $devices,
            'cables' => [['id' => 'W1', 'type' => $practice === 'na' ? 'na-14-2' : 'gb-1.5-te', 'from' => 'SRC', 'to' => 'L1']],
        ]));
        $line = $practice === 'na' ? 'black' : 'brown';
        $neutral = $practice === 'na' ? 'white' : 'blue';
        $joints = [
            new Joint('SRC', ['PS.line', "W1.$line@SRC"], JoinedBy::Terminal),
            new Joint('SRC', ['PS.neutral', "W1.$neutral@SRC"], JoinedBy::Terminal),
        ];
        foreach ($nodes as $points) {
            if (count($points) > 1) {
                $joints[] = new Joint('L1', $points, JoinedBy::WireNut);
            }
        }

        return Wiring::of($board, $joints);
    }

    public static function exchange(Wiring $wiring, string $one, string $other): Wiring
    {
        return self::renamed($wiring, [$one => $other, $other => $one]);
    }

    /** @param  array<string, string>  $names  point → the point that takes its place in the joints */
    public static function renamed(Wiring $wiring, array $names): Wiring
    {
        $joints = array_map(
            fn (Joint $joint) => new Joint(
                $joint->enclosure,
                array_map(fn (string $point) => $names[$point] ?? $point, $joint->points),
                $joint->by,
                $joint->ports,
            ),
            $wiring->joints,
        );

        return Wiring::of($wiring->board, $joints, $wiring->caps, $wiring->marks, $wiring->fitted);
    }

    public static function marked(Wiring $wiring, string ...$asLine): Wiring
    {
        return Wiring::of($wiring->board, $wiring->joints, $wiring->caps, [
            ...$wiring->marks,
            ...array_fill_keys($asLine, MarkedAs::Line),
        ], $wiring->fitted);
    }

    public static function without(Wiring $wiring, string $point): Wiring
    {
        $joints = [];
        foreach ($wiring->joints as $joint) {
            $points = array_values(array_diff($joint->points, [$point]));
            if (count($points) > 1) {
                $joints[] = new Joint($joint->enclosure, $points, $joint->by, $joint->ports);
            }
        }

        return Wiring::of($wiring->board, $joints, [...$wiring->caps, $point], $wiring->marks, $wiring->fitted);
    }
}
