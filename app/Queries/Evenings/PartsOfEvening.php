<?php

declare(strict_types=1);

namespace App\Queries\Evenings;

use App\Models\Evening;
use Zwindle\Board\Device;

/** The parts at the stations of an evening that are checked before it. */
final class PartsOfEvening
{
    /** @return list<Device> switches and lamps of the board, in its order */
    public static function of(Evening $evening): array
    {
        return array_values(array_filter(
            $evening->task->boardFile->drawing()->devices,
            fn (Device $device) => in_array($device->model->kind->value, ['switch', 'lamp'], true),
        ));
    }
}
