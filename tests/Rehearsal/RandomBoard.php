<?php

declare(strict_types=1);

namespace Tests\Rehearsal;

use Zwindle\Format\Read\BoardReader;
use Zwindle\Format\Write\BoardArray;
use Zwindle\Plan\Planner;
use Zwindle\Problem\Problems;

/**
 * A board that nobody has drawn before: a chain of switches in either practice, with the feed, the lights and the runs where chance puts
 * them. The planner chooses the cables, and a board that it cannot wire is thrown away.
 */
final class RandomBoard
{
    private const PLACES = ['Porch', 'Gallery', 'Boiler loft', 'Scullery', 'Drying room', 'North stair', 'Cold store', 'Mill floor'];

    private const PRACTICES = [
        'na' => [
            'code' => ['NEC-2017', 'NEC-2020', 'NEC-2023'],
            'single' => 'na-switch-1p', 'end' => 'na-switch-3way', 'middle' => 'na-switch-4way',
            'lamps' => ['na-lampholder', 'na-luminaire'],
        ],
        'gb' => [
            'code' => ['BS7671-2018A2', 'BS7671-2018A3'],
            'single' => 'gb-switch-1way', 'end' => 'gb-switch-2way', 'middle' => 'gb-switch-intermediate',
            'lamps' => ['gb-batten-bc', 'gb-batten-es', 'gb-luminaire'],
        ],
    ];

    /** @return array<string, mixed> a board file that can be wired */
    public static function of(Chance $chance, string $practice): array
    {
        for ($tries = 0; $tries < 60; $tries++) {
            $board = self::thrown($chance, $practice);
            $read = BoardReader::read($board, new Problems);
            $plan = $read === null ? null : (Planner::plan($read)->plans[0] ?? null);
            if ($plan !== null) {
                return BoardArray::of($plan->wiring->board);
            }
        }
        throw new \LogicException('No board that can be wired came up.');
    }

    /** @return array<string, mixed> */
    private static function thrown(Chance $chance, string $practice): array
    {
        $parts = self::PRACTICES[$practice];
        $places = $chance->shuffled(self::PLACES);
        $switches = $chance->one([1, 2, 2, 2, 3, 3, 4]);
        $material = fn () => $chance->one(['metal', 'plastic']);
        $boxes = [['id' => 'F', 'kind' => 'supply', 'label' => 'Feed', 'at' => [200, 200]]];
        $devices = [['id' => 'PS', 'in' => 'F', 'model' => "$practice-supply", 'breakerA' => $practice === 'na' ? 15 : 6]
            + ($practice === 'gb' ? ['rcdMa' => 30] : [])];
        $cables = $chain = $lights = [];
        for ($i = 1; $i <= $switches; $i++) {
            $model = $switches === 1 ? 'single' : ($i === 1 || $i === $switches ? 'end' : 'middle');
            $boxes[] = ['id' => "K$i", 'kind' => 'switch-box', 'label' => array_pop($places), 'material' => $material(), 'at' => [500 * $i, 1200]]
                + ($practice === 'na' ? ['volumeIn3' => $chance->one([18.0, 20.3, 22.5, 30.3])] : []);
            $devices[] = ['id' => "S$i", 'in' => "K$i", 'model' => $parts[$model]];
            $chain[] = "K$i";
        }
        for ($i = 1, $many = $chance->one([1, 1, 1, 2]); $i <= $many; $i++) {
            $boxes[] = ['id' => "H$i", 'kind' => 'light-box', 'label' => array_pop($places), 'material' => $material(), 'at' => [700 * $i, 300]]
                + ($practice === 'na' ? ['volumeIn3' => 21.5] : []);
            $devices[] = ['id' => "L$i", 'in' => "H$i", 'model' => $chance->one($parts['lamps'])];
            $lights[] = "H$i";
        }
        $run = function (string $from, string $to) use (&$cables, $chance): void {
            $cables[] = ['id' => 'W'.(count($cables) + 1), 'type' => 'any', 'from' => $from, 'to' => $to, 'lengthM' => $chance->one([1.5, 2.0, 3.5])];
        };
        foreach (array_slice($chain, 1) as $i => $box) {
            $run($chain[$i], $box);
        }
        $run('F', $chance->one([...$chain, $lights[0]]));
        $run($chance->one($chain), $lights[0]);
        foreach (array_slice($lights, 1) as $i => $box) {
            $run($lights[$i], $box);
        }

        return [
            'format' => 'zwindle-board', 'version' => 1, 'title' => implode(' and ', array_slice(array_column($boxes, 'label'), 1, 2)),
            'practice' => $practice, 'code' => $chance->one($parts['code']), 'enclosures' => $boxes, 'devices' => $devices, 'cables' => $cables,
            'controls' => [[
                'lamps' => array_map(fn (string $light) => 'L'.substr($light, 1), $lights),
                'switches' => array_map(fn (string $box) => 'S'.substr($box, 1), $chain),
            ]],
            'requirements' => ['scheme' => 'any', 'neutralAtSwitches' => $chance->one(['by-code', 'none'])],
        ];
    }
}
