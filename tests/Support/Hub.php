<?php

declare(strict_types=1);

namespace Tests\Support;

use Zwindle\Board\Board;

/** Ten four-ways and two three-ways, each on a spoke of its own round one junction box, which the feed and the light share. */
final class Hub
{
    /** @param  array<int, string>  $types  spoke → cable, where it is not of four cores */
    public static function board(array $types = []): Board
    {
        $enclosures = [
            ['id' => 'SRC', 'kind' => 'supply'],
            ['id' => 'J', 'kind' => 'junction-box', 'material' => 'plastic'],
            ['id' => 'L1', 'kind' => 'light-box', 'material' => 'plastic'],
        ];
        $devices = [['id' => 'PS', 'in' => 'SRC', 'model' => 'na-supply'], ['id' => 'LA', 'in' => 'L1', 'model' => 'na-lampholder']];
        $cables = [[
            'id' => 'W0',
            'type' => 'na-14-2',
            'from' => 'SRC',
            'to' => 'J',
        ], ['id' => 'WL', 'type' => 'na-14-2', 'from' => 'J', 'to' => 'L1']];
        for ($i = 0; $i < 12; $i++) {
            $enclosures[] = ['id' => "B$i", 'kind' => 'switch-box', 'material' => 'plastic'];
            $devices[] = ['id' => "S$i", 'in' => "B$i", 'model' => $i < 2 ? 'na-switch-3way' : 'na-switch-4way'];
            $cables[] = ['id' => "X$i", 'type' => $types[$i] ?? 'na-14-4', 'from' => 'J', 'to' => "B$i"];
        }

        return Build::board(Build::boardArray([
            'code' => 'NEC-2008', 'enclosures' => $enclosures, 'devices' => $devices, 'cables' => $cables,
            'controls' => [['lamps' => ['LA'], 'switches' => array_map(fn (int $i) => "S$i", range(0, 11))]],
        ]));
    }
}
