<?php

declare(strict_types=1);

namespace Zwindle\Format\Write;

use Zwindle\Board\Wiring\Joint;
use Zwindle\Board\Wiring\Wiring;
use Zwindle\Catalogue\Devices\DeviceModel;

/** A wiring in the shape of the wiring file. */
final class WiringArray
{
    /** @return array<string, mixed> */
    public static function of(Wiring $wiring): array
    {
        $marks = [];
        foreach ($wiring->marks as $point => $as) {
            $marks[] = ['point' => $point, 'as' => $as->value];
        }

        return [
            'format' => 'zwindle-wiring',
            'version' => 1,
            'board' => $wiring->board->title,
            'joints' => array_map(self::joint(...), $wiring->joints),
            'caps' => $wiring->caps,
            'marks' => $marks,
            'fitted' => (object) array_map(fn (DeviceModel $model) => $model->id, $wiring->fitted),
        ];
    }

    /** @return array<string, mixed> */
    private static function joint(Joint $joint): array
    {
        $array = ['in' => $joint->enclosure, 'points' => $joint->points, 'by' => $joint->by->value];

        return $joint->ports === null ? $array : [...$array, 'ports' => $joint->ports];
    }
}
